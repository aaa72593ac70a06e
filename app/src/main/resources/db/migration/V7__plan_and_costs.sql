-- What was decided of the round is one more part of an examination; a check of a table can only be changed with the table.
create table examination_next (
    id integer primary key,
    job_id integer not null references job (id),
    part text not null
        check (part in ('INTAKE', 'SIGNS', 'PLUGS', 'INSIDE', 'CRANKCASE', 'VALVES', 'STEPS', 'ROUND')),
    document text not null check (json_valid(document)),
    description text not null,
    at text not null,
    removed integer not null default 0
);
insert into examination_next select id, job_id, part, document, description, at, removed from examination;
drop table examination;
alter table examination_next rename to examination;
create index examination_by_job on examination (job_id, part, id);

-- What work costs in this shop; one row at most.
create table costs (
    id integer primary key check (id = 1),
    document text not null check (json_valid(document))
);
