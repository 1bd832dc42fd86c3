// What may have gone into batches by way of the shelf of parts, where one making is not told from another.
import type { LotUse } from './batches'
import type { BakerySql } from './withBakery'

/** When it was done, as far as its own device can be believed: without the network it is told later than it is done. */
const saidAt = (sql: BakerySql) =>
  sql`case when e.body ->> 'at' ~ '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d' then (e.body ->> 'at')::timestamptz else e.kept_at end`

/** What was put on the shelf of parts out of these batches, and since when at the earliest; what was struck is not counted. */
const leftOversOf = async (
  sql: BakerySql,
  batches: readonly string[],
): Promise<{ batch: string; part: string; at: Date }[]> =>
  batches.length === 0
    ? []
    : sql<{ batch: string; part: string; at: Date }[]>`
        select e.batch_id as batch, e.body ->> 'part' as part, least(e.kept_at, ${saidAt(sql)}) as at from batch_entry e
        where e.batch_id in ${sql([...batches])} and e.body ->> 'kind' = 'leftOver'
          and not exists (select 1 from batch_entry x where x.bakery_id = e.bakery_id and x.batch_id = e.batch_id
                          and x.body ->> 'kind' = 'struck' and x.body ->> 'of' = e.id::text)`

/** Every batch that may have taken of a part from the shelf since a moment. */
const takersOfPart = async (sql: BakerySql, part: string, since: Date): Promise<LotUse[]> =>
  (
    await sql<(Omit<LotUse, 'grams'> & { grams: string })[]>`
      select b.id as batch, b.code, b.day, b.product_id as product, b.name, sum((e.body ->> 'grams')::numeric) as grams
      from batch_entry e join batch b on b.bakery_id = e.bakery_id and b.id = e.batch_id
      where e.body ->> 'kind' = 'weighed' and e.body ->> 'part' = ${part} and greatest(e.kept_at, ${saidAt(sql)}) >= ${since}
        and not exists (select 1 from batch_entry x where x.bakery_id = e.bakery_id and x.batch_id = e.batch_id
                        and x.body ->> 'kind' = 'struck' and x.body ->> 'of' = e.id::text)
      group by b.bakery_id, b.id, b.code, b.day, b.product_id, b.name order by b.day desc, b.code`
  ).map(row => ({ ...row, grams: Number(row.grams) }))

/** When each of these parts was first put on the shelf by hand since a day: nobody named a lot for it. */
export const putByHand = async (
  sql: BakerySql,
  parts: readonly string[],
  since: string,
): Promise<{ part: string; at: Date }[]> =>
  parts.length === 0
    ? []
    : sql<{ part: string; at: Date }[]>`
        select part, min(kept_at) as at from part_entry
        where split_part(part, '@', 1) in ${sql([...parts])} and grams > 0 and for_entry is null and kept_at >= ${since}::date
        group by part order by part`

export interface PartFollowed {
  part: string
  /** `leftOver`: left of a batch; `byHand`: put there by somebody, with no lot named. */
  how: 'leftOver' | 'byHand'
  at: Date
  uses: LotUse[]
}
/** From one batch to the next: what was left of a batch that took of the shelf goes to the shelf again. */
export async function followParts(
  sql: BakerySql,
  direct: readonly Pick<LotUse, 'batch'>[],
  byHand: readonly { part: string; at: Date }[],
): Promise<PartFollowed[]> {
  const found = new Map<string, PartFollowed>()
  const looked = new Set(direct.map(one => one.batch))
  const open: Omit<PartFollowed, 'uses'>[] = [
    ...byHand.map(one => ({ ...one, how: 'byHand' as const })),
    ...(await leftOversOf(sql, [...looked])).map(({ part, at }) => ({ part, at, how: 'leftOver' as const })),
  ]
  for (let one = open.shift(); one; one = open.shift()) {
    const key = `${one.part} ${one.how}`
    const known = found.get(key)
    if (known && known.at <= one.at) continue
    const uses = await takersOfPart(sql, one.part, one.at)
    found.set(key, { ...one, uses })
    const fresh = uses.map(use => use.batch).filter(batch => !looked.has(batch))
    for (const batch of fresh) looked.add(batch)
    open.push(...(await leftOversOf(sql, fresh)).map(({ part, at }) => ({ part, at, how: 'leftOver' as const })))
  }
  return [...found.values()]
}

/** Lots that are held now, and were looked at in the last sixty days: what is held for ever is long dealt with. */
export const heldLots = (
  sql: BakerySql,
): Promise<{ id: string; ingredient: string; lot: string; received: string }[]> =>
  sql<{ id: string; ingredient: string; lot: string; received: string }[]>`
    select id, ingredient_id as ingredient, lot, received::text as received
    from stock where held is not null
      and id in (select delivery_id from hold_entry where kept_at > now() - interval '60 days') order by received desc, id limit 50`
