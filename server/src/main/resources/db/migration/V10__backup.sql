-- backups that were made, so that everybody sees how old the last good one is
create table backup (
  id integer primary key,
  made_at text not null,
  file text not null,
  bytes integer not null,
  lines integer not null,
  problem text not null
) strict;
