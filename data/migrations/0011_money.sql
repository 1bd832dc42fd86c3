-- What an hour, a kilowatt-hour and the rent come to is kept apart from the kitchen's record, and seen like a price: by those who may.
create table kitchen_money (
  bakery_id uuid primary key references bakery,
  body jsonb not null
);
alter table kitchen no force row level security;
alter table kitchen disable trigger user;
insert into kitchen_money
  select bakery_id, (select coalesce(jsonb_object_agg(key, value), '{}') from jsonb_each(body) where key in ('labourPerHour', 'energyPerKwh', 'running'))
  from kitchen;
update kitchen set body = body - array['labourPerHour', 'energyPerKwh', 'running'];
alter table kitchen enable trigger user;
alter table kitchen force row level security;

alter table kitchen_money enable row level security;
alter table kitchen_money force row level security;
create policy own_bakery on kitchen_money using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create policy who_sees_money on kitchen_money as restrictive using ((select sees_prices())) with check ((select sees_prices()));
create trigger journal_change after insert or update or delete on kitchen_money for each row execute function journal_change();
grant select, insert, update on kitchen_money to fair_tin_app;

-- what the journal holds of it from before it stood apart is hidden with it
drop policy who_sees_price_changes on journal;
create policy who_sees_price_changes on journal as restrictive for select
  using ((kind not in ('pack', 'price_list', 'kitchen_money')
          and not (kind = 'kitchen' and coalesce(before -> 'body', '{}') || coalesce(after -> 'body', '{}') ?| array['labourPerHour', 'energyPerKwh', 'running']))
         or (select sees_prices()));
