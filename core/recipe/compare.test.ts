import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import { bodyOf } from '../edit/recipeEdit'
import type { Line } from '../model/recipe'
import { compareRecipes } from './compare'

const nameOf = (of: Line['of']) => ('recipe' in of ? of.recipe : of.ingredient)
const lines = ['flour', 'sugar', 'butter', 'salt'].map((thing, at) => sampleLine(thing, 100 + at, { id: thing }))
const body = (of: Line[], change = {}) => bodyOf(sampleRecipe('cake', of, change))
const shown = (a: ReturnType<typeof body>, b: ReturnType<typeof body>) =>
  compareRecipes(a, b, nameOf)
    .filter(row => row.kind !== 'same')
    .map(({ name, kind, before, after }) => [kind, name, before, after])

describe('comparing two versions', () => {
  it('says nothing of what is the same', () => expect(shown(body(lines), body(lines))).toEqual([]))
  it('names what came, what went and what is otherwise', () =>
    expect(
      shown(
        body(lines),
        body([{ ...lines[0]!, amount: { value: 1.5, unit: 'cup' } }, ...lines.slice(2), sampleLine('egg', 50)]),
      ),
    ).toEqual([
      ['changed', 'flour', '100 g', '1½ cups'],
      ['removed', 'sugar', '101 g', null],
      ['added', 'egg', null, '50 g'],
    ]))
  it('names a swap by both things, and a role', () =>
    expect(
      shown(
        body(lines),
        body([{ ...lines[0]!, of: { ingredient: 'teff' } }, lines[1]!, lines[2]!, { ...lines[3]!, role: 'finish' }]),
      ),
    ).toEqual([
      ['changed', 'teff', 'flour, 100 g', '100 g'],
      ['changed', 'salt', '103 g', '103 g, on top'],
    ]))
  it('knows a line by its thing where its id is new', () =>
    expect(shown(body(lines), body(lines.map(line => ({ ...line, id: `${line.id}2` }))))).toEqual([]))
  it('says what is otherwise of the whole', () =>
    expect(shown(body(lines, { pieces: 12 }), body(lines, { pieces: 24, bakeLoss: 0.1 }))).toEqual([
      ['changed', 'Pieces', '12', '24'],
      ['changed', 'Bake loss', 'not known', '10 %'],
    ]))
  it('loses no line of either, whatever was taken and kept', () => {
    const some = fc.subarray(lines)
    fc.assert(
      fc.property(some, some, (a, b) => {
        const rows = compareRecipes(body(a), body(b), nameOf)
        expect(
          rows
            .filter(row => row.before !== null)
            .map(row => row.name)
            .sort(),
        ).toEqual(a.map(one => one.id).sort())
        expect(rows.filter(row => row.after !== null).map(row => row.name)).toEqual(b.map(one => one.id))
      }),
    )
  })
})
