// Trials, parts on the shelf, orders, and parts frozen at a kept version, against a real database.
import { bodyOf } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import { billOf } from '@fair-tin/core/recipe'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import {
  addOrder,
  addRecipe,
  type BakerySql,
  cancelOrder,
  changeOrder,
  closePool,
  closeTrial,
  journalOf,
  keepTrial,
  keepVersion,
  listOrders,
  listTrials,
  lockRecipe,
  movePart,
  partsOnShelf,
  readWorkbook,
  saveRecipe,
} from './index'

const bakery = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const asNell = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(bakery, work, 'nell')
const reading = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(bakery, work)
afterAll(closePool)

describe('trials', () => {
  it('grow while they are open, and stay to be read when they are closed', async () => {
    const recipe = (await asNell(sql => lockRecipe(sql, 'damson-slice')))!
    const body = { ...bodyOf(recipe), bakeLoss: 0.12 }
    const draft = {
      id: 'try-1',
      name: 'drier',
      notes: 'next time 200 g chocolate',
      body,
      fresh: [{ id: 'n1', name: 'new thing' }],
    }
    expect(await asNell(sql => keepTrial(sql, recipe.id, draft))).toBe(true)
    expect(await asNell(sql => keepTrial(sql, recipe.id, { ...draft, notes: 'baked; too dry' }))).toBe(true)
    const [kept] = await reading(sql => listTrials(sql, recipe.id))
    expect(kept).toMatchObject({ ...draft, notes: 'baked; too dry', closed: null, keptBy: 'Nell Arrowby' })
    await asNell(sql => closeTrial(sql, recipe.id, 'try-1', 'taken'))
    expect(await asNell(sql => keepTrial(sql, recipe.id, { ...draft, notes: 'again' }))).toBe(false)
    const after = await reading(sql => listTrials(sql, recipe.id))
    expect(after.find(one => one.id === 'try-1')).toMatchObject({ closed: 'taken', notes: 'baked; too dry' })
    expect((await reading(sql => journalOf(sql, 'trial', 'try-1'))).map(one => one.change)).toEqual([
      'update',
      'update',
      'insert',
    ])
    await expect(asNell(sql => sql`delete from trial`)).rejects.toThrow(/permission denied/)
  })
  it('of one recipe are not another’s to change', async () => {
    const [open] = await reading(sql => listTrials(sql, 'short-pastry'))
    if (!open) return expect(await reading(sql => listTrials(sql, 'short-pastry'))).toEqual([])
    expect(await asNell(sql => keepTrial(sql, 'damson-slice', open))).toBe(false)
  })
})

describe('parts on the shelf', () => {
  it('are the sum of what was made, taken and counted, and never less than nothing', async () => {
    const move = (grams: number) => asNell(sql => movePart(sql, 'house-flour-blend@9', grams, 'test'))
    expect([await move(2200), await move(-540.5), await move(-1659.6), await move(-1659.5)]).toEqual([
      true,
      true,
      false,
      true,
    ])
    expect((await reading(partsOnShelf))['house-flour-blend@9']).toBeUndefined()
    await move(300)
    expect((await reading(partsOnShelf))['house-flour-blend@9']).toBe(300)
    await expect(asNell(sql => sql`update part_entry set grams = 1`)).rejects.toThrow(/permission denied/)
  })
  it('are taken one at a time: two windows cannot both take the last of it', async () => {
    await asNell(sql => movePart(sql, 'race', 100, 'made'))
    const taken = await Promise.all([1, 2, 3].map(() => asNell(sql => movePart(sql, 'race', -60, 'taken'))))
    expect(taken.filter(Boolean)).toHaveLength(1)
  })
})

describe('orders', () => {
  it('are for a day and a product, changed, cancelled, and put back', async () => {
    const order = { day: '2027-03-01', product: 'damson-slice', packs: 12, forWhom: 'the quay café' }
    const mine = async () =>
      (await reading(sql => listOrders(sql, '2027-03-01'))).filter(one => one.day === '2027-03-01')
    expect(await asNell(sql => addOrder(sql, 'o1', order))).toBe(true)
    expect(await asNell(sql => addOrder(sql, 'o2', { ...order, product: 'no-such' }))).toBe(false)
    expect(await mine()).toEqual([{ id: 'o1', ...order }])
    expect(await asNell(sql => changeOrder(sql, 'o1', { ...order, packs: 20 }))).toBe(true)
    await asNell(sql => cancelOrder(sql, 'o1', true))
    expect(await mine()).toEqual([])
    expect(await asNell(sql => changeOrder(sql, 'o1', { ...order, packs: 5 }))).toBe(false)
    await asNell(sql => cancelOrder(sql, 'o1', false))
    expect(await mine()).toEqual([{ id: 'o1', ...order, packs: 20 }])
    for (const packs of [0, -1, 1.5, 1e9])
      await expect(asNell(sql => addOrder(sql, 'bad', { ...order, packs }))).rejects.toThrow()
    await asNell(sql => cancelOrder(sql, 'o1', true))
  })
})

describe('a part frozen at a kept version', () => {
  it('stands in the workbook beside the newest, through frozen parts of its own', async () => {
    const recipe = (id: string, lines: Recipe['lines']): Recipe => ({ id, version: 1, name: id, lines, steps: [] })
    const salt = (value: number): Recipe['lines'] => [
      { id: 'a', of: { ingredient: 'salt' }, amount: { value, unit: 'g' }, role: 'mix' },
    ]
    await asNell(async sql => {
      await addRecipe(sql, recipe('inner', salt(10)))
      await keepVersion(sql, recipe('inner', salt(10)), 'first', '')
      const middle = recipe('middle', [
        { id: 'b', of: { recipe: 'inner', version: 1 }, amount: { value: 1, unit: 'each' }, role: 'mix' },
      ])
      await addRecipe(sql, middle)
      await keepVersion(sql, middle, 'first', '')
      await addRecipe(
        sql,
        recipe('outer', [
          { id: 'c', of: { recipe: 'middle', version: 1 }, amount: { value: 1, unit: 'each' }, role: 'mix' },
        ]),
      )
      await saveRecipe(sql, recipe('inner', salt(99)), 1)
      await saveRecipe(sql, recipe('middle', []), 1)
    })
    const workbook = await reading(sql => readWorkbook(sql, '2026-11-25'))
    expect(
      workbook.recipes
        .filter(one => /^(?:inner|middle)@/.test(one.id))
        .map(one => [one.id, one.name])
        .sort(),
    ).toEqual([
      ['inner@1', 'inner (version 1)'],
      ['middle@1', 'middle (version 1)'],
    ])
    expect(billOf(workbook, 'outer').lines).toMatchObject([{ ingredient: 'salt', grams: 10 }])
  })
})
