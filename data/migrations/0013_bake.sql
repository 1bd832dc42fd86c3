-- What is baked: a batch as it was begun, and what happened to it, entry by entry. Nothing of either is ever changed.
create table batch_books (
  bakery_id uuid not null references bakery,
  -- SHA-256 of the books: two batches of the same state share them
  print text not null,
  body jsonb not null,
  primary key (bakery_id, print)
);
create table batch (
  bakery_id uuid not null references bakery,
  id text not null,
  code text not null check (length(code) between 1 and 20),
  day date not null,
  product_id text not null,
  -- what it was called when it was begun
  name text not null,
  pieces double precision not null check (pieces > 0),
  factor double precision not null check (factor > 0),
  -- why it is baked though its label does not stand signed
  reason text,
  print text not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  unique (bakery_id, code),
  foreign key (bakery_id, product_id) references product,
  foreign key (bakery_id, print) references batch_books
);
create index batch_by_day on batch (bakery_id, day, code);
create index batch_by_product on batch (bakery_id, product_id, day);
create table batch_entry (
  bakery_id uuid not null references bakery,
  id uuid not null,
  number bigint generated always as identity,
  batch_id text not null,
  body jsonb not null,
  -- the facts of what came in by it, as they were then
  thing jsonb,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id),
  foreign key (bakery_id, batch_id) references batch
);
create index batch_entry_by_batch on batch_entry (bakery_id, batch_id, number);
create index batch_entry_by_lot on batch_entry (bakery_id, (body ->> 'lot')) where body ? 'lot';

-- A lot that may not be used, or may again.
create table hold_entry (
  bakery_id uuid not null references bakery,
  entry bigint generated always as identity,
  delivery_id text not null,
  held boolean not null,
  reason text not null,
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, entry),
  foreign key (bakery_id, delivery_id) references delivery
);
create index hold_entry_by_delivery on hold_entry (bakery_id, delivery_id, entry);

-- what a batch took is put back where its entry is struck
alter table stock_entry add column for_entry uuid;
create index stock_entry_by_entry on stock_entry (bakery_id, for_entry) where for_entry is not null;
alter table part_entry add column for_entry uuid;
create index part_entry_by_entry on part_entry (bakery_id, for_entry) where for_entry is not null;
create or replace view stock with (security_invoker = true) as
  select d.bakery_id, d.id, d.ingredient_id, d.lot, d.received, d.grams as delivered, d.use_by, d.evidence,
         d.grams + coalesce((select sum(e.grams) from stock_entry e where e.bakery_id = d.bakery_id and e.delivery_id = d.id), 0) as left_over,
         (select case when h.held then h.reason end from hold_entry h
          where h.bakery_id = d.bakery_id and h.delivery_id = d.id order by h.entry desc limit 1) as held
  from delivery d;

do $$
declare t text;
begin
  foreach t in array array['batch_books', 'batch', 'batch_entry', 'hold_entry'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_bakery on %I using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()))', t);
    execute format('grant select, insert on %I to fair_tin_app', t);
  end loop;
end $$;
-- the books are written once, and the batch that rests on them says by whom
create trigger person_needed before insert on batch_books for each row execute function person_needed();
create trigger journal_change after insert on batch for each row execute function journal_change('id');
create trigger journal_change after insert on batch_entry for each row execute function journal_change('batch_id');
create trigger journal_change after insert on hold_entry for each row execute function journal_change('delivery_id');
