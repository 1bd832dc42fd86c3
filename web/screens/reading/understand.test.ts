import { describe, expect, it } from 'vitest'
import { understand } from './understand'

const larder = { ingredients: [{ id: 'flour', name: 'buckwheat flour' }], parts: [] }
const said = (text: string) => {
  const read = understand(text, larder)
  return 'problem' in read ? read.problem : read.draft.lines.length
}
describe('a text understood', () => {
  it('is a draft, from a card and from a page', () => {
    expect(said('Buns\n\n200 g buckwheat flour\n2 eggs')).toBe(2)
    const page = { '@type': 'Recipe', name: 'Buns', recipeIngredient: ['200 g buckwheat flour'] }
    expect(
      said(`<html>${'<p>words</p>'.repeat(20_000)}<script type="application/ld+json">${JSON.stringify(page)}</script>`),
    ).toBe(1)
  })
  it('or why it is none', () => {
    expect(said(' \n ')).toContain('nothing to read yet')
    expect(said('Once upon a time. '.repeat(10_000))).toContain('180,000 letters long')
    expect(said('A day by the sea.')).toContain('No ingredient line was found')
    expect(said(Array.from({ length: 2001 }, () => '1 g x').join('\n'))).toContain('2,001 lines were read')
    expect(said('{"format":"fair-tin-recipe","version":2}')).toContain('version 2 of the format')
  })
})
