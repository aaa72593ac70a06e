insert into correction (id, job_id, at, words) values (41, 1, '2026-10-04T09:00:00Z', 'dry reading moved from cylinder 4 to 1'), (42, 1, '2026-10-04T09:01:00Z', 'dry pass read as psi instead of kPa'), (43, 1, '2026-10-04T09:02:00Z', 'strokes split'), (44, 1, '2026-10-04T09:03:00Z', 'leak-down moved'), (45, 1, '2026-10-04T09:04:00Z', 'plugs 1 and 2 swapped again');
insert into compression_reading (id, pass_id, key, cylinder, final_only, taken_at) values (10, 1, 'm', 1, 1, '2026-10-04T09:02:00Z'), (11, 1, 'n', 2, 1, '2026-10-04T09:02:00Z');
insert into compression_stroke (id, reading_id, number, kpa) values (10, 10, 1, 600), (11, 11, 1, 1150);
update compression_reading set set_aside = 'was one value each of several cylinders' where id = 2;
update compression_pass set settled = '["UNIT"]' where id = 1;
insert into change (id, job_id, at, kind, target_id, description, before, after) values
    (41, 1, '2026-10-04T09:00:00Z', 'READING_MOVED', 1, 'moved', '{"cylinder":4,"correction":41}', '{"cylinder":1,"correction":41}'),
    (42, 1, '2026-10-04T09:01:00Z', 'PASS_CONVERTED', 1, 'converted', '{"kpa":{"1":120.0,"4":118.0},"correction":42}', '{"kpa":{"1":1200.0,"4":1180.0},"correction":42}'),
    (43, 1, '2026-10-04T09:02:00Z', 'READING_SPLIT', 2, 'split', '{"made":[10,11],"correction":43}', '{"made":[10,11],"setAside":"was one value each of several cylinders","correction":43}'),
    (44, 1, '2026-10-04T09:03:00Z', 'LEAKDOWN_MOVED', 1, 'leak-down moved', '{"cylinder":3,"reading":{"kind":"STANDARD","cylinderKPa":600.0},"correction":44}', '{"cylinder":2,"reading":{"kind":"STANDARD","cylinderKPa":600.0,"heard":{"INTAKE":"LOUD"}},"correction":44}'),
    (45, 1, '2026-10-04T09:04:00Z', 'EXAMINATION_SWAPPED', 2, 'plugs swapped', '{"part":"PLUGS","one":1,"other":2,"correction":45}', '{"part":"PLUGS","one":1,"other":2,"correction":45}'),
    (46, 1, '2026-10-04T09:05:00Z', 'PASS_SETTLED', 1, 'settled', '[]', '["UNIT"]');
