// Everything taken along, and a fresh bakery made from it: taken out of that one again it is the same, letter for letter.

import { type Ingredient, unknownIngredient } from '@fair-tin/core/model'
import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { bakery as demo } from '../demo/kitchen'
import { atBench } from '../tests/fixtures/hands'
import { closeDoor } from './door'
import type { Hands } from './index'
import {
  addIngredient,
  bringEverything,
  type Everything,
  foundBakery,
  keepFile,
  NotBroughtIn,
  openSession,
  stays,
  tableNames,
  takeEverything,
  withBakery,
} from './index'
import { fingerprint } from './secret'
import { closePool } from './withBakery'

const day = '2026-11-26'
afterAll(async () => {
  await closeDoor()
  await closePool()
})
async function fresh(): Promise<Hands> {
  const { bakery, staff } = await foundBakery('Quay Bakehouse', 'Orla')
  const key = await openSession({ bakery, staff }, stays.password)
  return { session: fingerprint(key).toString('hex'), bakery, seesPrices: true }
}
const out = (hands: Hands) => withBakery(hands, takeEverything)
const into = (hands: Hands, all: Everything) => withBakery(hands, sql => bringEverything(sql, all, day))
const same = (one: Everything, other: Everything) => {
  for (const name of tableNames) {
    if (name === 'kitchen')
      expect(JSON.parse(one.tables.kitchen).map(({ version: _, ...rest }: { version: number }) => rest)).toEqual(
        JSON.parse(other.tables.kitchen).map(({ version: _, ...rest }: { version: number }) => rest),
      )
    else expect(one.tables[name], name).toBe(other.tables[name])
  }
  expect(one.papers).toEqual(other.papers)
}

describe('everything of a bakery', () => {
  it('of the demo goes into a fresh one, and out of it the same', async () => {
    await atBench(
      demo.id,
      sql =>
        keepFile(sql, {
          id: `paper-${crypto.randomUUID()}`,
          ingredient: 'salt',
          evidence: 'e1',
          name: '../../spec “1”.pdf',
          type: 'application/pdf',
          bytes: new TextEncoder().encode('%PDF-1.7 invented'),
        }),
      'nell',
    )
    const all = await atBench(demo.id, takeEverything, 'nell')
    expect(JSON.parse(all.tables.ingredient).length).toBeGreaterThan(90)
    expect(all.papers.length).toBeGreaterThan(0)
    const other = await fresh()
    await into(other, all)
    const again = await out(other)
    same(again, all)
    expect(again.people.map(one => one.name)).toEqual(expect.arrayContaining(['Nell Arrowby', 'Tobit Fenn', 'Orla']))
    // and never into one that has books already
    await expect(into(other, all)).rejects.toThrow(NotBroughtIn)
  })
  it('of any larder, whatever its names and numbers', () =>
    fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(
          fc.record({
            id: fc.uuid(),
            name: fc
              .string({ unit: 'grapheme', minLength: 1, maxLength: 60 })
              .filter(name => name.trim() !== '' && !name.includes('\u0000')),
            price: fc.integer({ min: 0, max: 10 ** 9 }).map(cents => (cents / 100).toFixed(2)),
            grams: fc.integer({ min: 1, max: 10 ** 9 }).map(milligrams => milligrams / 1000),
          }),
          { selector: one => one.id, maxLength: 8 },
        ),
        async larder => {
          const [one, other] = [await fresh(), await fresh()]
          await withBakery(one, async sql => {
            for (const { id, name, price, grams } of larder)
              await addIngredient(sql, {
                ...unknownIngredient(id, name),
                packs: [{ grams, price, currency: 'GBP', from: '2026-01-01' }],
              } as Ingredient)
          })
          const all = await out(one)
          await into(other, all)
          same(await out(other), all)
        },
      ),
      { numRuns: 20 },
    ))
  it('with a row that no page could show is not brought in, and nothing of it stays', async () => {
    const all = await atBench(demo.id, takeEverything, 'nell')
    const broken = all.tables.product.replace('"claims": [', '"claims": ["chocolateFree", ')
    expect(broken).not.toBe(all.tables.product)
    const other = await fresh()
    await expect(into(other, { ...all, tables: { ...all.tables, product: broken } })).rejects.toThrow(
      /can be read: product/,
    )
    expect(JSON.parse((await out(other)).tables.ingredient)).toEqual([])
    // rows that name another bakery land in one's own
    const theirs = JSON.parse(all.tables.ingredient).map((row: object) => ({ ...row, bakery_id: demo.id }))
    await into(other, { ...all, tables: { ...all.tables, ingredient: JSON.stringify(theirs) } })
    expect(JSON.parse((await out(other)).tables.ingredient)).toHaveLength(theirs.length)
  })
  it('is not brought in by somebody who only bakes: prices and people are not theirs', async () => {
    const all = await atBench(demo.id, takeEverything, 'nell')
    await expect(atBench(demo.id, sql => bringEverything(sql, all, day), 'tobit')).rejects.toThrow()
  })
})
