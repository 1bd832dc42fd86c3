-- What is signed: the frozen state by its own fingerprint, written once; and who signed or withdrew it, when. Nothing is ever
-- changed. A counter page shows what is signed to whoever has its address.
create table seal (
  bakery_id uuid not null references bakery,
  -- SHA-256 of the state: the same state signed again is the same seal
  print text not null,
  body jsonb not null,
  primary key (bakery_id, print)
);
create table sign_off (
  bakery_id uuid not null references bakery,
  number bigint not null,
  product_id text not null,
  market text not null,
  print text not null,
  deed text not null check (deed in ('signed', 'withdrawn')),
  reason text not null default '',
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, number),
  foreign key (bakery_id, product_id) references product,
  foreign key (bakery_id, print) references seal
);
create index sign_off_by_product on sign_off (bakery_id, product_id, market, number);

create function may_sign(market text) returns boolean language sql stable as $$
  select case when runs_the_deployment() then true
              else (select p.role = 'owner' or (p.role = 'signer' and market = any (p.signs_for)) from person_here() p) end
$$;
do $$
declare t text;
begin
  foreach t in array array['seal', 'sign_off'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_bakery on %I using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()))', t);
  end loop;
end $$;
create policy who_may_sign on sign_off as restrictive for insert with check (may_sign(market));
create trigger person_needed before insert on seal for each row execute function person_needed();
create trigger journal_change after insert on sign_off for each row execute function journal_change('product_id');
grant select, insert on seal, sign_off to fair_tin_app;

-- The address of a counter page stands for a session that nobody can come in by: its key is kept nowhere and told to no one.
create table counter (
  bakery_id uuid not null references bakery,
  token_hash bytea not null unique,
  session_hash bytea not null,
  made_by text not null,
  made_at timestamptz not null default now(),
  ended_at timestamptz,
  primary key (bakery_id, token_hash)
);
grant select, insert, update on counter to fair_tin_door;
