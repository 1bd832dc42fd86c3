// What is signed: kept by its own fingerprint, never changed; and who signed or withdrew it.

import { inOneOrder } from '@fair-tin/core/edit'
import type { MarketCode } from '@fair-tin/core/model'
import { Seal } from '@fair-tin/core/seal'
import { written } from './damage'
import { printOfText } from './print'
import type { BakerySql } from './withBakery'

export interface SignOff {
  number: number
  product: string
  market: MarketCode
  print: string
  deed: 'signed' | 'withdrawn'
  reason: string
  /** By name. */
  by: string
  /** ISO moment. */
  at: string
}
interface Row extends Omit<SignOff, 'at' | 'number'> {
  number: string
  at: Date
}
const read = ({ number, at, ...row }: Row): SignOff => ({ ...row, number: Number(number), at: at.toISOString() })
const columns = (sql: BakerySql) => sql`o.number, o.product_id as product, o.market, o.print, o.deed, o.reason,
  coalesce(s.name, o.kept_by) as by, o.kept_at as at`
const named = (sql: BakerySql) => sql`sign_off o left join staff s on s.bakery_id = o.bakery_id and s.id = o.kept_by`

/** What stands signed or withdrawn now, for each product and market: the newest of each. */
export const currentSignOffs = async (sql: BakerySql): Promise<SignOff[]> =>
  (
    await sql<Row[]>`select distinct on (o.product_id, o.market) ${columns(sql)} from ${named(sql)}
      order by o.product_id, o.market, o.number desc`
  ).map(read)

/** The last signatures given and taken back, the newest first. */
export const lastSignOffs = async (sql: BakerySql, most: number): Promise<SignOff[]> =>
  (await sql<Row[]>`select ${columns(sql)} from ${named(sql)} order by o.number desc limit ${most}`).map(read)

/** Everything that was signed and withdrawn of a product in a market, newest first. */
export const signOffsOf = async (sql: BakerySql, product: string, market: string): Promise<SignOff[]> =>
  (
    await sql<Row[]>`select ${columns(sql)} from ${named(sql)}
      where o.product_id = ${product} and o.market = ${market} order by o.number desc`
  ).map(read)

/** Frozen states by their fingerprints. What no longer is what its fingerprint says is left out: nobody signed that. */
export async function sealsOf(sql: BakerySql, prints: readonly string[]): Promise<Map<string, Seal>> {
  const unknown = prints.filter(print => !kept.has(print))
  if (unknown.length > 0)
    for (const { print, body } of await sql<{ print: string; body: unknown }[]>`
      select print, body from seal where print in ${sql(unknown)}`) {
      const seal = Seal.safeParse(body)
      if (seal.success && printOfSeal(seal.data) === print) kept.set(print, seal.data)
    }
  const found = new Map(prints.flatMap(print => (kept.has(print) ? [[print, kept.get(print)!] as const] : [])))
  for (const oldest of kept.keys()) {
    if (kept.size <= mostKept) break
    kept.delete(oldest)
  }
  return found
}
/** A fingerprint has one state for ever, so what was read stays read. */
const kept = new Map<string, Seal>()
const mostKept = 500

/** The same whatever order its fields come back in from the database. */
export const printOfSeal = (seal: Seal): string => printOfText(inOneOrder(seal))

/** One at a time for each product and market: of two who sign at once the second sees the first. */
export const lockSigning = async (sql: BakerySql, product: string, market: string): Promise<void> => {
  await sql`select pg_advisory_xact_lock(hashtextextended(${`sign ${product} ${market}`}, 0))`
}
async function put(
  sql: BakerySql,
  of: Pick<SignOff, 'product' | 'market' | 'print' | 'deed' | 'reason'>,
): Promise<void> {
  await sql`select pg_advisory_xact_lock(hashtextextended('sign off', 0))`
  await sql`insert into sign_off (bakery_id, number, product_id, market, print, deed, reason)
    select current_bakery(), coalesce(max(number), 0) + 1, ${of.product}, ${of.market}, ${of.print}, ${of.deed}, ${of.reason} from sign_off`
}
/** Signs. The caller holds the lock. The database lets only whoever may sign for that market. */
export async function signOff(sql: BakerySql, seal: Seal): Promise<string> {
  const body = written(Seal, seal)
  const print = printOfSeal(body)
  await sql`insert into seal (bakery_id, print, body) values (current_bakery(), ${print}, ${sql.json(body as never)}) on conflict do nothing`
  await put(sql, { product: seal.product.id, market: seal.market, print, deed: 'signed', reason: '' })
  return print
}
/** Takes a signature back, with the reason. False where nothing stands signed. The caller holds the lock. */
export async function withdraw(sql: BakerySql, product: string, market: MarketCode, reason: string): Promise<boolean> {
  const [now] = await signOffsOf(sql, product, market)
  if (now?.deed !== 'signed') return false
  await put(sql, { product, market, print: now.print, deed: 'withdrawn', reason })
  return true
}

/** The fingerprints of every paper kept with these ingredients. */
export const papersOf = (sql: BakerySql, ingredients: readonly string[]) =>
  ingredients.length === 0
    ? Promise.resolve([])
    : sql<{ ingredient: string; evidence: string; name: string; print: string }[]>`
        select ingredient_id as ingredient, evidence_id as evidence, name, print from evidence_file
        where ingredient_id in ${sql([...ingredients])} order by ingredient_id, evidence_id, kept_at, id`
