create table missions (
  id text primary key,
  revision integer not null,
  schema integer not null,
  title text not null,
  summary text not null,
  created_at text not null,
  updated_at text not null,
  deleted_at text
) strict;

create table edits (
  mission_id text not null references missions (id),
  revision integer not null,
  edit_id text not null,
  tab text not null,
  label text not null,
  kind text not null check (kind in ('do', 'undo', 'redo')),
  target text not null,
  schema integer not null,
  patch text not null,
  inverse text not null,
  made_at text not null,
  primary key (mission_id, revision),
  unique (mission_id, edit_id)
) strict;

create index edits_by_tab on edits (mission_id, tab, revision);

create table checkpoints (
  mission_id text not null references missions (id),
  revision integer not null,
  schema integer not null,
  document text not null,
  primary key (mission_id, revision)
) strict;

create table assets (
  hash text primary key,
  bytes blob not null
) strict;
