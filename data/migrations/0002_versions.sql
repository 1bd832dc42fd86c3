-- Kept versions of a recipe: what it was, under a name, with a reason. Written once, never changed.

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
          coalesce(row ->> 'ingredient_id', row ->> 'id', row ->> 'recipe_id', tg_table_name), lower(tg_op), before, after);
  return null;
end $$;

create table recipe_version (
  bakery_id uuid not null references bakery,
  recipe_id text not null,
  number integer not null,
  name text not null,
  reason text not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  body jsonb not null,
  primary key (bakery_id, recipe_id, number),
  foreign key (bakery_id, recipe_id) references recipe
);

alter table recipe_version enable row level security;
alter table recipe_version force row level security;
create policy own_bakery on recipe_version using (bakery_id = current_bakery()) with check (bakery_id = current_bakery());
create trigger journal_change after insert or update or delete on recipe_version for each row execute function journal_change();
grant select, insert on recipe_version to fair_tin_app;
