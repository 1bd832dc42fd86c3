// Judged by its slice, a product is judged as by the whole of the books, however these change.
import {
  assess,
  assessed,
  billed,
  carriedTo,
  costed,
  mattersToday,
  sliceOfProduct,
  sliceOfRecipe,
} from '@fair-tin/core/assess'
import { fullCostOf } from '@fair-tin/core/cost'
import { marketsServed } from '@fair-tin/core/market'
import { allergenCodes, type Ingredient, type Recipe, type Workbook } from '@fair-tin/core/model'
import { billOf } from '@fair-tin/core/recipe'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { demoWorkbook } from './workbook'

const books = demoWorkbook('2026-11-24')
type Change = (workbook: Workbook, pick: (of: number) => number) => Workbook
const one = <T>(list: readonly T[], pick: (of: number) => number): T => list[pick(list.length)]!
const replaced = <T>(list: readonly T[], old: T, by: T): T[] => list.map(other => (other === old ? by : other))
const ofIngredient =
  (change: (ingredient: Ingredient, pick: (of: number) => number, workbook: Workbook) => Ingredient): Change =>
  (workbook, pick) => {
    const old = one(workbook.ingredients, pick)
    return { ...workbook, ingredients: replaced(workbook.ingredients, old, change(old, pick, workbook)) }
  }
const ofRecipe =
  (change: (recipe: Recipe, pick: (of: number) => number, workbook: Workbook) => Recipe): Change =>
  (workbook, pick) => {
    const old = one(workbook.recipes, pick)
    return { ...workbook, recipes: replaced(workbook.recipes, old, change(old, pick, workbook)) }
  }
const changes: Record<string, Change> = {
  'a thing is called otherwise': ofIngredient((ingredient, pick) => ({
    ...ingredient,
    name: one(['butter', 'hazelnut paste', 'quince', 'oat crumble'], pick),
  })),
  'a thing holds an allergen': ofIngredient((ingredient, pick) => ({
    ...ingredient,
    allergens: {
      ...ingredient.allergens,
      [one(allergenCodes, pick)]: { status: one(['contains', 'mayContain', 'free', 'unknown'] as const, pick) },
    },
  })),
  'its papers are lost': ofIngredient(ingredient => ({ ...ingredient, evidence: [] })),
  'it loses its table': ofIngredient(ingredient => ({ ...ingredient, nutrients: {} })),
  'it costs more': ofIngredient(ingredient => ({
    ...ingredient,
    packs: ingredient.packs.map(pack => ({ ...pack, price: '99.00' })),
  })),
  'it goes': (workbook, pick) => {
    const gone = one(workbook.ingredients, pick)
    return { ...workbook, ingredients: workbook.ingredients.filter(other => other !== gone) }
  },
  'it cannot be read': (workbook, pick) => {
    const { id, name } = one(workbook.ingredients, pick)
    return { ...workbook, damaged: [...(workbook.damaged ?? []), { kind: 'ingredient', id, name, problem: 'torn' }] }
  },
  'a step speaks of food': ofRecipe((recipe, pick, { ingredients }) => ({
    ...recipe,
    steps: [...recipe.steps, { text: `Brush with ${one(ingredients, pick).name}.`, when: 'after' }],
  })),
  'a line may be another thing': ofRecipe((recipe, pick, { ingredients }) => ({
    ...recipe,
    lines: recipe.lines.map((line, at) =>
      at === 0 && 'ingredient' in line.of
        ? { ...line, alternatives: [{ ingredient: one(ingredients, pick).id }] }
        : line,
    ),
  })),
  'a line is of another thing': ofRecipe((recipe, pick, { ingredients }) => ({
    ...recipe,
    lines: recipe.lines.map((line, at) =>
      at === 0 ? { ...line, of: { ingredient: one(ingredients, pick).id } } : line,
    ),
  })),
  'a recipe becomes part of another': ofRecipe((recipe, pick, { recipes }) => ({
    ...recipe,
    lines: [
      ...recipe.lines,
      { id: 'more', of: { recipe: one(recipes, pick).id }, amount: { value: 50, unit: 'g' }, role: 'finish' },
    ],
  })),
  'a recipe goes': (workbook, pick) => {
    const gone = one(workbook.recipes, pick)
    return { ...workbook, recipes: workbook.recipes.filter(other => other !== gone) }
  },
  'the kitchen says that it is not there': (workbook, pick) => ({
    ...workbook,
    kitchen: {
      ...workbook.kitchen,
      crossContact: [
        ...workbook.kitchen.crossContact,
        { allergen: one(['gluten' as const, ...allergenCodes], pick), control: 'notOnSite' },
      ],
    },
  }),
  'the kitchen loses its papers': workbook => ({ ...workbook, evidence: [] }),
  'a year goes by': workbook => ({ ...workbook, today: `${Number(workbook.today.slice(0, 4)) + 1}-06-01` }),
}
const picks = () => fc.infiniteStream(fc.nat(999))

