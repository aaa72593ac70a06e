-- What was looked at before the gauges. Each change of a part adds a row with the whole part as it then was; the newest
-- row that is not removed counts, the others are its trail.
create table examination (
    id integer primary key,
    job_id integer not null references job (id),
    part text not null check (part in ('INTAKE', 'SIGNS', 'PLUGS', 'INSIDE', 'CRANKCASE', 'VALVES', 'STEPS')),
    document text not null check (json_valid(document)),
    description text not null,
    at text not null,
    removed integer not null default 0
);
create index examination_by_job on examination (job_id, part, id);

create table photo (
    id integer primary key,
    job_id integer not null references job (id),
    part text not null check (part in ('PLUGS', 'INSIDE')),
    cylinder integer not null check (cylinder between 1 and 16),
    media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
    content blob not null,
    taken_at text not null,
    removed integer not null default 0
);
create index photo_by_job on photo (job_id);

-- The service log belongs to the engine, so that the next job knows it.
create table service_entry (
    id integer primary key,
    engine_id integer not null references engine (id),
    date text not null,
    document text not null check (json_valid(document)),
    removed integer not null default 0
);
create index service_entry_by_engine on service_entry (engine_id, date);

alter table shop add column leading_plug_school text not null default 'FULL_READING';
