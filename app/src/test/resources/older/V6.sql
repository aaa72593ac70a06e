insert into crankcase_tool (id, kind, document) values (61, 'ADAPTER', '{"name":"10 mm plate","kind":"ADAPTER","orificeMm":10.0}');
insert into blowby_reading (id, job_id, key, document, taken_at) values (61, 1, 'w', '{"point":"IDLE","ventilation":"SHUT","rpm":800.0,"orificeMm":10.0,"instrument":"DIGITAL","pressurePa":40.0}', '2026-10-06T09:00:00Z');
insert into oil_entry (id, engine_id, key, document) values (61, 1, 'x', '{"kind":"DIP","date":"2026-10-06","hours":400.0,"mmFromFull":-2.0}');
insert into reminder (id, engine_id, date, words) values (61, 1, '2026-12-01', 'blow-by again');
insert into change (id, job_id, at, target_id, description, edits) values
    (61, 1, '2026-10-06T09:00:00Z', 0, 'blow-by at idle', '[["blowby_reading",61,"removed",1,0]]'),
    (62, 1, '2026-10-06T09:01:00Z', 0, 'a dip in the oil log', '[["oil_entry",61,"removed",1,0]]');
