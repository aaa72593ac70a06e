-- The shop's leak-down testers; a reading names the tester, so that a later calibration betters earlier readings too.
create table tester (
    id integer primary key,
    name text not null,
    revision integer not null default 1,
    document text not null check (json_valid(document))
);

-- One attempt at one cylinder. Rows are added, marked as removed by undo; only what was heard is added to afterwards.
create table leakdown_reading (
    id integer primary key,
    job_id integer not null references job (id),
    key text not null unique,
    tester_id integer not null references tester (id),
    cylinder integer not null check (cylinder between 1 and 16),
    document text not null check (json_valid(document)),
    set_aside text,
    taken_at text not null,
    removed integer not null default 0
);
create index leakdown_reading_by_job on leakdown_reading (job_id);
