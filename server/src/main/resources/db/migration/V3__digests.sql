-- What a row held when it was written, so that damage inside it is found. Empty for older rows.
alter table edits add column digest text not null default '';
alter table checkpoints add column digest text not null default '';
