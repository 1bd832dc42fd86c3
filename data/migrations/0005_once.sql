-- Every change is done once: what was sent under an id is remembered in the transaction that did it, so that sending it again
-- after a lost answer does nothing. And the journal is told by each table what its entries are about.

create table deed (
  bakery_id uuid not null default current_bakery() references bakery,
  id uuid not null,
  -- a fingerprint of what was asked under it
  asked text not null,
  answer jsonb,
  person text not null default current_person(),
  at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id)
);
alter table deed enable row level security;
alter table deed force row level security;
create policy own_bakery on deed using (bakery_id = current_bakery()) with check (bakery_id = current_bakery());
create trigger person_needed before insert on deed for each row execute function person_needed();
grant select, insert on deed to fair_tin_app;

-- the column that names the subject is the trigger's argument; a table of one row a bakery goes by its own name
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
          case when tg_nargs > 0 then row ->> tg_argv[0] else tg_table_name end, lower(tg_op), before, after);
  return null;
end $$;

do $$
declare t record;
begin
  for t in select * from (values
    ('staff', 'id'), ('ingredient', 'id'), ('pack', 'ingredient_id'), ('recipe', 'id'), ('product', 'id'), ('kitchen', null),
    ('recipe_version', 'recipe_id'), ('delivery', 'ingredient_id'), ('stock_entry', 'delivery_id'), ('price_list', 'supplier'),
    ('trial', 'id'), ('part_entry', 'part'), ('order_line', 'id')) as named (name, subject) loop
    execute format('drop trigger journal_change on %I', t.name);
    execute format('create trigger journal_change after insert or update or delete on %I for each row execute function journal_change(%s)',
                   t.name, coalesce(quote_literal(t.subject), ''));
  end loop;
end $$;
