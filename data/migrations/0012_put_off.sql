-- A matter of Today that somebody looked at and put off to a day: as it stood then. If it says anything else since, it is there again.
create table put_off (
  bakery_id uuid not null default current_bakery() references bakery,
  key text not null check (length(key) between 1 and 400),
  -- a fingerprint of what it said: it may speak of a price, and not everybody sees those
  print text not null,
  until date not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, key)
);
alter table put_off enable row level security;
alter table put_off force row level security;
create policy own_bakery on put_off using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create trigger journal_change after insert or update or delete on put_off for each row execute function journal_change('key');
grant select, insert, update, delete on put_off to fair_tin_app;
