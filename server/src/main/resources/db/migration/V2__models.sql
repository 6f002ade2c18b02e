-- jobs of a model are looked up whenever a camera of it is opened
create index job_summary_model on job_summary (maker collate nocase, model collate nocase, job);
