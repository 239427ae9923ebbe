-- Which kinds there are is the service's business, so that a new one needs no change here.
alter table document drop constraint document_kind_check;
alter table document add check (length(kind) between 1 and 40);
