insert into letterhead (id, document) values (1, '{"shop":"Marrow Sound Yard","line":"","money":"","paper":"A4"}');
