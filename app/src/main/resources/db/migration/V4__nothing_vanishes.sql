-- The revision of the job that its headline was worked out for: another one means that it has to be worked out anew.
alter table job add column headline_of integer;

-- A reading as it was sent in, so that the same key with other content is told from the same reading sent twice.
alter table compression_reading add column sent text;
alter table leakdown_reading add column sent text;

-- Questions about a pass that somebody has answered, as a JSON list of their kinds.
alter table compression_pass add column settled text not null default '[]' check (json_valid(settled));

-- What was put right afterwards, in a sentence: the trail of readings that were moved or converted.
create table correction (
    id integer primary key,
    job_id integer not null references job (id),
    at text not null,
    words text not null,
    removed integer not null default 0
);
create index correction_by_job on correction (job_id);

-- Numbers of photos begin again after a restore; a key never does, so no browser shows an old photo for a new one.
alter table photo add column key text;
update photo set key = lower(hex(randomblob(16)));
create unique index photo_by_key on photo (key);

-- 0 done, 1 undone and can be redone, 2 undone and given up because something else was done after it.
update change set undone = 2
where undone = 1 and id < (select max(c.id) from change c where c.job_id = change.job_id and c.undone = 0);

-- Swapped plugs had their trail among the findings; now there is one trail.
insert into correction (job_id, at, words)
select job_id, at, description from examination where removed = 0 and description like '% swapped';
