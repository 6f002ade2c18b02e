-- who works here. An account that ended stays, since its lines do.
create table person (
  id text primary key,
  name text not null collate nocase,
  role text not null,
  only_job integer,
  money integer not null,
  customers integer not null,
  passphrase text not null,
  pin text not null,
  made_at text not null,
  ended_at text
) strict;

create unique index person_name on person (name) where ended_at is null;

-- benches at which a PIN is enough; of their secrets only a fingerprint is kept
create table device (
  id text primary key,
  secret text not null unique,
  name text not null,
  trusted_by text not null references person (id),
  made_at text not null,
  seen_at text not null,
  ended_at text
) strict;

create table session (
  id text primary key,
  secret text not null unique,
  person text references person (id),
  signer text not null,
  signed_by text not null,
  device text references device (id),
  only_job integer,
  bench text not null,
  begun_at text not null,
  seen_at text not null,
  ended_at text
) strict;

create index session_open on session (ended_at, seen_at);

-- wrong guesses in a row, by what was guessed and from where
create table guess (
  about text primary key,
  wrong integer not null,
  last_at text not null
) strict, without rowid;
