create table studio (
    id   text primary key,
    name text not null
);

insert into studio (id, name) values ('own', 'Own studio');
