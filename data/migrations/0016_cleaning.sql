-- What was cleaned, and what a test found afterwards. Added to only: a test that was wrong is followed by another.
create table cleaning_entry (
  bakery_id uuid not null references bakery,
  id uuid not null,
  equipment text not null check (length(equipment) <= 120),
  did text not null check (did in ('wiped', 'washed', 'tested')),
  allergen text,
  found boolean,
  note text check (length(note) <= 500),
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  check ((did = 'tested') = (allergen is not null and found is not null))
);
create index cleaning_entry_by_test on cleaning_entry (bakery_id, lower(equipment), allergen, kept_at desc) where did = 'tested';
alter table cleaning_entry enable row level security;
alter table cleaning_entry force row level security;
create policy own_bakery on cleaning_entry using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create trigger journal_change after insert on cleaning_entry for each row execute function journal_change('id');
grant select, insert on cleaning_entry to fair_tin_app;
