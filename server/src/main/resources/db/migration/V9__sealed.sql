-- a checksum of each line, so that damage is noticed; lines from before get theirs after the start
alter table line add column seal integer;

-- how many lines were ever written: beside the file stands the same number, so that a journal that was cut or lost is noticed
create table tally (
  one integer primary key check (one = 1),
  lines integer not null
) strict;
insert into tally (one, lines) select 1, count(*) from line;

-- what was found to be damaged, until somebody has taken note of it
create table finding (
  id integer primary key,
  found_at text not null,
  kind text not null,
  log text not null,
  sequence integer not null,
  what text not null,
  remedy text not null,
  noted_at text
) strict;
