-- When a copy of the whole was made last, and whether it was tried: of the deployment, and of no bakery. No copy is told where it lies.
create table backup (
  made_at timestamptz primary key,
  bytes bigint not null,
  sha256 text not null,
  -- restored into an empty database, and every row was there
  tried_at timestamptz
);
grant select on backup to fair_tin_app;
