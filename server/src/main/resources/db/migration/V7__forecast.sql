-- when each camera was first thought to be done, so that it can be seen how far such words are right
create table forecast (
  job integer primary key,
  said_at text not null,
  -- seconds since 1970 of twenty-one places of the forecast, from the first to the last; 'never' for later than what is planned
  places text not null
) strict;
