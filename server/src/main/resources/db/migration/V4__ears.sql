-- guesses by ear, and what was measured after them; made anew from a job's log whenever that changes
create table ear (
  job integer not null,
  said_at text not null,
  person text not null,
  speed text not null,
  guessed_ev real not null,
  measured_ev real not null
) strict;

create index ear_person on ear (person, said_at);
create index ear_job on ear (job);
