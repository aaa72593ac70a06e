insert into tester (id, name, document) values (1, 'Bench', '{"name":"Bench","kind":"TWO_GAUGES","supplyKPa":690.0,"orificeMm":1.016,"calibrated":false}');
insert into leakdown_reading (id, job_id, key, tester_id, cylinder, document, taken_at) values (1, 1, 'l', 1, 2, '{"kind":"STANDARD","cylinderKPa":600.0,"heard":{"INTAKE":"LOUD"}}', '2026-10-03T09:00:00Z');
insert into change (id, job_id, at, kind, target_id, description, before, after) values
    (30, 1, '2026-10-03T09:00:00Z', 'LEAKDOWN_ADDED', 1, 'leak-down on cylinder 2', null, null),
    (31, 1, '2026-10-03T09:01:00Z', 'LEAKDOWN_CHANGED', 1, 'listening on cylinder 2', '{"kind":"STANDARD","cylinderKPa":600.0}', '{"kind":"STANDARD","cylinderKPa":600.0,"heard":{"INTAKE":"LOUD"}}');
