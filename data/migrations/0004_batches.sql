-- Trials of a recipe, parts on the shelf, and what is ordered for which day.

-- A trial is a recipe that might be: tried on the bench, noted, taken into force or not. Its notes grow; nothing is lost.
create table trial (
  bakery_id uuid not null references bakery,
  id text not null,
  recipe_id text not null,
  name text not null,
  notes text not null,
  -- what it changes, and what is new to the larder in it
  body jsonb not null,
  fresh jsonb not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  -- taken into force, or put away: it stays to be read
  closed text check (closed in ('taken', 'put away')),
  primary key (bakery_id, id),
  foreign key (bakery_id, recipe_id) references recipe
);
create index trial_by_recipe on trial (bakery_id, recipe_id, kept_at);

-- Parts made in bulk: what was made, taken and counted, each an entry of its own.
create table part_entry (
  bakery_id uuid not null references bakery,
  entry bigint generated always as identity,
  -- a recipe, with its version where it is frozen ("blend@2")
  part text not null,
  grams numeric not null check (grams <> 0),
  reason text not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, entry)
);
create index part_entry_by_part on part_entry (bakery_id, part);
create view part_stock with (security_invoker = true) as
  select bakery_id, part, sum(grams) as grams, max(kept_at) as changed_at from part_entry group by bakery_id, part;

create table order_line (
  bakery_id uuid not null references bakery,
  id text not null,
  day date not null,
  product_id text not null,
  -- sales units
  packs integer not null check (packs > 0 and packs <= 100000),
  for_whom text not null,
  cancelled_at timestamptz,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  foreign key (bakery_id, product_id) references product
);
create index order_line_by_day on order_line (bakery_id, day);

do $$
declare t text;
begin
  foreach t in array array['trial', 'part_entry', 'order_line'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_bakery on %I using (bakery_id = current_bakery()) with check (bakery_id = current_bakery())', t);
    execute format('create trigger journal_change after insert or update or delete on %I for each row execute function journal_change()', t);
  end loop;
end $$;
create or replace function journal_change() returns trigger language plpgsql as $$
declare
  before jsonb := case when tg_op <> 'INSERT' then to_jsonb(old) end;
  after jsonb := case when tg_op <> 'DELETE' then to_jsonb(new) end;
  row jsonb := coalesce(after, before);
begin
  if current_person() is null then
    raise exception 'No change without a person: say who is at the bench.' using errcode = 'FT001';
  end if;
  insert into journal (bakery_id, person, kind, subject, change, before, after)
  values ((row ->> 'bakery_id')::uuid, current_person(), tg_table_name,
          coalesce(row ->> 'ingredient_id', row ->> 'id', row ->> 'recipe_id', row ->> 'part', tg_table_name), lower(tg_op), before, after);
  return null;
end $$;

grant select, insert on trial, part_entry, order_line to fair_tin_app;
grant update (name, notes, body, fresh, closed) on trial to fair_tin_app;
grant update (packs, for_whom, cancelled_at) on order_line to fair_tin_app;
grant select on part_stock to fair_tin_app;
