-- the id of the owner's customer card; empty if there is none. Rebuilding the summaries fills it in.
alter table job_summary add column customer text not null default '';
create index job_summary_serial on job_summary (serial);
create index job_summary_owner on job_summary (owner);
create index job_summary_customer on job_summary (customer);

-- minutes at the bench, by job, month, kind of work and person
create table work_done (
  job integer not null,
  month text not null,
  work text not null,
  person text not null,
  minutes integer not null,
  primary key (job, month, work, person)
) strict, without rowid;
create index work_done_month on work_done (month, work);

-- cameras that came back, each with its earlier job
create table came_back (
  job integer primary key,
  earlier integer not null,
  judged text,
  covered integer
) strict;
