// Our JSON-LD against schema.org's own vocabulary, as the registry's type package (schema-dts) has it: a Recipe may only
// carry properties schema.org gives a Recipe, of the types it gives them. And the recipe schema.org's documentation shows.
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import path from 'node:path'
import {
  nutrientCodes,
  nutritionInformation,
  type Recipe,
  readRecipe,
  recipeJsonLd,
  unknownIngredient,
} from '@fair-tin/core'
import type { HowToStep, Recipe as SchemaRecipe, WithContext } from 'schema-dts'
import { describe, expect, it } from 'vitest'

const types = readFileSync(
  path.join(path.dirname(createRequire(import.meta.url).resolve('schema-dts/package.json')), 'dist/schema.d.ts'),
  'utf8',
)
/** Properties of a type with those of everything it extends, each with what schema.org lets it be. */
function propertiesOf(type: string): Map<string, string> {
  const head = new RegExp(`interface ${type} extends ([^{]+)\\{([\\s\\S]*?)\\n\\}`).exec(types)
  if (!head) return new Map()
  const own = [...head[2]!.matchAll(/"(\w+)"\?: SchemaValue<([^>]+?)(?:, "\w+")?>;/g)].map(
    match => [match[1]!, match[2]!] as const,
  )
  const inherited = [...head[1]!.matchAll(/\b(\w+Base)\b/g)].flatMap(parent => [...propertiesOf(parent[1]!)])
  return new Map<string, string>([...inherited, ...own])
}

const recipe: Recipe = {
  id: 'r',
  version: 1,
  name: 'Seed crackers',
  pieces: 24,
  lines: [
    { id: 'a', of: { ingredient: 'flour' }, amount: { value: 200, unit: 'g' }, role: 'mix' },
    { id: 'b', of: { ingredient: 'oil' }, amount: { value: 1, unit: 'tbsp' }, role: 'release' },
  ],
  steps: [{ text: 'Bake thin.', when: 'oven', minutes: { from: 15, to: 18 }, celsius: 180 }],
}
const larder = [unknownIngredient('flour', 'buckwheat flour'), unknownIngredient('oil', 'rapeseed oil')]
const { fairTin, ...ours } = recipeJsonLd(recipe, larder)

describe('schema.org', () => {
  const known = propertiesOf('RecipeBase')
  it('knows a recipe by the package', () => {
    for (const name of ['recipeIngredient', 'recipeInstructions', 'recipeYield', 'cookTime', 'name'])
      expect(known.has(name), name).toBe(true)
    expect(known.size).toBeGreaterThan(100)
  })
  it('has every property of ours, and lets it be what it is', () => {
    for (const [name, value] of Object.entries(ours)) {
      if (name.startsWith('@')) continue
      const may = known.get(name)
      expect(may, name).toBeDefined()
      const is =
        typeof (Array.isArray(value) ? value[0] : value) === 'string' ? /\bText\b|\bDuration\b/ : /\bCreativeWork\b/
      expect(may!, name).toMatch(is)
    }
    expect(ours.cookTime).toMatch(/^PT\d+M$/)
    expect(propertiesOf('HowToStepBase').has('text')).toBe(true)
    expect(
      (ours.recipeInstructions as HowToStep[]).every(step => (step as { '@type': string })['@type'] === 'HowToStep'),
    ).toBe(true)
  })
  it('leaves our own form out of its words: a term of our context, as a JSON literal (JSON-LD 1.1, section 4.2.2)', () => {
    expect(ours['@context']).toEqual([
      'https://schema.org',
      { fairTin: { '@id': 'urn:fair-tin:recipe', '@type': '@json' } },
    ])
    expect(known.has('fairTin')).toBe(false)
    expect(fairTin).toMatchObject({ format: 'fair-tin-recipe' })
  })
})

describe('a signed declaration, in schema.org’s words', () => {
  const per100g = Object.fromEntries(
    nutrientCodes.map((code, at) => [code, { value: at + 0.25, low: at, high: at + 1 }]),
  ) as Parameters<typeof nutritionInformation>[0]
  it('has only properties that NutritionInformation has, each a mass or an energy in text', () => {
    const known = propertiesOf('NutritionInformationBase')
    const { '@type': type, ...rows } = nutritionInformation(per100g)
    expect(type).toBe('NutritionInformation')
    expect(Object.keys(rows).length).toBeGreaterThan(8)
    for (const [name, value] of Object.entries(rows)) {
      expect(known.get(name), name).toMatch(/Energy|Mass|Text/)
      expect(value).toMatch(/^\d+(?:\.\d)? (?:calories|g|mg)$/)
    }
  })
  it('leaves out what is not known, and has only properties that Product has', () => {
    expect(nutritionInformation({ fat: { value: 3, low: 3, high: 3 } })).toEqual({
      '@type': 'NutritionInformation',
      servingSize: '100 g',
      fatContent: '3.0 g',
    })
    const product = propertiesOf('ProductBase')
    for (const name of ['name', 'description', 'gtin13', 'additionalProperty'])
      expect(product.has(name), name).toBe(true)
  })
})

describe('a recipe in the shape of the documentation of schema.org/Recipe (from memory; its words are invented here)', () => {
  const page: WithContext<SchemaRecipe> = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Harbour banana bread',
    author: { '@type': 'Person', name: 'Nell Arrowby' },
    cookTime: 'PT1H',
    prepTime: 'PT15M',
    datePublished: '2026-05-08',
    description: 'A loaf for a wet day.',
    interactionStatistic: { '@type': 'InteractionCounter', userInteractionCount: 140 },
    nutrition: { '@type': 'NutritionInformation', calories: '240 calories', fatContent: '9 grams fat' },
    recipeIngredient: ['3 or 4 ripe bananas, smashed', '1 egg', '¾ cup of sugar'],
    recipeInstructions:
      'Preheat the oven to 350 degrees. Mix in the ingredients in a bowl. Pour into a loaf tin and bake for 1 hour.',
    recipeYield: '1 loaf',
    suitableForDiet: 'https://schema.org/LowFatDiet',
  }
  it('is read: title, lines with ranges and fractions, steps', () => {
    const read = readRecipe(`<html><script type="application/ld+json">${JSON.stringify(page)}</script></html>`)
    expect(read.title).toBe('Harbour banana bread')
    expect(read.lines.map(line => [line.item, line.amount])).toEqual([
      ['bananas', { value: 3, upTo: 4, unit: 'each' }],
      ['egg', { value: 1, unit: 'each' }],
      ['sugar', { value: 0.75, unit: 'cup' }],
    ])
    expect(read.ovenCelsius).toBe(180)
    expect(read.steps.at(-1)!.minutes).toMatchObject({ from: 60 })
  })
})
