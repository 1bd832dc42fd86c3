-- An owner takes out what nobody uses: a photograph whose entry was struck, a logo on no design. That it was there, and who took it out,
-- stays in the journal.
create function picture_gone() returns trigger language plpgsql as $$
begin
  if current_person() is null then
    raise exception 'No change without a person: say who is at the bench.' using errcode = 'FT001';
  end if;
  insert into journal (bakery_id, person, kind, subject, change, before)
  values (old.bakery_id, current_person(), 'picture', old.id::text, 'delete', to_jsonb(old) - 'bytes');
  return null;
end $$;
create trigger picture_gone after delete on picture for each row execute function picture_gone();
create policy owner_takes_out on picture as restrictive for delete using ((select current_role_here()) = 'owner');
grant delete on picture to fair_tin_app;
