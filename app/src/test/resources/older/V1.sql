insert into engine (id, name, cylinders, document) values (1, 'Gannet', 4, '{"name":"Gannet","layout":"INLINE","banks":[{"side":"ONLY","cylinders":[1,2,3,4]}],"boreMm":86.0,"strokeMm":86.0,"compressionRatio":10.0}');
insert into job (id, engine_id, date, complaint, technician, document, revision, changed_at) values (1, 1, '2026-10-01', 'Old words', 'M. Tern', '{"date":"2026-10-01","complaint":"New words","technician":"M. Tern"}', 7, '2026-10-01T09:00:00Z');
update job set complaint = 'New words' where id = 1;
insert into compression_pass (id, job_id, kind, conditions) values (1, 1, 'DRY', '{"temperature":"HOT"}');
insert into compression_reading (id, pass_id, key, cylinder, final_only, taken_at) values (1, 1, 'a', 1, 1, '2026-10-01T09:01:00Z'), (2, 1, 'b', 2, 0, '2026-10-01T09:02:00Z'), (3, 1, 'c', 3, 1, '2026-10-01T09:03:00Z');
insert into compression_stroke (id, reading_id, number, kpa) values (1, 1, 1, 1200), (2, 2, 1, 600), (3, 2, 2, 1150), (4, 3, 1, 1180);
update compression_reading set set_aside = 'adapter leaked' where id = 3;
insert into change (id, job_id, at, kind, target_id, description, before, after) values
    (1, 1, '2026-10-01T09:00:00Z', 'JOB_CHANGED', 1, 'change of the job', '{"date":"2026-10-01","complaint":"Old words","technician":"M. Tern"}', '{"date":"2026-10-01","complaint":"New words","technician":"M. Tern"}'),
    (2, 1, '2026-10-01T09:00:30Z', 'CONDITIONS_CHANGED', 1, 'change of conditions', '{}', '{"temperature":"HOT"}'),
    (3, 1, '2026-10-01T09:01:00Z', 'READING_ADDED', 1, 'dry reading on cylinder 1', null, null),
    (4, 1, '2026-10-01T09:02:00Z', 'READING_ADDED', 2, 'dry reading on cylinder 2', null, null),
    (5, 1, '2026-10-01T09:02:30Z', 'STROKE_ADDED', 3, 'stroke 2 of cylinder 2', null, null),
    (6, 1, '2026-10-01T09:03:00Z', 'READING_ADDED', 3, 'dry reading on cylinder 3', null, null),
    (7, 1, '2026-10-01T09:04:00Z', 'READING_SET_ASIDE', 3, 'setting aside of cylinder 3', null, 'adapter leaked');
update shop set leading_school = 'WITHIN_10';
