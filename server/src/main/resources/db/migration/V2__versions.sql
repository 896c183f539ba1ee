create table versions (
  mission_id text not null references missions (id),
  revision integer not null,
  name text not null,
  named_at text not null,
  primary key (mission_id, revision)
) strict;
