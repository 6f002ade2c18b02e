-- jobs from elsewhere whose lines are still being written, some at a time; until then nobody sees them
create table coming (
  number integer primary key,
  opened_by text not null,
  taken_in integer not null,
  begun_at text not null
) strict;
