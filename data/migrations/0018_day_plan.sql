-- What was set by hand for a day of bakes: seen and changed by everybody who bakes, on whatever tablet.
create table day_plan (
  bakery_id uuid not null default current_bakery() references bakery,
  day date not null,
  body jsonb not null,
  version int not null default 1,
  primary key (bakery_id, day)
);
alter table day_plan enable row level security;
alter table day_plan force row level security;
create policy own_bakery on day_plan using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create trigger journal_change after insert or update on day_plan for each row execute function journal_change('day');
grant select, insert, update on day_plan to fair_tin_app;
