-- Whose hands. Which bakery a query sees follows from the session it names, and from nothing else: the application knows sessions
-- only by a fingerprint that it cannot look up. Accounts, sessions, devices and PINs are the door's, another role with another
-- connection, which in turn sees no row of any bakery's books.

alter table staff
  add column role text not null default 'baker' check (role in ('owner', 'baker', 'signer', 'reader')),
  add column sees_prices boolean not null default true,
  -- the markets whose labels this person is competent to sign, as the owner recorded it
  add column signs_for text[] not null default '{}',
  add column left_at timestamptz;
-- the functions below read these two as their owner, for whoever names a session
alter table staff no force row level security;
alter table bakery no force row level security;

-- Somebody who signs in by e-mail; belongs to no bakery, and may work in several.
create table account (
  account_id uuid primary key,
  email text not null unique check (email = lower(email) and email like '%_@_%'),
  password_hash text not null,
  recovery_hash text,
  made_at timestamptz not null default now()
);
create table membership (
  bakery_id uuid not null,
  staff_id text not null,
  account_id uuid not null references account,
  primary key (bakery_id, staff_id),
  unique (account_id, bakery_id),
  foreign key (bakery_id, staff_id) references staff
);
-- Wrong tries are counted here, so that no restart forgets them.
create table pin (
  bakery_id uuid not null,
  staff_id text not null,
  pin_hash text not null,
  wrong integer not null default 0,
  wait_until timestamptz,
  primary key (bakery_id, staff_id),
  foreign key (bakery_id, staff_id) references staff
);
-- A tablet the owner let in: whoever is at it changes places by PIN.
create table device (
  bakery_id uuid not null references bakery,
  id uuid not null,
  name text not null check (length(name) between 1 and 60),
  token_hash bytea not null unique,
  let_in_by text not null,
  let_in_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ended_at timestamptz,
  primary key (bakery_id, id)
);
create table session (
  bakery_id uuid not null references bakery,
  id uuid not null,
  token_hash bytea not null unique,
  -- what it was before the last change of key: good for a minute more, for what was under way
  former_hash bytea unique,
  former_until timestamptz,
  -- nobody: a device at which no one has taken a place
  staff_id text,
  account_id uuid references account on delete cascade,
  device_id uuid,
  agent text not null default '',
  began_at timestamptz not null default now(),
  keyed_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  idle_minutes integer not null check (idle_minutes > 0),
  ends_at timestamptz not null,
  ended_at timestamptz,
  primary key (bakery_id, id),
  foreign key (bakery_id, staff_id) references staff,
  foreign key (bakery_id, device_id) references device
);
create index session_by_person on session (bakery_id, staff_id);
create index session_by_account on session (account_id);
-- Links that are good once, or (an inspector's) until they end.
create table link (
  token_hash bytea primary key,
  kind text not null check (kind in ('first owner', 'sign in', 'join', 'look')),
  bakery_id uuid,
  staff_id text,
  made_at timestamptz not null default now(),
  ends_at timestamptz not null,
  used_at timestamptz,
  foreign key (bakery_id, staff_id) references staff
);
-- Tries at the door, shared by every process.
create table attempt (
  key text primary key,
  points integer not null default 0,
  expire bigint
);

-- Whoever runs the deployment (migrations, set-up, backup) names the bakery it works in, and so does what founds one below;
-- everybody else is asked for a session.
create function runs_the_deployment() returns boolean language sql stable
  as $$ select pg_has_role(current_user, (select nspowner from pg_namespace where nspname = 'public'), 'member') $$;
create function session_open() returns session language sql stable security definer set search_path = public, pg_temp as $$
  select s.* from session s
  where s.token_hash = decode(nullif(current_setting('fair_tin.session', true), ''), 'hex')
     or (s.former_hash = decode(nullif(current_setting('fair_tin.session', true), ''), 'hex') and now() < s.former_until)
$$;
-- The person of the open session, if they still work there and neither it nor its device has ended.
create function person_here() returns staff language sql stable security definer set search_path = public, pg_temp as $$
  select p.* from session_open() s join staff p on p.bakery_id = s.bakery_id and p.id = s.staff_id
  left join device d on d.bakery_id = s.bakery_id and d.id = s.device_id
  where s.ended_at is null and d.ended_at is null and p.left_at is null
    and now() < s.ends_at and now() < s.seen_at + make_interval(mins => s.idle_minutes)
$$;
create or replace function current_bakery() returns uuid language sql stable as $$
  select case when runs_the_deployment() then nullif(current_setting('fair_tin.bakery', true), '')::uuid
              else (person_here()).bakery_id end
$$;
create or replace function current_person() returns text language sql stable as $$
  select case when runs_the_deployment() then nullif(current_setting('fair_tin.person', true), '')
              else (select p.id from person_here() p where p.role <> 'reader') end
$$;
create function current_role_here() returns text language sql stable as $$
  select case when runs_the_deployment() then 'owner' else (person_here()).role end
$$;
create function sees_prices() returns boolean language sql stable as $$
  select case when runs_the_deployment() then true
              else (select p.role = 'owner' or p.sees_prices from person_here() p) end
$$;

-- asked once a query, not once a row
do $$
declare t record;
begin
  for t in select tablename as name from pg_policies where schemaname = 'public' and policyname = 'own_bakery' loop
    execute format('alter policy own_bakery on %I using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()))', t.name);
  end loop;
end $$;
-- prices are seen by those who may; who works here and may do what is the owner's to say
create policy who_sees_prices on pack as restrictive using ((select sees_prices())) with check ((select sees_prices()));
create policy who_sees_lists on price_list as restrictive using ((select sees_prices())) with check ((select sees_prices()));
create policy owner_adds on staff as restrictive for insert with check ((select current_role_here()) = 'owner');
create policy owner_changes on staff as restrictive for update using ((select current_role_here()) = 'owner');
create policy who_sees_price_changes on journal as restrictive for select
  using (kind not in ('pack', 'price_list') or (select sees_prices()));
grant insert (bakery_id, id, name, role, sees_prices, signs_for, left_at), update (name, role, sees_prices, signs_for, left_at) on staff to fair_tin_app;

-- What the owner sees of the door: no secret of it, and only the bakery's own.
create view device_here with (security_barrier) as
  select bakery_id, id, name, let_in_by, let_in_at, seen_at from device where ended_at is null and bakery_id = (select current_bakery());
create view session_here with (security_barrier) as
  select bakery_id, id, staff_id, device_id, agent, began_at, seen_at from session
  where ended_at is null and now() < ends_at and now() < seen_at + make_interval(mins => idle_minutes) and bakery_id = (select current_bakery());
create view pin_here with (security_barrier) as
  select bakery_id, staff_id, wrong >= 10 as locked from pin where bakery_id = (select current_bakery());
create view member_here with (security_barrier) as
  select m.bakery_id, m.staff_id, a.email from membership m join account a using (account_id) where m.bakery_id = (select current_bakery());
grant select on device_here, session_here, pin_here, member_here to fair_tin_app;

-- What the door sees of the bakeries: their names, and who works there.
create function people_at(bakery uuid) returns table (id text, name text, role text, has_pin boolean)
  language sql stable security definer set search_path = public, pg_temp as $$
  select p.id, p.name, p.role, exists (select 1 from pin where pin.bakery_id = p.bakery_id and pin.staff_id = p.id)
  from staff p where p.bakery_id = bakery and p.left_at is null and p.role <> 'reader' order by p.name
$$;
create function bakeries_of(account uuid) returns table (bakery_id uuid, bakery text, staff_id text, person text, role text)
  language sql stable security definer set search_path = public, pg_temp as $$
  select b.bakery_id, b.name, p.id, p.name, p.role from membership m
  join staff p on p.bakery_id = m.bakery_id and p.id = m.staff_id join bakery b on b.bakery_id = m.bakery_id
  where m.account_id = account and p.left_at is null order by b.name
$$;
create function person_at(bakery uuid, person text) returns table (name text, role text, bakery_name text)
  language sql stable security definer set search_path = public, pg_temp as $$
  select p.name, p.role, b.name from staff p join bakery b using (bakery_id)
  where p.bakery_id = bakery and p.id = person and p.left_at is null
$$;
-- The first bakery of an empty deployment, with its owner; a second one only by a link of the first kind too.
create function found_bakery(bakery uuid, bakery_name text, person text, person_name text) returns void
  language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform set_config('fair_tin.person', person, true);
  perform set_config('fair_tin.bakery', bakery::text, true);
  insert into bakery values (bakery, bakery_name);
  insert into staff (bakery_id, id, name, role) values (bakery, person, person_name, 'owner');
  -- counted here and now, by whoever may count it
  set constraints stamp_change immediate;
  set constraints stamp_change deferred;
end $$;
-- A bakery from before anybody signed in gets its first owner, and never a second one this way.
create function own_bakery(bakery uuid, person text, person_name text) returns void
  language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if exists (select 1 from membership m where m.bakery_id = bakery) then
    raise exception 'This bakery has an owner.';
  end if;
  perform set_config('fair_tin.person', person, true);
  perform set_config('fair_tin.bakery', bakery::text, true);
  insert into staff (bakery_id, id, name, role) values (bakery, person, person_name, 'owner');
  set constraints stamp_change immediate;
  set constraints stamp_change deferred;
end $$;
revoke execute on function people_at(uuid), bakeries_of(uuid), person_at(uuid, text), found_bakery(uuid, text, text, text), own_bakery(uuid, text, text) from public;
grant execute on function people_at(uuid), bakeries_of(uuid), person_at(uuid, text), found_bakery(uuid, text, text, text), own_bakery(uuid, text, text) to fair_tin_door;
grant usage on schema public to fair_tin_door;
grant select, insert, update on account, membership, pin, device, session, link to fair_tin_door;
grant delete on link, pin, membership to fair_tin_door;
grant select, insert, update, delete on attempt to fair_tin_door;
