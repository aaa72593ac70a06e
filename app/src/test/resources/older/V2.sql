insert into examination (id, job_id, part, document, description, at) values
    (1, 1, 'PLUGS', '{"plugs":{"1":{"shade":"TAN"},"2":{"shade":"BLACK"}}}', 'plugs 1, 2', '2026-10-02T09:00:00Z'),
    (2, 1, 'PLUGS', '{"plugs":{"1":{"shade":"BLACK"},"2":{"shade":"TAN"}}}', 'plugs 1 and 2 swapped', '2026-10-02T09:10:00Z');
insert into photo (id, job_id, part, cylinder, media_type, content, taken_at) values (1, 1, 'PLUGS', 2, 'image/png', x'89504E470D0A1A0A', '2026-10-02T09:05:00Z');
insert into service_entry (id, engine_id, date, document) values (1, 1, '2026-09-01', '{"date":"2026-09-01","kind":"OIL_CHANGE","hours":100.0}');
insert into change (id, job_id, at, kind, target_id, description) values
    (20, 1, '2026-10-02T08:00:00Z', 'SERVICE_ADDED', 1, 'oil change in the service log'),
    (21, 1, '2026-10-02T09:00:00Z', 'EXAMINATION_CHANGED', 1, 'plugs 1, 2'),
    (22, 1, '2026-10-02T09:05:00Z', 'PHOTO_ADDED', 1, 'photo of cylinder 1');
update shop set leading_plug_school = 'EVENNESS_AND_OIL';
