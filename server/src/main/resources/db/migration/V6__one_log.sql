-- every log in one table: a job's by its number, the shop's own below 0 (-1 shelf, -2 house, -3 knowledge)
create table line (
  log integer not null,
  sequence integer not null,
  id text not null unique,
  at text not null,
  signer text not null,
  before text,
  body text not null,
  primary key (log, sequence)
) strict, without rowid;

insert into line (log, sequence, id, at, signer, before, body)
select job, sequence, id, at, signer, before, body from entry order by job, sequence;
insert into line (log, sequence, id, at, signer, before, body)
select -1, sequence, id, at, signer, null, body from shelf_entry order by sequence;

drop table entry;
drop table shelf_entry;

-- which version of itself wrote each table that is made from the logs; one that is not named here is made anew
create table projection (
  name text primary key,
  version integer not null
) strict;
