-- Cases that somebody practises on. Only the data folder of the practice room ever holds any.
create table practice_case (
    id integer primary key,
    job_id integer not null unique references job (id),
    key text not null,
    technician text not null,
    begun_at text not null,
    deeds text not null default '[]',
    verdict text,
    finished_at text,
    score real,
    named integer,
    truth text,
    faults text,
    stated text,
    minutes real
);
-- Cases that were made of a shop's own jobs, without a name in them.
create table practice_own (
    id integer primary key,
    document text not null unique
);
