-- A batch may be of a part that is made for the shelf: then it is of no product, and its lots are followed like any other's.
alter table batch drop constraint batch_bakery_id_product_id_fkey;
create function batch_of_something() returns trigger language plpgsql as $$
begin
  if not exists (select 1 from product p where p.bakery_id = new.bakery_id and p.id = new.product_id)
     and not (new.product_id like 'part:%' and exists (
       select 1 from recipe r where r.bakery_id = new.bakery_id and r.id = substr(new.product_id, 6))) then
    raise exception 'A batch is of a product, or of a part.' using errcode = '23503';
  end if;
  return new;
end $$;
create trigger batch_of_something before insert on batch for each row execute function batch_of_something();
