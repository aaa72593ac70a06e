-- Files of waveforms as they came, compressed in pieces, and what was made of them.
create table waveform_file (
    id integer primary key,
    key text not null unique,
    job_id integer not null references job (id),
    name text not null,
    bytes integer not null,
    at text not null
);
create table waveform_piece (
    id integer primary key,
    job_id integer not null references job (id),
    file_key text not null,
    number integer not null,
    content blob not null,
    unique (file_key, number)
);
create table waveform (
    id integer primary key,
    job_id integer not null references job (id),
    file_key text,
    document text not null,
    step real not null,
    samples blob not null,
    taken_at text not null,
    removed integer not null default 0
);
create index waveform_of_job on waveform (job_id);
create index waveform_piece_of_job on waveform_piece (job_id);
create index waveform_file_of_job on waveform_file (job_id);
