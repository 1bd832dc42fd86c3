-- Pictures that are no proof: what stands on labels as a logo, and what was photographed of a batch. Drawn anew before they are kept, so
-- that nothing but the picture is in them. Added to only.
create table picture (
  bakery_id uuid not null references bakery,
  id uuid not null,
  kind text not null check (kind in ('logo', 'photo')),
  name text not null check (length(name) between 1 and 120),
  type text not null check (type in ('image/png', 'image/jpeg')),
  width integer not null check (width between 1 and 4000),
  height integer not null check (height between 1 and 4000),
  bytes bytea not null check (length(bytes) between 1 and 2000000),
  kept_by text not null default current_person(),
  kept_at timestamptz not null default clock_timestamp(),
  primary key (bakery_id, id)
);
alter table picture enable row level security;
alter table picture force row level security;
create policy own_bakery on picture using (bakery_id = (select current_bakery())) with check (bakery_id = (select current_bakery()));
create function picture_kept() returns trigger language plpgsql as $$
begin
  if current_person() is null then
    raise exception 'No change without a person: say who is at the bench.' using errcode = 'FT001';
  end if;
  insert into journal (bakery_id, person, kind, subject, change, after)
  values (new.bakery_id, current_person(), 'picture', new.id::text, 'insert', to_jsonb(new) - 'bytes');
  return null;
end $$;
create trigger picture_kept after insert on picture for each row execute function picture_kept();
grant select, insert on picture to fair_tin_app;
