// What was read stays read, and never longer than it is true: after whatever is done to the books, by whomever, what is read from
// what was kept is what is read anew.
import type { Workbook } from '@fair-tin/core/model'
import postgres from 'postgres'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import {
  closePool,
  findIngredient,
  keepVersion,
  lockRecipe,
  removeIngredient,
  saveIngredient,
  takePrices,
} from './index'
import { forgetRows } from './rowsKept'
import type { BakerySql } from './withBakery'
import { readWorkbook } from './workbook'

const mine = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? expect.fail('FAIR_TIN_OWNER_DATABASE is not set'), {
  max: 2,
  onnotice: () => {},
})
const read = () => atBench(mine, sql => readWorkbook(sql, '2026-11-24'))
async function readAnew(): Promise<Workbook> {
  forgetRows()
  return read()
}
const change = <T>(work: (sql: BakerySql) => Promise<T>) => atBench(mine, work, 'nell')
const behindItsBack = (statement: string) =>
  owner.begin(async sql => {
    await sql`select set_config('fair_tin.bakery', ${mine}, true), set_config('fair_tin.person', 'set-up', true)`
    await sql.unsafe(statement)
  })
afterAll(async () => {
  await closePool()
  await owner.end()
})

/** Each leaves the books as they were found. */
const deeds: [string, () => Promise<unknown>, () => Promise<unknown>][] = [
  [
    'a fact is saved, and saved back',
    () => change(async sql => rename(sql, 'salt', 'sea salt')),
    () => change(async sql => rename(sql, 'salt', 'salt')),
  ],
  [
    'a price is taken in, and taken away without its ingredient being touched',
    () =>
      change(sql =>
        takePrices(sql, [
          { ingredient: 'salt', pack: { grams: 777, price: '9.99', currency: 'GBP', from: '2026-11-01' } } as never,
        ]),
      ),
    () => behindItsBack(`delete from pack where ingredient_id = 'salt' and grams = 777`),
  ],
  [
    'something is changed without counting its version',
    () => behindItsBack(`update product set body = body || '{"pieceName": "wedge"}' where id = 'chestnut-roll'`),
    () => behindItsBack(`update product set body = body || '{"pieceName": "slice"}' where id = 'chestnut-roll'`),
  ],
  [
    'an ingredient goes, and comes back',
    () => change(sql => removeIngredient(sql, 'salt')),
    () => behindItsBack(`update ingredient set removed_at = null where id = 'salt'`),
  ],
  [
    'a recipe is damaged, and mended',
    () => behindItsBack(`update recipe set body = body || '{"bakeLoss": 7}' where id = 'short-pastry'`),
    () => behindItsBack(`update recipe set body = body || '{"bakeLoss": 0}' where id = 'short-pastry'`),
  ],
  [
    'the kitchen is changed',
    () => behindItsBack(`update kitchen_money set body = body || '{"energyPerKwh": "0.99"}'`),
    () => behindItsBack(`update kitchen set body = body || '{"leftOver": "charged"}'`),
  ],
]
async function rename(sql: BakerySql, id: string, name: string) {
  const one = (await findIngredient(sql, id))!
  return saveIngredient(sql, { ...one, name }, one.version!)
}

describe('what was read', () => {
  it.each(deeds)('%s: what is kept follows', async (_, done, undone) => {
    const before = await read()
    await done()
    const after = await read()
    expect(after).not.toEqual(before)
    expect(after).toEqual(await readAnew())
    await undone()
    const back = await read()
    expect(back).toEqual(await readAnew())
  })

  it('is the very same as long as nobody changes anything, and for what was not changed after', async () => {
    const before = await read()
    expect(await read()).toBe(before)
    await change(sql => rename(sql, 'salt', 'sea salt'))
    const after = await read()
    expect(after.recipes).toBe(before.recipes)
    expect(after.ingredients).not.toBe(before.ingredients)
    const same = after.ingredients.filter(one => before.ingredients.includes(one))
    expect(same).toHaveLength(before.ingredients.length - 1)
    await change(sql => rename(sql, 'salt', 'salt'))
  })

  it('holds nothing of what was rolled back, though the next change has the same version', async () => {
    const before = await read()
    await expect(
      change(async sql => {
        await rename(sql, 'salt', 'rolled back salt')
        const inside = await readWorkbook(sql, '2026-11-24')
        expect(inside.ingredients.find(one => one.id === 'salt')!.name).toBe('rolled back salt')
        throw new Error('taken back')
      }),
    ).rejects.toThrow('taken back')
    expect((await read()).ingredients.find(one => one.id === 'salt')).toEqual(
      before.ingredients.find(one => one.id === 'salt'),
    )
    await change(sql => rename(sql, 'salt', 'another salt'))
    expect((await read()).ingredients.find(one => one.id === 'salt')!.name).toBe('another salt')
    await change(sql => rename(sql, 'salt', 'salt'))
  })

  it('cannot be changed by who reads it', async () => {
    const { ingredients } = await read()
    expect(() => {
      ingredients[0]!.name = 'other'
    }).toThrow(TypeError)
    expect(() => ingredients.pop()).toThrow(TypeError)
  })

  it('follows a kept version that stands frozen in a recipe, under its recipe’s name of today', async () => {
    const number = await change(async sql =>
      keepVersion(sql, (await lockRecipe(sql, 'house-flour-blend'))!, 'for the test', 'a test'),
    )
    const before = await read()
    const user = before.recipes.find(one =>
      one.lines.some(({ of }) => 'recipe' in of && of.recipe === 'house-flour-blend' && of.version === undefined),
    )!
    const freeze = (version: string) =>
      behindItsBack(`update recipe set body = jsonb_set(body, '{lines}', (
        select jsonb_agg(case when line -> 'of' ->> 'recipe' = 'house-flour-blend' then jsonb_set(line, '{of}', '{"recipe": "house-flour-blend"${version}}') else line end order by at)
        from jsonb_array_elements(body -> 'lines') with ordinality lines (line, at))) where id = '${user.id}'`)
    await freeze(`, "version": ${number}`)
    const frozen = await read()
    expect(frozen.recipes.map(one => one.id)).toContain(`house-flour-blend@${number}`)
    expect(frozen).toEqual(await readAnew())
    expect(await read()).toBe(await read())
    await freeze('')
    expect((await read()).recipes.map(one => one.id)).not.toContain(`house-flour-blend@${number}`)
  })
})
