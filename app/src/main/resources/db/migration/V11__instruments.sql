-- Instruments of the shop that speak, and where they stand.
create table instrument (
    id integer primary key,
    name text not null,
    kind text not null,
    host text not null,
    port integer not null check (port between 1 and 65535),
    removed integer not null default 0
);
