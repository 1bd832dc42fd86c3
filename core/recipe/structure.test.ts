import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { bakingOf } from '../ingredient/baking'
import { starterShelf } from '../ingredient/starterShelf'
import type { Ingredient } from '../model/ingredient'
import { billOf } from './bill'
import { adviceOn, doughOf } from './structure'

const shelf = (name: string): Ingredient => starterShelf.find(one => one.ingredient.name === name)!.ingredient
const named = (name: string, change: Partial<Ingredient> = {}) => sampleIngredient(name, { name, ...change })
const dough = (...lines: [Ingredient, number][]) => {
  const recipe = sampleRecipe(
    'r',
    lines.map(([one, grams]) => sampleLine(one.id, grams)),
  )
  const ingredients = lines.map(([one]) => one)
  return doughOf(billOf(sampleWorkbook(ingredients, [recipe]), 'r'), ingredients)
}
const told = (...lines: [Ingredient, number][]) => adviceOn(dough(...lines)).map(one => one.what)

const xanthan = shelf('xanthan gum')
const sorghum = shelf('sorghum flour')
const tapioca = shelf('tapioca starch')
const coconut = shelf('coconut flour')
const water = shelf('water')
const egg = shelf('eggs')
const premix = named('bought plain blend', {
  composition: [
    { name: 'rice flour', percent: 60 },
    { name: 'potato starch', percent: 39.5 },
    { name: 'xanthan gum', percent: 0.5 },
  ],
})

describe('what an ingredient does', () => {
  it('every flour and starch of the shelf has its work, and water worked out from its make-up', () => {
    for (const { group, ingredient } of starterShelf.filter(
      one => one.group === 'flours' || one.group === 'starches',
    )) {
      const baking = bakingOf(ingredient)
      expect(baking.flour, ingredient.name).toBeDefined()
      if (group === 'starches') expect(baking.flour!.kind).toBe('starch')
      expect(baking.water).toBeGreaterThanOrEqual(0)
      expect(baking.water).toBeLessThan(0.25)
    }
    expect(bakingOf(water).water).toBeCloseTo(1)
    expect(bakingOf(egg).water).toBeGreaterThan(0.7)
  })
  it('a bought blend works as its parts do by weight, and its gum counts', () => {
    const baking = bakingOf(premix)
    expect(baking.gum).toBeCloseTo(0.005)
    expect(baking.flour!.work.lightness).toBeCloseTo((0.5 * 60 + 0.9 * 39.5) / 99.5)
  })
  it('guesses nothing: a blend without percentages, a gum without a dose, a flour nobody knows', () => {
    const silent = named('mystery mix', { composition: [{ name: 'rice flour' }, { name: 'guar gum' }] })
    expect(bakingOf(silent)).toMatchObject({ gum: 'unstated' })
    expect(bakingOf(silent).flour).toBeUndefined()
    expect(bakingOf(named('mesquite flour', { nutrients: {} }))).toMatchObject({ water: null })
  })
})

describe('rules of thumb', () => {
  it('gum from every source, premix included', () => {
    const both = dough([premix, 400], [xanthan, 4], [water, 400], [egg, 100])
    expect(both.gum).toBeCloseTo(6)
    expect(both.gumFrom.map(one => one.name)).toEqual(['bought plain blend', 'xanthan gum'])
  })
  it('1 teaspoon to 225 g is within a cake’s dose; 3 % is choux; more is too much', () => {
    expect(told([sorghum, 225], [xanthan, 3], [water, 225])).toEqual([])
    expect(told([sorghum, 100], [xanthan, 2.6], [water, 100])[0]).toContain('right for choux')
    expect(told([sorghum, 100], [xanthan, 4], [water, 100])[0]).toContain('more than any')
    expect(told([sorghum, 1000], [xanthan, 4], [water, 900])[0]).toContain('may crumble')
  })
  it('above a quarter coconut flour it is dry', () => {
    expect(told([sorghum, 150], [coconut, 50], [egg, 200])).toEqual([])
    expect(told([sorghum, 100], [coconut, 50], [egg, 300])[0]).toContain('33 % of the flour is coconut flour')
  })
  it('without gluten something must bind; with egg it does', () => {
    expect(told([sorghum, 200], [water, 200])).toEqual(['Nothing here binds: it will crumble.'])
    expect(told([sorghum, 200], [water, 200], [egg, 50])).toEqual([])
    expect(adviceOn(dough([sorghum, 200], [water, 200]), true)).toEqual([])
  })
  it('too much starch turns gummy; erythritol alone crisps, xylitol with it does not', () => {
    expect(told([tapioca, 60], [sorghum, 40], [egg, 80])[0]).toContain('gummy')
    expect(told([sorghum, 100], [egg, 90], [shelf('erythritol'), 80])[0]).toContain('only sweetener')
    expect(told([sorghum, 100], [egg, 90], [shelf('erythritol'), 40], [shelf('xylitol'), 40])).toEqual([])
  })
  it('has nothing to say of a dough without flour', () => expect(told([egg, 200])).toEqual([]))
})
