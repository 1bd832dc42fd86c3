import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import { readRecipe } from '../reading/readRecipe'
import { isoMinutes, recipeJsonLd, textFromJsonLd } from './recipeJsonLd'

// the shape of the example in schema.org's own documentation of Recipe, with an invented recipe
const node = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Pear & polenta cake',
  recipeYield: ['12', '12 slices'],
  cookTime: 'PT1H5M',
  recipeIngredient: ['200 g polenta', '3 large eggs', '2 pears, peeled &amp; cored', 'butter, for greasing'],
  recipeInstructions: [
    { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Heat the oven to 180 °C.' }] },
    { '@type': 'HowToStep', text: 'Mix, pour and bake for 40 minutes.' },
  ],
}
const page = (data: unknown) =>
  `<html><script type="application/ld+json">${JSON.stringify(data)}</script><p>Ads</p></html>`

describe('recipes in JSON-LD', () => {
  it.each([
    ['a page', page(node)],
    ['a graph in a page', page({ '@graph': [{ '@type': 'WebPage' }, node] })],
    ['a list of types', page([{ ...node, '@type': ['Thing', 'Recipe'] }])],
    ['a file', JSON.stringify(node)],
  ])('are read from %s', (_, text) => {
    const read = readRecipe(text)
    expect(read).toMatchObject({ title: 'Pear & polenta cake', pieces: 12, ovenCelsius: 180, minutes: { from: 40 } })
    expect(read.lines.map(line => [line.item, line.role])).toEqual([
      ['polenta', 'mix'],
      ['eggs', 'mix'],
      ['pears', 'mix'],
      ['butter', 'release'],
    ])
    expect(read.steps).toHaveLength(2)
  })
  it('keep what they are described by', () => {
    const { unread } = readRecipe(page({ ...node, description: 'From the old orchard, for the harvest.' }))
    expect(unread).toEqual(['From the old orchard, for the harvest.'])
    const noted = sampleRecipe('cake', [sampleLine('teff', 100)], { notes: 'Less syrup next time.' })
    expect(recipeJsonLd(noted, [sampleIngredient('teff')])).toMatchObject({ description: 'Less syrup next time.' })
  })
  it('are not seen where there are none', () => {
    for (const text of ['Buns\n200 g flour', '{"a":1}', '{', page({ '@type': 'WebPage' }), page('x')])
      expect(textFromJsonLd(text), text).toBeNull()
  })
  it('times are read as ISO 8601 writes them', () =>
    expect(['PT45M', 'PT1H5M', 'P1DT2H', 'soon', ''].map(isoMinutes)).toEqual([45, 65, 1560, null, null]))
  it('written and read back, every line, amount and step is the same', () => {
    const things = ['teff flour', 'rice drink', 'salt', 'date syrup'].map(name => sampleIngredient(name))
    const some = fc.array(fc.tuple(fc.constantFrom(...things), fc.integer({ min: 1, max: 999 })), {
      minLength: 1,
      maxLength: 6,
    })
    fc.assert(
      fc.property(some, chosen => {
        const recipe = sampleRecipe(
          'Loaf',
          chosen.map(([thing, grams]) => sampleLine(thing.id, grams)),
          { pieces: 8, steps: [{ text: 'Mix well.', when: 'bench' }] },
        )
        const read = readRecipe(JSON.stringify(recipeJsonLd(recipe, things)))
        expect([read.title, read.pieces, read.steps.map(step => step.text)]).toEqual(['Loaf', 8, ['Mix well.']])
        expect(read.lines.map(line => [line.item, line.amount])).toEqual(
          chosen.map(([thing, value]) => [thing.name, { value, unit: 'g' }]),
        )
      }),
    )
  })
  it('is not brought down by a page that is broken, deep or without end', () => {
    const deep = (times: number) => `${'{"itemListElement":['.repeat(times)}"a"${']}'.repeat(times)}`
    expect(readRecipe(`{"@type":"Recipe","name":"Buns","recipeInstructions":${deep(8000)}}`).steps).toEqual([])
    expect(readRecipe('<script type="application/ld+json">{'.repeat(30_000)).lines).toEqual([])
    expect(readRecipe('<script '.repeat(60_000)).lines).toEqual([])
  })
  it('reads entities, and ingredients written as one text', () =>
    expect(
      textFromJsonLd(
        JSON.stringify({
          '@type': 'Recipe',
          name: 'x',
          recipeIngredient: '&frac12; tsp salt<br>100 g baker&#39;s sugar',
        }),
      ),
    ).toContain("½ tsp salt\n100 g baker's sugar"))
})