it('a product by its slice is judged as by the whole, after any changes, and what is kept is never an older judgement', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...Object.keys(changes)), { minLength: 1, maxLength: 4 }),
      picks(),
      (done, stream) => {
        const pick = (of: number) => (stream.next().value as number) % Math.max(1, of)
        let workbook = books
        for (const { id } of workbook.products) assessed(workbook, id, 'uk')
        for (const name of done) {
          workbook = changes[name]!(workbook, pick)
          const product = one(workbook.products, pick)
          const market = one(marketsServed, pick)
          expect(assessed(workbook, product.id, market), name).toEqual(assess(workbook, product.id, market))
          expect(assessed(workbook, books.products[0]!.id, 'uk'), name).toEqual(
            assess(workbook, books.products[0]!.id, 'uk'),
          )
          // as a window judges it that knows no more, and one that has read the rest behind it
          const carried = carriedTo(workbook, product)
          expect(assess(carried, product.id, market), name).toEqual(assess(workbook, product.id, market))
          const whole = { ...carried, ingredients: workbook.ingredients, recipes: workbook.recipes }
          expect(assess(whole, product.id, market), name).toEqual(assess(workbook, product.id, market))
          expect(costed(workbook, product.id), name).toEqual(fullCostOf(workbook, product.id))
          const part = one(workbook.recipes, pick).id
          expect(billed(workbook, part), name).toEqual(billOf(workbook, part))
        }
        // nothing is known of what was never seen before
        expect(mattersToday(workbook), done.join(', ')).toEqual(mattersToday(structuredClone(workbook)))
      },
    ),
    { numRuns: Number(process.env.FAIR_TIN_RUNS ?? 40) },
  )
}, 300_000)

it('a product whose recipe is gone is judged in a window as by the whole', () => {
  for (const product of books.products) {
    const without = { ...books, recipes: books.recipes.filter(recipe => recipe.id !== product.recipe) }
    expect(assess(carriedTo(without, product), product.id, 'uk'), product.name).toEqual(
      assess(without, product.id, 'uk'),
    )
  }
})

it('a slice stays the very same while other things change, and carries no more than it needs', () => {
  const id = 'chestnut-roll'
  const before = sliceOfProduct(books, id)
  expect(before.ingredients.length).toBeLessThan(books.ingredients.length / 2)
  const inside = new Set(before.ingredients.map(other => other.id))
  const other = books.ingredients.find(ingredient => !inside.has(ingredient.id) && ingredient.packs.length > 0)!
  const dearer = { ...other, packs: other.packs.map(pack => ({ ...pack, price: '77.00' })) }
  const after = { ...books, ingredients: replaced(books.ingredients, other, dearer) }
  expect(sliceOfProduct(after, id)).toBe(before)
  expect(assessed(after, id, 'uk')).toBe(assessed(books, id, 'uk'))
  const own = books.ingredients.find(ingredient => inside.has(ingredient.id))!
  const changed = { ...books, ingredients: replaced(books.ingredients, own, { ...own, notes: 'another' }) }
  expect(sliceOfProduct(changed, id)).not.toBe(before)
  // what is left out of a slice of a slice was not in it
  expect(sliceOfProduct(before, id)).toEqual(before)
  expect(sliceOfRecipe(books, before.products[0]!.recipe).products).toEqual([])
})
