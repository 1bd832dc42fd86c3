// Found by a name as it is typed, against a real database.
import { meantByStart } from '@fair-tin/core/ingredient'
import { afterAll, describe, expect, it } from 'vitest'
import { atBench } from '../tests/fixtures/hands'
import { closePool, findByName, listIngredients } from './index'

const bakery = '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'
const find = (typed: string) => atBench(bakery, sql => findByName(sql, typed, meantByStart(typed)))
afterAll(closePool)

describe('what is found', () => {
  it('is whatever is called so, by its whole name, its words in any order, and by its other names', async () => {
    for (const one of (await atBench(bakery, listIngredients)).values.slice(0, 40)) {
      const names = [one.name, one.name.toUpperCase(), one.name.split(/[ ,]+/).reverse().join(' ')]
      for (const typed of names)
        expect(
          (await find(typed)).map(found => found.id),
          typed,
        ).toContain(one.id)
    }
    expect((await find('almond me')).map(one => one.name)).toContain('ground almonds')
  })
  it('begins with what begins so, and is a dozen of each kind at the most', async () => {
    const [first] = await find('teff')
    expect(first?.name).toMatch(/^teff/i)
    const counts = new Map<string, number>()
    for (const { kind } of await find('')) counts.set(kind, (counts.get(kind) ?? 0) + 1)
    expect([...counts.values()].every(count => count <= 12)).toBe(true)
    expect([...counts.keys()].sort()).toEqual(['ingredient', 'product', 'recipe'])
  })
  it('is nothing for signs that only a query would read', async () => {
    for (const typed of ['%', '_____', '\\', "' or true --", '%%almond'])
      expect(
        (await find(typed)).map(one => one.name),
        typed,
      ).toEqual([])
  })
})
