import { applyEdit, type RecipeEdit } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { dropEdits } from './rowDrag'

const line = (id: string, heading?: string, role: 'mix' | 'finish' = 'mix') => ({
  id,
  of: { ingredient: id },
  amount: null,
  role,
  ...(heading ? { heading } : {}),
})
const recipe: Recipe = {
  id: 'r',
  version: 1,
  name: 'r',
  steps: [],
  lines: [line('a'), line('b', 'Base'), line('c', 'Base'), line('d', undefined, 'finish')],
}
const after = (drop: Parameters<typeof dropEdits>[1]) => {
  let now = recipe
  for (const edit of dropEdits(recipe, drop)) {
    const done = applyEdit(now, edit as RecipeEdit)
    now = 'recipe' in done ? done.recipe : expect.fail(done.clash.fact)
  }
  return now.lines.map(one => [one.id, one.heading ?? ''].join(' ').trim())
}

describe('a line dropped elsewhere', () => {
  it('takes the place, and the group it lands in', () => {
    expect(after({ line: 'a', behind: 'b' })).toEqual(['b Base', 'a Base', 'c Base', 'd'])
    expect(after({ line: 'c', behind: 'a' })).toEqual(['a', 'c', 'b Base', 'd'])
    expect(after({ line: 'c', behind: null })).toEqual(['c Base', 'a', 'b Base', 'd'])
  })
  it('keeps its group beside what goes elsewhere than the bowl', () =>
    expect(after({ line: 'b', behind: 'd' })).toEqual(['a', 'c Base', 'd', 'b Base']))
  it('is nothing where it stood already', () => {
    expect(dropEdits(recipe, { line: 'b', behind: 'a' })).toEqual([])
    expect(dropEdits(recipe, { line: 'b', behind: 'b' })).toEqual([])
    expect(dropEdits(recipe, { line: 'gone', behind: 'b' })).toEqual([])
  })
})
