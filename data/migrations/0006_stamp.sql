-- How new a bakery's books are: one more with every transaction that changes anything of it. Counted as the last thing before
-- it commits, so that the count a window has seen is never reached again by a change it has not seen; and nothing can wait for
-- it while holding what another waits for.
create table bakery_stamp (
  bakery_id uuid primary key references bakery,
  stamp bigint not null
);
-- what already is counts on: its owner sees no row of a table that is closed to everybody
alter table bakery no force row level security;
alter table journal no force row level security;
insert into bakery_stamp select b.bakery_id, coalesce((select max(entry) from journal j where j.bakery_id = b.bakery_id), 0) from bakery b;
alter table bakery force row level security;
alter table journal force row level security;
alter table bakery_stamp enable row level security;
alter table bakery_stamp force row level security;
create policy own_bakery on bakery_stamp using (bakery_id = current_bakery()) with check (bakery_id = current_bakery());
grant select, insert, update on bakery_stamp to fair_tin_app;

create function stamp_change() returns trigger language plpgsql as $$
begin
  if current_setting('fair_tin.stamped', true) is distinct from pg_current_xact_id()::text then
    perform set_config('fair_tin.stamped', pg_current_xact_id()::text, true);
    insert into bakery_stamp values (new.bakery_id, 1) on conflict (bakery_id) do update set stamp = bakery_stamp.stamp + 1;
  end if;
  return null;
end $$;
create constraint trigger stamp_change after insert on journal
  deferrable initially deferred for each row execute function stamp_change();
