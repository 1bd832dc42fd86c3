// Small invented things for tests: an ingredient with everything proven, a recipe, a kitchen, a workbook.
import { type AllergenCode, allergenCodes } from './allergen/codes'
import type { Ingredient } from './ingredient/ingredient'
import type { Line, Recipe } from './recipe/recipe'
import type { Product, Workbook } from './workbook'

export const sampleDay = '2026-11-24'
const source = 'invented'

/** Free of everything by a specification in force, without gluten, of nothing animal or sweet, at 1 GBP a kg. */
export function sampleIngredient(id: string, change: Partial<Ingredient> = {}): Ingredient {
  const value = (grams: number) => ({ value: grams, source })
  return {
    id,
    name: id,
    composition: [],
    allergens: Object.fromEntries(allergenCodes.map(code => [code, { status: 'free', evidence: 'spec' }])),
    gluten: { atMostMgPerKg: 5, evidence: 'spec' },
    traits: { animal: [], sweetening: [], grain: [], refined: false, legume: false, alcohol: false },
    nutrients: {
      fat: value(10),
      saturates: value(2),
      carbohydrate: value(50),
      sugars: value(5),
      fibre: value(4),
      protein: value(8),
      sodiumMg: value(100),
    },
    measures: [{ gramsPerMl: 0.5 }],
    packs: [{ grams: 1000, price: '1.00', currency: 'GBP', from: '2026-01-01' }],
    evidence: [{ id: 'spec', kind: 'specification', reference: 'S-1', dated: '2026-06-01', expires: '2027-06-01' }],
    ...change,
  }
}
/** The same, but with one allergen's status changed. */
export const carrying = (
  id: string,
  code: AllergenCode,
  status: 'contains' | 'mayContain' | 'unknown' | 'free',
  change: Partial<Ingredient> = {},
): Ingredient => {
  const sample = sampleIngredient(id, change)
  return { ...sample, allergens: { ...sample.allergens, [code]: { status, evidence: 'spec' } } }
}

let count = 0
/** So many grams of an ingredient, or of a part ("part:id"). */
export const sampleLine = (of: string, grams: number | null, change: Partial<Line> = {}): Line => ({
  id: `line-${++count}`,
  of: of.startsWith('part:') ? { recipe: of.slice(5) } : { ingredient: of },
  amount: grams === null ? null : { value: grams, unit: 'g' },
  role: 'mix',
  ...change,
})
export const sampleRecipe = (id: string, lines: Line[], change: Partial<Recipe> = {}): Recipe => ({
  id,
  version: 1,
  name: id,
  lines,
  steps: [],
  ...change,
})

/** A workbook with one product "cake" of the first recipe; its kitchen is proven free of everything. */
export function sampleWorkbook(ingredients: Ingredient[], recipes: Recipe[], product: Partial<Product> = {}): Workbook {
  return {
    products: [
      {
        id: 'cake',
        name: 'Cake',
        recipe: recipes[0]?.id ?? 'none',
        netWeight: 100,
        pieces: 1,
        claims: ['glutenFree', 'dairyFree', 'eggFree', 'nutFree', 'vegan', 'noAddedSugar'],
        markets: ['uk'],
        ...product,
      },
    ],
    recipes,
    ingredients,
    kitchen: {
      currency: 'GBP',
      operator: { name: 'Test Bakehouse', address: '1 Nowhere Lane' },
      crossContact: [...allergenCodes, 'gluten' as const].map(allergen => ({
        allergen,
        control: 'notOnSite',
        evidence: 'review',
      })),
    },
    evidence: [
      { id: 'review', kind: 'specification', reference: 'site review', dated: '2026-06-01', expires: '2027-06-01' },
    ],
    today: sampleDay,
  }
}
