// Short ways to write down what the demo bakery's invented suppliers say.
import {
  type AllergenCode,
  type AllergenFact,
  allergenCodes,
  daysAfter,
  type Evidence,
  type Ingredient,
  type NutrientValue,
} from '@fair-tin/core'

/** An ISO date so many days from `today`. */
export const dayFrom =
  (today: string) =>
  (days: number): string =>
    daysAfter(today, days)

/** Every allergen answered by one document: free, but for those named. */
export function answered(
  evidence: string,
  but: Partial<Record<AllergenCode, 'contains' | 'mayContain' | 'unknown'>> = {},
): Ingredient['allergens'] {
  const facts: Partial<Record<AllergenCode, AllergenFact>> = {}
  for (const code of allergenCodes) {
    const status = but[code] ?? 'free'
    if (status !== 'unknown') facts[code] = { status, evidence }
  }
  return facts
}

/** Free of everything by nature; it needs no document. */
export const natural = (but: Partial<Record<AllergenCode, 'contains'>> = {}): Ingredient['allergens'] =>
  Object.fromEntries(allergenCodes.map(code => [code, { status: but[code] ?? 'free' }]))

const source = 'typical value, from memory: replace with your supplier’s'
export const stated = (value: number): NutrientValue => ({ value, source })
/**
 * fat, saturates, carbohydrate, sugars, fibre, protein in g and sodium in mg; calcium, iron and potassium in mg; all per
 * 100 g. None of these things holds trans fat or vitamin D to speak of.
 */
export function typical(
  fat: number,
  saturates: number,
  carbohydrate: number,
  sugars: number,
  fibre: number,
  protein: number,
  sodiumMg: number,
  [calciumMg, ironMg, potassiumMg]: [number, number, number],
): Ingredient['nutrients'] {
  const all = { fat, saturates, carbohydrate, sugars, fibre, protein, sodiumMg, calciumMg, ironMg, potassiumMg }
  const known = Object.entries({ ...all, trans: 0, vitaminDMcg: 0 })
  return Object.fromEntries(known.map(([code, value]) => [code, stated(value)]))
}

/** Grams per ml of something that weighs so much to the US cup. */
export const perCup = (grams: number): number => grams / 236.5882365

export const specification = (id: string, reference: string, dated: string, expires: string): Evidence => ({
  id,
  kind: 'specification',
  reference,
  dated,
  reviewed: dated,
  reviewedBy: 'Nell Arrowby',
  expires,
})
export const certificate = (id: string, reference: string, dated: string, expires: string): Evidence => ({
  ...specification(id, reference, dated, expires),
  kind: 'certificate',
})
