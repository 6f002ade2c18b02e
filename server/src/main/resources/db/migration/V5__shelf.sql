-- what lies on the shelf, as a log of its own: rows are added, never changed
create table shelf_entry (
  sequence integer primary key,
  id text not null unique,
  at text not null,
  signer text not null,
  body text not null
) strict;

-- parts that cameras needed, and what was tried to fit; made anew from a job's log whenever that changes
create table part_need (
  job integer not null,
  part text not null,
  what text not null,
  opened_at text not null,
  open integer not null
) strict;
create index part_need_job on part_need (job);

create table part_fit (
  job integer not null,
  at text not null,
  part text not null,
  from_maker text not null,
  from_model text not null,
  from_pattern text not null,
  outcome text not null
) strict;
create index part_fit_job on part_fit (job);

-- needs of jobs from before this table; none was struck, or it is set right at the job's next line
insert into part_need (job, part, what, opened_at, open)
select job, json_extract(body, '$.part'), json_extract(body, '$.what'), at,
       not exists (select 1 from entry later
                    where later.job = entry.job and later.sequence > entry.sequence
                      and json_extract(later.body, '$.kind') in ('replaced', 'needDropped')
                      and json_extract(later.body, '$.part') = json_extract(entry.body, '$.part'))
  from entry
 where json_extract(body, '$.kind') = 'needOpened';
