-- one row a job, its number being the tag's
create table job (
  number integer primary key,
  opened_by text not null unique
) strict;

-- the body of record: rows are added, never changed; a job's lines lie side by side on disk
create table entry (
  job integer not null references job (number),
  sequence integer not null,
  id text not null unique,
  at text not null,
  signer text not null,
  before text,
  body text not null,
  primary key (job, sequence)
) strict, without rowid;

-- what lists need of each job; can be made anew from the log at any time
create table job_summary (
  job integer primary key references job (number),
  maker text not null,
  model text not null,
  pattern text not null,
  serial text not null,
  family text not null,
  owner text not null,
  complaint text not null,
  cause text not null,
  came_in text not null,
  promised text,
  returned_at text,
  minutes integer not null,
  pieces_off integer not null,
  last_sequence integer not null,
  last_at text not null
) strict;
create index job_summary_open on job_summary (returned_at, job);

create virtual table job_find using fts5 (
  tag, owner, maker, model, serial, complaint,
  tokenize = "unicode61 remove_diacritics 2",
  prefix = '2 3'
);

create table setting (
  name text primary key,
  value text not null
) strict;
