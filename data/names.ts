// Everything that can be found by a name, in one round trip.
import type { BakerySql } from './withBakery'

export interface Findable {
  kind: 'product' | 'recipe' | 'ingredient'
  id: string
  name: string
  /** Other names it goes by. */
  also: string
}

/** Found of each kind, at the most. */
const mostOfAKind = 12
/** No longer words are looked for, nor more of them. */
const longest = 60
const mostWords = 8

/**
 * Products, recipes that are not sold under their own name, and ingredients that hold every word of `typed` in one of their
 * names, or go by one of `names`; what begins so stands first. At most a dozen of each kind; the first by name for nothing typed.
 */
export function findByName(sql: BakerySql, typed: string, names: readonly string[] = []): Promise<Findable[]> {
  const start = typed.trim().toLowerCase().slice(0, longest)
  const words = start.split(/\s+/).filter(Boolean).slice(0, mostWords)
  const like = (text: string) => text.replace(/[\\%_]/g, '\\$&')
  return sql<Findable[]>`
    with named as (
      select 'product' as kind, id, name, coalesce(body ->> 'legalName', '') as also from product where removed_at is null
      union all
      select 'recipe', r.id, r.name, '' from recipe r where r.removed_at is null
        and not exists (select 1 from product p where p.bakery_id = r.bakery_id and p.recipe_id = r.id and p.name = r.name and p.removed_at is null)
      union all
      select 'ingredient', id, name, concat_ws(' ', facts ->> 'standsFor', facts ->> 'labelName', facts ->> 'supplier')
        from ingredient where removed_at is null
    ), found as (
      select *, row_number() over (
        partition by kind order by (lower(name) like ${`${like(start)}%`}) desc, (lower(name) like ${`%${like(start)}%`}) desc, lower(name), id) as place
      from named
      where lower(concat_ws(' ', name, also)) like all (${words.map(word => `%${like(word)}%`)}::text[])
        or exists (select 1 from unnest(${[...names]}::text[]) one where lower(name) = one or lower(name) like one || ',%' or lower(also) like one || '%')
    )
    select kind, id, name, also from found where place <= ${mostOfAKind} order by place, kind`
}
