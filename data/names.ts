// Everything that can be found by a name, in one round trip.
import type { BakerySql } from './withBakery'

export interface Findable {
  kind: 'product' | 'recipe' | 'ingredient'
  id: string
  name: string
  /** Other names it goes by. */
  also: string
}

/** Products, recipes that are not sold under their own name, and ingredients, with every name they go by. */
export const listFindable = (sql: BakerySql): Promise<Findable[]> => sql<Findable[]>`
  select 'product' as kind, id, name, coalesce(body ->> 'legalName', '') as also from product_in_force
  union all
  select 'recipe', r.id, r.name, '' from recipe_in_force r
    where not exists (select 1 from product_in_force p where p.recipe_id = r.id and p.name = r.name)
  union all
  select 'ingredient', id, name, concat_ws(' ', facts ->> 'standsFor', facts ->> 'labelName', facts ->> 'supplier') from ingredient_in_force
  order by 3`
