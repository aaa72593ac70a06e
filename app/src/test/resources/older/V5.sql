insert into correction (id, job_id, at, words) values (51, 1, '2026-10-05T09:00:00Z', 'leak-down moved from cylinder 2 to 4');
update leakdown_reading set cylinder = 4 where id = 1;
insert into change (id, job_id, at, target_id, description, edits) values
    (51, 1, '2026-10-05T09:00:00Z', 0, 'leak-down moved', '[["leakdown_reading",1,"cylinder",2,4],["correction",51,"removed",1,0]]');
