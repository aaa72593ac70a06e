-- How this shop signs its reports; one row at most.
create table letterhead (
    id integer primary key check (id = 1),
    document text not null check (json_valid(document))
);
