-- Documents are the same JSON as in the case file. Columns beside them are what is searched, ordered or guarded.

create table engine (
    id integer primary key,
    name text not null,
    cylinders integer not null check (cylinders between 1 and 16),
    revision integer not null default 1,
    document text not null check (json_valid(document))
);

create table job (
    id integer primary key,
    engine_id integer not null references engine (id),
    date text not null,
    complaint text not null,
    technician text not null,
    document_revision integer not null default 1,
    document text not null check (json_valid(document)),
    -- Counts every change of the job, so that another window can see that it is behind.
    revision integer not null default 0,
    -- The verdict of the engine as of the last change, for the list.
    headline text not null default '',
    tone text not null default 'EMPTY',
    changed_at text not null
);
create index job_by_date on job (date desc, id desc);
create index job_by_engine on job (engine_id);

create table compression_pass (
    id integer primary key,
    job_id integer not null references job (id),
    kind text not null check (kind in ('DRY', 'WET')),
    revision integer not null default 1,
    conditions text not null check (json_valid(conditions)),
    removed integer not null default 0
);
create index compression_pass_by_job on compression_pass (job_id);

-- A reading is one attempt at one cylinder. Rows are added, marked as removed by undo, never overwritten.
create table compression_reading (
    id integer primary key,
    pass_id integer not null references compression_pass (id),
    key text not null unique,
    cylinder integer not null check (cylinder between 1 and 16),
    final_only integer not null,
    oil_ml real,
    set_aside text,
    taken_at text not null,
    removed integer not null default 0
);
create index compression_reading_by_pass on compression_reading (pass_id);

create table compression_stroke (
    id integer primary key,
    reading_id integer not null references compression_reading (id),
    number integer not null check (number >= 1),
    kpa real not null check (kpa between 0 and 7000),
    removed integer not null default 0
);
create unique index compression_stroke_once on compression_stroke (reading_id, number) where removed = 0;

-- What was done to a job, so that it can be undone.
create table change (
    id integer primary key,
    job_id integer not null references job (id),
    at text not null,
    kind text not null,
    target_id integer not null,
    description text not null,
    before text,
    after text,
    undone integer not null default 0
);
create index change_by_job on change (job_id, id);

create table shop (
    id integer primary key check (id = 1),
    leading_school text not null
);
insert into shop (id, leading_school) values (1, 'LOWEST_75');
