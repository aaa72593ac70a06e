insert into examination (id, job_id, part, document, description, at) values (71, 1, 'ROUND', '{"excluded":{"SMOKE":true}}', 'the round', '2026-10-07T09:00:00Z');
insert into change (id, job_id, at, target_id, description, edits) values
    (71, 1, '2026-10-07T09:00:00Z', 0, 'the round', '[["examination",71,"removed",1,0]]');
insert into costs (id, document) values (1, '{}');
