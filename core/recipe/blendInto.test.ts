import { describe, expect, it } from 'vitest'
import { sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { applyEdit } from '../edit/recipeEdit'
import { starterShelf } from '../ingredient/starterShelf'
import type { Ingredient } from '../model/ingredient'
import type { Recipe } from '../model/recipe'
import { billOf } from './bill'
import { blendEdits } from './blendInto'

const shelf = (name: string): Ingredient => starterShelf.find(one => one.ingredient.name === name)!.ingredient
const [rice, tapioca, sorghum, gum, sugar, egg] = [
  'brown rice flour',
  'tapioca starch',
  'sorghum flour',
  'xanthan gum',
  'caster sugar',
  'eggs',
].map(shelf) as [Ingredient, Ingredient, Ingredient, Ingredient, Ingredient, Ingredient]
const ingredients = [rice, tapioca, sorghum, gum, sugar, egg]
const premix = sampleRecipe('premix', [sampleLine(rice.id, 900), sampleLine(tapioca.id, 80), sampleLine(gum.id, 20)])
const sponge = sampleRecipe('sponge', [sampleLine(rice.id, 50), sampleLine(egg.id, 50)])
const cake = sampleRecipe('cake', [
  sampleLine(sugar.id, 100),
  sampleLine('part:premix', 500, { heading: 'Base' }),
  sampleLine(rice.id, 110),
  sampleLine('part:sponge', 60),
  sampleLine(rice.id, 10, { role: 'release' }),
])
const workbook = sampleWorkbook(ingredients, [cake, premix, sponge])
const blend = {
  shares: [
    { id: sorghum.id, name: 'sorghum flour', share: 0.75 },
    { id: tapioca.id, name: 'tapioca starch', share: 0.25 },
  ],
  work: { bulk: 0, absorbency: 0, lightness: 0, binding: 0 },
  pricePerKg: null,
  away: null,
}

describe('another blend in a recipe', () => {
  for (const factor of [1, 3])
    it(`takes flours and pure blends out, keeps their gum, and weighs the same (looked at ×${factor})`, () => {
      let count = 0
      const put = blendEdits(cake, billOf(workbook, 'cake', { factor }), ingredients, blend, () => `new-${++count}`)!
      let now: Recipe = cake
      for (const edit of put.edits) {
        const done = applyEdit(now, edit)
        now = 'recipe' in done ? done.recipe : expect.fail(done.clash.fact)
      }
      expect(put.grams).toBeCloseTo(600)
      expect(now.lines.map(line => [line.of, line.amount!.value, line.role])).toEqual([
        [{ ingredient: sugar.id }, 100, 'mix'],
        [{ ingredient: sorghum.id }, 450, 'mix'],
        [{ ingredient: tapioca.id }, 150, 'mix'],
        [{ ingredient: gum.id }, 10, 'mix'],
        [{ recipe: 'sponge' }, 60, 'mix'],
        [{ ingredient: rice.id }, 10, 'release'],
      ])
      expect(now.lines[1]!.heading).toBe('Base')
      const weight = (recipe: Recipe) => billOf({ ...workbook, recipes: [recipe, premix, sponge] }, 'cake').ingoing
      expect(weight(now)).toBeCloseTo(weight(cake), 6)
    })
  it('is none where the flour stands only in other parts', () => {
    const only = sampleRecipe('cake', [sampleLine('part:sponge', 60)])
    expect(
      blendEdits(only, billOf({ ...workbook, recipes: [only, sponge] }, 'cake'), ingredients, blend, () => 'x'),
    ).toBeNull()
  })
})
