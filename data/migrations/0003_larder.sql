-- The larder's papers and lots: files kept with evidence, deliveries and what was taken of them, how a supplier's list reads.

create table evidence_file (
  bakery_id uuid not null references bakery,
  id text not null,
  ingredient_id text not null,
  evidence_id text not null,
  name text not null,
  -- told by the file's own first bytes, never by its name
  type text not null check (type in ('application/pdf', 'image/png', 'image/jpeg', 'image/webp')),
  bytes bytea not null check (length(bytes) between 1 and 10485760),
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  foreign key (bakery_id, ingredient_id) references ingredient
);
create index evidence_file_by_ingredient on evidence_file (bakery_id, ingredient_id);

-- A delivery is one lot of an ingredient. What is taken or corrected is a new entry beside it.
create table delivery (
  bakery_id uuid not null references bakery,
  id text not null,
  ingredient_id text not null,
  lot text not null,
  received date not null,
  grams numeric not null check (grams > 0),
  use_by date,
  evidence jsonb,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  foreign key (bakery_id, ingredient_id) references ingredient
);
create index delivery_by_ingredient on delivery (bakery_id, ingredient_id, received);
create table stock_entry (
  bakery_id uuid not null references bakery,
  entry bigint generated always as identity,
  delivery_id text not null,
  grams numeric not null check (grams <> 0),
  reason text not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, entry),
  foreign key (bakery_id, delivery_id) references delivery
);
create index stock_entry_by_delivery on stock_entry (bakery_id, delivery_id);
create view stock with (security_invoker = true) as
  select d.bakery_id, d.id, d.ingredient_id, d.lot, d.received, d.grams as delivered, d.use_by, d.evidence,
         d.grams + coalesce((select sum(e.grams) from stock_entry e where e.bakery_id = d.bakery_id and e.delivery_id = d.id), 0) as left_over
  from delivery d;

create table price_list (
  bakery_id uuid not null references bakery,
  supplier text not null,
  columns jsonb not null,
  primary key (bakery_id, supplier)
);

do $$
declare t text;
begin
  foreach t in array array['evidence_file', 'delivery', 'stock_entry', 'price_list'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_bakery on %I using (bakery_id = current_bakery()) with check (bakery_id = current_bakery())', t);
  end loop;
  -- a file's bytes do not go into the journal: it is written once, and its record says by whom
  foreach t in array array['delivery', 'stock_entry', 'price_list'] loop
    execute format('create trigger journal_change after insert or update or delete on %I for each row execute function journal_change()', t);
  end loop;
end $$;
create function person_needed() returns trigger language plpgsql as $$
begin
  if current_person() is null then
    raise exception 'No change without a person: say who is at the bench.' using errcode = 'FT001';
  end if;
  return new;
end $$;
create trigger person_needed before insert on evidence_file for each row execute function person_needed();

grant select, insert on evidence_file, delivery, stock_entry to fair_tin_app;
grant select, insert, update on price_list to fair_tin_app;
grant select on stock to fair_tin_app;
