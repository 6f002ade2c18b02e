-- a shop has several trays: the one it had becomes the first of a list
update setting
   set value = json_set(
         json_remove(value, '$.trayRows', '$.trayColumns'),
         '$.trays', json_array(json_object(
           'name', '', 'rows', json_extract(value, '$.trayRows'), 'columns', json_extract(value, '$.trayColumns'))),
         '$.ownerAgreesFirst', json('true'))
 where name = 'practice' and json_extract(value, '$.trays') is null;

-- numbers of the trays in which a job's pieces lie, and what tells its pattern to the eye, one a line
alter table job_summary add column trays text not null default '';
alter table job_summary add column features text not null default '';

-- a model that is new here is looked up by its family
create index job_summary_family on job_summary (family, job);
