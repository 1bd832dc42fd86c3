-- That somebody practised, and what came of it: for new staff, and as the yearly refresher. Added to only.
create table practice_entry (
  bakery_id uuid not null references bakery,
  entry bigint generated always as identity,
  caught text[] not null,
  missed text[] not null,
  needless integer not null check (needless >= 0),
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, entry)
);
create index practice_entry_by_person on practice_entry (bakery_id, kept_by, entry);
alter table practice_entry enable row level security;
alter table practice_entry force row level security;
create policy own_bakery on practice_entry using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create trigger journal_change after insert on practice_entry for each row execute function journal_change('kept_by');
grant select, insert on practice_entry to fair_tin_app;
