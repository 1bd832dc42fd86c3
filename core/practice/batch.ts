// The invented bake as a batch like any other: what of it is weighed out, and the lots that stand ready. It is kept nowhere.
import type { LotOnShelf } from '../batch/lot'
import { allergenCodes } from '../model/allergen'
import type { Batch } from '../model/batch'
import type { Evidence } from '../model/evidence'
import { type Ingredient, unknownIngredient } from '../model/ingredient'
import { daysAfter } from '../words/day'
import { type Moment, moments, practiceBake } from './cards'

const weighed = moments.flatMap(({ id, line }) => (line ? [{ id, ...line }] : []))
const inMethod = moments.filter(one => one.step)
const [recipe, product] = ['practice-bake', 'practice-squares']

const evidence: Evidence[] = [{ id: 'spec', kind: 'specification', reference: 'invented', dated: '2026-01-01' }]
/** As they should be: nothing in any of them but oats in the oat drink. */
const carries = (id: string): Ingredient['allergens'] =>
  Object.fromEntries(
    allergenCodes.map(code => [
      code,
      { status: id === 'drink' && code === 'oats' ? 'contains' : 'free', evidence: 'spec' },
    ]),
  )
/** Each thing is called by the moment it is weighed at. */
export const practiceBatch = (today: string): Batch => ({
  id: 'practice',
  code: 'practice',
  day: today,
  product,
  name: practiceBake.name,
  pieces: practiceBake.pieces,
  factor: 1,
  books: {
    products: [
      {
        id: product,
        name: practiceBake.name,
        recipe,
        netWeight: 50,
        pieces: 1,
        claims: ['glutenFree', 'dairyFree', 'nutFree'],
        markets: ['uk'],
      },
    ],
    recipes: [
      {
        id: recipe,
        version: 1,
        name: practiceBake.name,
        pieces: practiceBake.pieces,
        lines: weighed.map(({ id, grams, role = 'mix' as const }) => ({
          id,
          of: { ingredient: id },
          amount: { value: grams, unit: 'g' },
          role,
        })),
        steps: inMethod.map(one => one.step!),
        tin: { shape: 'square', side: 20, depth: 5 },
        tins: 2,
      },
    ],
    ingredients: weighed.map(({ id, name }) => ({ ...unknownIngredient(id, name), allergens: carries(id), evidence })),
    kitchen: { currency: 'GBP', operator: { name: 'Practice', address: '' }, crossContact: [] },
    evidence: [],
    today,
  },
})

/** Plenty of each, and in date. */
export const practiceLots = (today: string): LotOnShelf[] =>
  weighed.map(({ id, lot }) => ({ id: `practice ${id}`, ingredient: id, lot, left: 5000, useBy: daysAfter(today, 60) }))

/** The moment that stands in the method at the step of that key. */
export const momentAtStep = (key: string): Moment | undefined =>
  inMethod.find((_, at) => key === `${recipe}#step ${at + 1}`)
