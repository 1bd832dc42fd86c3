// Allergens at their finest grain. A market groups and names them.
import { z } from 'zod'

export const allergenCodes = [
  'wheat',
  'rye',
  'barley',
  'oats',
  'crustaceans',
  'molluscs',
  'egg',
  'fish',
  'peanut',
  'soy',
  'milk',
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazilNut',
  'pistachio',
  'macadamia',
  'pineNut',
  'coconut',
  'celery',
  'mustard',
  'sesame',
  'lupin',
  'sulphites',
] as const
export type AllergenCode = (typeof allergenCodes)[number]
export const AllergenCode = z.enum(allergenCodes)

export const allergenStatuses = ['contains', 'mayContain', 'free', 'unknown'] as const
export type AllergenStatus = (typeof allergenStatuses)[number]
/** In plain English, as a screen says it. */
export const allergenStatusName: Record<AllergenStatus, string> = {
  contains: 'contains',
  mayContain: 'may contain',
  free: 'free',
  unknown: 'unknown',
}

/** The gluten cereals, oats among them as the European list has it. */
export const glutenCereals: readonly AllergenCode[] = ['wheat', 'rye', 'barley', 'oats']
/** Nuts of trees, as the European list has them; pine nut and coconut are none. */
export const treeNuts: readonly AllergenCode[] = [
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazilNut',
  'pistachio',
  'macadamia',
]

/** In plain English, as a screen says it. A label uses its market's name. */
export const allergenName: Record<AllergenCode, string> = {
  wheat: 'wheat',
  rye: 'rye',
  barley: 'barley',
  oats: 'oats',
  crustaceans: 'crustaceans',
  molluscs: 'molluscs',
  egg: 'egg',
  fish: 'fish',
  peanut: 'peanut',
  soy: 'soya',
  milk: 'milk',
  almond: 'almond',
  hazelnut: 'hazelnut',
  walnut: 'walnut',
  cashew: 'cashew',
  pecan: 'pecan',
  brazilNut: 'Brazil nut',
  pistachio: 'pistachio',
  macadamia: 'macadamia',
  pineNut: 'pine nut',
  coconut: 'coconut',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  lupin: 'lupin',
  sulphites: 'sulphites',
}
