-- The shop's orifice adapters, slack tubes and digital gauges. A reading holds the numbers of those it was taken with, so
-- a change here changes no earlier reading.
create table crankcase_tool (
    id integer primary key,
    kind text not null check (kind in ('ADAPTER', 'SLACK_TUBE', 'DIGITAL')),
    revision integer not null default 1,
    document text not null check (json_valid(document)),
    removed integer not null default 0
);

-- One reading of crankcase pressure. Rows are added, marked as removed by undo, never overwritten but to put one right.
create table blowby_reading (
    id integer primary key,
    job_id integer not null references job (id),
    key text not null unique,
    sent text,
    document text not null check (json_valid(document)),
    set_aside text,
    taken_at text not null,
    removed integer not null default 0
);
create index blowby_reading_by_job on blowby_reading (job_id);

-- The oil log belongs to the engine, across its jobs.
create table oil_entry (
    id integer primary key,
    engine_id integer not null references engine (id),
    key text not null unique,
    sent text,
    document text not null check (json_valid(document)),
    set_aside text,
    removed integer not null default 0
);
create index oil_entry_by_engine on oil_entry (engine_id);

create table oil_trial (
    id integer primary key,
    engine_id integer not null references engine (id),
    document text not null check (json_valid(document)),
    set_aside text,
    removed integer not null default 0
);
create index oil_trial_by_engine on oil_trial (engine_id);

-- What falls due by a person's word: a retest, with the day it was promised for.
create table reminder (
    id integer primary key,
    engine_id integer not null references engine (id),
    date text not null,
    words text not null,
    removed integer not null default 0
);
create index reminder_by_engine on reminder (engine_id);
