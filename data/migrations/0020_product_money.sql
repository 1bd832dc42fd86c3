-- How a product is priced and what its packing costs is kept apart from the product, and seen like a price: by those who may. What
-- the packing is stays with the product.
create table product_money (
  bakery_id uuid not null references bakery,
  product_id text not null,
  body jsonb not null,
  primary key (bakery_id, product_id),
  foreign key (bakery_id, product_id) references product
);
create function product_money_of(body jsonb) returns jsonb language sql immutable as $$
  select coalesce(jsonb_object_agg(key, value), '{}') from jsonb_each(case when jsonb_typeof(body) = 'object' then body else '{}' end)
  where key in ('pricing', 'packing')
$$;
create function product_without_money(body jsonb) returns jsonb language sql immutable as $$
  select body - 'pricing' || case when jsonb_typeof(body -> 'packing') = 'array' then jsonb_build_object('packing',
    (select coalesce(jsonb_agg(case when jsonb_typeof(one) = 'object' then one - 'price' else one end order by nth), '[]')
     from jsonb_array_elements(body -> 'packing') with ordinality as packed (one, nth))) else '{}' end
$$;
alter table product no force row level security;
alter table product disable trigger user;
insert into product_money select bakery_id, id, product_money_of(body) from product where product_money_of(body) <> '{}';
update product set body = product_without_money(body) where product_money_of(body) <> '{}';
alter table product enable trigger user;
alter table product force row level security;

alter table product_money enable row level security;
alter table product_money force row level security;
create policy own_bakery on product_money using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create policy who_sees_money on product_money as restrictive using ((select sees_prices())) with check ((select sees_prices()));
create trigger journal_change after insert or update or delete on product_money for each row execute function journal_change('product_id');
grant select, insert, update, delete on product_money to fair_tin_app;

-- what the journal holds of it from before it stood apart is hidden with it
drop policy who_sees_price_changes on journal;
create policy who_sees_price_changes on journal as restrictive for select
  using ((kind not in ('pack', 'price_list', 'kitchen_money', 'product_money')
          and not (kind = 'kitchen' and coalesce(before -> 'body', '{}') || coalesce(after -> 'body', '{}') ?| array['labourPerHour', 'energyPerKwh', 'running'])
          and not (kind = 'product' and (before @? '$.body.pricing' or before @? '$.body.packing[*].price' or after @? '$.body.pricing' or after @? '$.body.packing[*].price') is true))
         or (select sees_prices()));
