-- The list asks for headlines that are behind each time it is shown; mostly there are none.
create index job_with_old_headline on job (date desc, id desc) where headline_of is not revision;
-- How the record and the lesson of a shop find what was found.
create index examination_of_found on examination (job_id) where part = 'FOUND' and removed = 0 and document <> '{}';

-- What bleed holes said of a tester, each time it was checked. The tester itself holds what they say together.
create table tester_check (
    id integer primary key,
    tester_id integer not null references tester (id),
    document text not null check (json_valid(document))
);
create index tester_check_by_tester on tester_check (tester_id);
