-- What was said before an engine was opened or a job closed, as it was said then. A row is added and never changed; undo of
-- the step that opened it marks it as removed.
create table prediction (
    id integer primary key,
    job_id integer not null references job (id),
    document text not null check (json_valid(document)),
    removed integer not null default 0
);
create index prediction_by_job on prediction (job_id);

-- What the shop took over of what its outcomes say, newest last; taking one back marks it as removed.
create table lesson (
    id integer primary key,
    at text not null,
    document text not null check (json_valid(document)),
    removed integer not null default 0
);

-- A photo may be of the engine as a whole: its cylinder is 0.
create table photo_of_the_whole (
    id integer primary key,
    job_id integer not null references job (id),
    part text not null,
    cylinder integer not null check (cylinder between 0 and 16),
    media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
    content blob not null,
    taken_at text not null,
    removed integer not null default 0,
    key text not null
);
insert into photo_of_the_whole select id, job_id, part, cylinder, media_type, content, taken_at, removed, key from photo;
drop table photo;
alter table photo_of_the_whole rename to photo;
create index photo_by_job on photo (job_id);
create unique index photo_by_key on photo (key);

-- Which parts an examination has is said in the code and nowhere here. Without its check the table is the same as before.
create table examination_of_any_part (
    id integer primary key,
    job_id integer not null references job (id),
    part text not null,
    document text not null check (json_valid(document)),
    description text not null,
    at text not null,
    removed integer not null default 0
);
insert into examination_of_any_part select id, job_id, part, document, description, at, removed from examination;
drop table examination;
alter table examination_of_any_part rename to examination;
create index examination_by_job on examination (job_id, part, id);

-- What jobs are found again by, worked out with the headline; and what engines of one make and type are called together.
alter table job add column suspect text not null default '';
alter table job add column open_findings integer not null default 0;
alter table engine add column family text not null default '';
-- Headlines are worked out anew, with what stands beside them now.
update job set headline_of = null;

-- An engine that was entered twice: its jobs and all it has went to the other one.
alter table engine add column merged_into integer references engine (id);
