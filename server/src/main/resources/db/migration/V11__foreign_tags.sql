-- a job that was taken in may keep the tag it had elsewhere, but the shop goes on counting its own
alter table job add column taken_in integer not null default 0;
