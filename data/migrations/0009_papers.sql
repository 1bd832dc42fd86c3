-- A paper's fingerprint, by which what rests on it can say years later which paper that was; and its owner may take it out again:
-- that it was there, and who took it out, stays in the journal.
alter table evidence_file add column print text not null generated always as (encode(sha256(bytes), 'hex')) stored;

create function paper_gone() returns trigger language plpgsql as $$
begin
  if current_person() is null then
    raise exception 'No change without a person: say who is at the bench.' using errcode = 'FT001';
  end if;
  insert into journal (bakery_id, person, kind, subject, change, before)
  values (old.bakery_id, current_person(), 'evidence_file', old.ingredient_id, 'delete', to_jsonb(old) - 'bytes');
  return null;
end $$;
create trigger paper_gone after delete on evidence_file for each row execute function paper_gone();
create policy owner_takes_out on evidence_file as restrictive for delete using ((select current_role_here()) = 'owner');
grant delete on evidence_file to fair_tin_app;
