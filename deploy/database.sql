-- The two roles and the database on a PostgreSQL of your own, once, as its administrator:  psql -v owner_password=… -v service_password=… -f deploy/database.sql
-- datura owns the tables and brings them up to date; datura_service works with them and can change none of their rules.
create role datura login password :'owner_password';
create role datura_service login password :'service_password';
create database datura owner datura;
revoke all on database datura from public;
grant connect on database datura to datura_service;
