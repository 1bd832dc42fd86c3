// Every change is done once, however often it is sent and in whatever order answers are lost, against a real database.
import { type BenchEdit, inverse } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import fc from 'fast-check'
import postgres from 'postgres'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import {
  addDelivery,
  addOrder,
  addRecipe,
  type BakerySql,
  closePool,
  editBench,
  journalOf,
  KeptOtherwise,
  listOrders,
  lockRecipe,
  once,
  takeStock,
} from './index'

const bakery = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const asNell = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(bakery, work, 'nell')
const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 1,
})
afterAll(async () => {
  await closePool()
  await owner.end()
})
const order = (forWhom: string) => ({ day: '2099-01-01', product: 'rhubarb-tartlet', packs: 3, forWhom })
const ordersFor = async (forWhom: string) =>
  (await asNell(sql => listOrders(sql, '2099-01-01'))).filter(one => one.forWhom === forWhom).length
const take = (deed: string, forWhom: string, asked: unknown = forWhom) =>
  asNell(sql =>
    once(sql, deed, asked, async () => {
      const id = crypto.randomUUID()
      await addOrder(sql, id, order(forWhom))
      return id
    }),
  )

describe('a change under an id', () => {
  it('is done once, one after the other or all at once, and answers the same', async () => {
    const deed = crypto.randomUUID()
    const first = await take(deed, 'once')
    expect(await take(deed, 'once')).toBe(first)
    const other = crypto.randomUUID()
    expect(new Set(await Promise.all([1, 2, 3, 4].map(() => take(other, 'at once')))).size).toBe(1)
    expect([await ordersFor('once'), await ordersFor('at once')]).toEqual([1, 1])
  })
  it('equal changes under ids of their own are all done', async () => {
    await Promise.all([1, 2, 3].map(() => take(crypto.randomUUID(), 'thrice')))
    expect(await ordersFor('thrice')).toBe(3)
  })
  it('is refused for other things under the same id, and remembers nothing of what failed', async () => {
    const deed = crypto.randomUUID()
    await take(deed, 'kept')
    await expect(take(deed, 'changed')).rejects.toThrow(KeptOtherwise)
    expect(await ordersFor('changed')).toBe(0)
    const failed = crypto.randomUUID()
    await expect(asNell(sql => once(sql, failed, 'x', () => Promise.reject(new Error('no power'))))).rejects.toThrow(
      'no power',
    )
    await take(failed, 'after all', 'x')
    expect(await ordersFor('after all')).toBe(1)
  })
})

describe('edits of a bench', () => {
  it('sent again after a lost answer, whole or in part, come to the same, and clash with nothing of their own', async () => {
    let count = 0
    const texts = fc.array(fc.constantFrom('a', 'ab', 'abc', 'b', 'c'), { minLength: 1, maxLength: 6 })
    await fc.assert(
      fc.asyncProperty(texts, fc.array(fc.nat({ max: 5 }), { maxLength: 4 }), async (typed, resent) => {
        const id = `once-${count++}-${crypto.randomUUID().slice(0, 8)}`
        const recipe: Recipe = { id, version: 1, name: 'Once buns', lines: [], steps: [] }
        await asNell(sql => addRecipe(sql, recipe))
        const edits = typed.map((to, at) => ({
          kind: 'notes',
          was: at === 0 ? null : typed[at - 1]!,
          to,
          deed: crypto.randomUUID(),
        }))
        const send = (some: readonly unknown[]) => asNell(sql => editBench(sql, { part: id }, some))
        expect(await send(edits)).toMatchObject({ clashes: [], refused: [], recipe: { notes: typed.at(-1) } })
        for (const from of resent)
          expect(await send(edits.slice(from))).toMatchObject({
            clashes: [],
            refused: [],
            recipe: { notes: typed.at(-1) },
          })
        // undone under an id of its own: and what is sent again then does not come back
        const { deed: _, ...last } = edits.at(-1)!
        await send([{ ...inverse(last as BenchEdit), deed: crypto.randomUUID() }])
        await send(edits)
        const now = await asNell(sql => lockRecipe(sql, id))
        expect(now?.notes ?? null).toBe(last.was)
      }),
      { numRuns: 12 },
    )
  })
})

describe('the journal', () => {
  it('goes by what an entry is about, as each table says it: none guesses', async () => {
    const rows = await owner<{ table: string; args: number }[]>`
      select c.relname as table, t.tgnargs as args from pg_trigger t join pg_class c on c.oid = t.tgrelid
      where t.tgname = 'journal_change' order by 1`
    expect(rows.filter(row => row.args === 0).map(row => row.table)).toEqual(['kitchen', 'kitchen_money'])
    const lot = `lot-${crypto.randomUUID()}`
    await asNell(async sql => {
      await addDelivery(sql, lot, 'teff-flour', { lot: 'L77', received: '2026-11-01', grams: 500 })
      await takeStock(sql, lot, 100, 'a batch')
    })
    expect((await asNell(sql => journalOf(sql, 'stock_entry', lot))).map(one => one.change)).toEqual(['insert'])
  })
})
