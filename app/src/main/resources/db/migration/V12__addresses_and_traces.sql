-- An instrument may stand on a serial line too: one address, as it is typed.
create table instrument_at (
    id integer primary key,
    name text not null,
    kind text not null,
    address text not null,
    removed integer not null default 0
);
insert into instrument_at (id, name, kind, address, removed)
select id, name, kind, host || ':' || port, removed from instrument;
drop table instrument;
alter table instrument_at rename to instrument;

-- What an instrument sent while a reading was taken: comma-separated values, compressed (gzip).
create table trace (
    id integer primary key,
    job_id integer not null references job (id),
    key text not null unique,
    station text not null,
    cylinder integer not null check (cylinder >= 0),
    instrument text not null,
    taken_at text not null,
    reads text not null,
    content blob not null
);
create index trace_of_job on trace (job_id);
