// The shelf name: what several suppliers' articles stand for alike, and one of them tried in the place of another.
import type { Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'

export const shelfName = (ingredient: Pick<Ingredient, 'name' | 'standsFor'>): string =>
  (ingredient.standsFor ?? ingredient.name).trim().toLowerCase()

/** All that stand for the same as `own`, itself among them. */
export const sameShelf = (workbook: Workbook, own: Ingredient): Ingredient[] =>
  workbook.ingredients.filter(one => one.id === own.id || shelfName(one) === shelfName(own))

/** The workbook with another article in place of `own`, under its id: whatever calls for it gets the other's facts. */
export const withInPlace = (workbook: Workbook, own: Ingredient, other: Ingredient): Workbook =>
  other === own
    ? workbook
    : {
        ...workbook,
        ingredients: workbook.ingredients.map(one => (one.id === own.id ? { ...other, id: own.id } : one)),
      }
