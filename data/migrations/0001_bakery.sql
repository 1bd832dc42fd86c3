-- One bakery's rows never meet another's: bakery_id first in every key, row-level security on and forced.
-- The application connects as fair_tin_app, which owns nothing; every transaction names its bakery and its person.

create function current_bakery() returns uuid language sql stable
  as $$ select nullif(current_setting('fair_tin.bakery', true), '')::uuid $$;
create function current_person() returns text language sql stable
  as $$ select nullif(current_setting('fair_tin.person', true), '') $$;

create table bakery (
  bakery_id uuid primary key,
  name text not null
);
create table staff (
  bakery_id uuid not null references bakery,
  id text not null,
  name text not null,
  primary key (bakery_id, id)
);

-- What is in force now. Each body is validated by the application; `version` counts the changes for optimistic locking.
create table ingredient (
  bakery_id uuid not null references bakery,
  id text not null,
  version integer not null default 1,
  name text not null,
  facts jsonb not null,
  removed_at timestamptz,
  primary key (bakery_id, id)
);
create table pack (
  bakery_id uuid not null,
  ingredient_id text not null,
  from_date date not null,
  grams numeric not null check (grams > 0),
  price numeric not null check (price >= 0),
  currency char(3) not null,
  primary key (bakery_id, ingredient_id, from_date, grams, price, currency),
  foreign key (bakery_id, ingredient_id) references ingredient
);
create table recipe (
  bakery_id uuid not null references bakery,
  id text not null,
  version integer not null default 1,
  name text not null,
  body jsonb not null,
  removed_at timestamptz,
  primary key (bakery_id, id)
);
create table product (
  bakery_id uuid not null references bakery,
  id text not null,
  version integer not null default 1,
  name text not null,
  recipe_id text not null,
  body jsonb not null,
  removed_at timestamptz,
  primary key (bakery_id, id),
  foreign key (bakery_id, recipe_id) references recipe
);
create index product_by_recipe on product (bakery_id, recipe_id);
create table kitchen (
  bakery_id uuid primary key references bakery,
  version integer not null default 1,
  body jsonb not null,
  evidence jsonb not null
);

-- Every change, with who, when, and what before and after. Nobody may change or delete a row of it.
create table journal (
  bakery_id uuid not null references bakery,
  entry bigint generated always as identity,
  at timestamptz not null default clock_timestamp(),
  person text not null,
  kind text not null,
  subject text not null,
  change text not null,
  before jsonb,
  after jsonb,
  primary key (bakery_id, entry)
);
create index journal_by_subject on journal (bakery_id, kind, subject, entry);

create function journal_change() returns trigger language plpgsql as $$
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
          coalesce(row ->> 'ingredient_id', row ->> 'id', tg_table_name), lower(tg_op), before, after);
  return null;
end $$;

create view ingredient_in_force with (security_invoker = true) as
  select i.bakery_id, i.id, i.version, i.name,
         i.facts || jsonb_build_object('packs', coalesce((
           select jsonb_agg(jsonb_build_object('grams', p.grams, 'price', p.price::text, 'currency', p.currency, 'from', p.from_date) order by p.from_date, p.grams)
           from pack p where p.bakery_id = i.bakery_id and p.ingredient_id = i.id), '[]'::jsonb)) as facts
  from ingredient i where i.removed_at is null;
create view recipe_in_force with (security_invoker = true) as
  select bakery_id, id, version, name, body from recipe where removed_at is null;
create view product_in_force with (security_invoker = true) as
  select bakery_id, id, version, name, recipe_id, body from product where removed_at is null;

do $$
declare t text;
begin
  foreach t in array array['bakery', 'staff', 'ingredient', 'pack', 'recipe', 'product', 'kitchen', 'journal'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_bakery on %I using (bakery_id = current_bakery()) with check (bakery_id = current_bakery())', t);
    if t <> 'journal' and t <> 'bakery' then
      execute format('create trigger journal_change after insert or update or delete on %I for each row execute function journal_change()', t);
    end if;
  end loop;
end $$;

grant select on bakery, staff, ingredient, pack, recipe, product, kitchen, journal, ingredient_in_force, recipe_in_force, product_in_force to fair_tin_app;
grant insert, update on ingredient, recipe, product, kitchen to fair_tin_app;
-- packs are few and edited as a set; the journal keeps what they were
grant insert, delete on pack to fair_tin_app;
grant insert on journal to fair_tin_app;
