-- whose it is by the customer's card, where there is one; filled when summaries are made anew
alter table job_summary add column customer text not null default '';
create index job_summary_serial on job_summary (serial);
create index job_summary_owner on job_summary (owner);
create index job_summary_customer on job_summary (customer);

-- minutes that were worked, by the month in which they were
create table work_done (
  job integer not null,
  month text not null,
  work text not null,
  person text not null,
  minutes integer not null,
  primary key (job, month, work, person)
) strict, without rowid;
create index work_done_month on work_done (month, work);

-- cameras that came back, each with the job that it belongs to
create table came_back (
  job integer primary key,
  earlier integer not null,
  judged text,
  covered integer
) strict;
