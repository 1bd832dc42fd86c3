// Nutrients, per 100 g edible. Grams, unless the code ends in Mg, Mcg, Kj or Kcal.
// `carbohydrate` is available carbohydrate, with polyols and allulose, without fibre; `sugars` are without allulose.
import { z } from 'zod'

export const nutrientCodes = [
  'energyKj',
  'energyKcal',
  'fat',
  'saturates',
  'trans',
  'cholesterolMg',
  'carbohydrate',
  'sugars',
  'addedSugars',
  'fibre',
  'solubleFibre',
  'starch',
  'polyols',
  'erythritol',
  'xylitol',
  'maltitol',
  'sorbitol',
  'isomalt',
  'lactitol',
  'mannitol',
  'allulose',
  'protein',
  'sodiumMg',
  'vitaminDMcg',
  'calciumMg',
  'ironMg',
  'potassiumMg',
  'alcohol',
  'organicAcids',
  'water',
] as const
export type NutrientCode = (typeof nutrientCodes)[number]

export const NutrientValue = z.object({
  value: z.number().min(0),
  low: z.number().min(0).exactOptional(),
  high: z.number().min(0).exactOptional(),
  source: z.string(),
})
export type NutrientValue = z.infer<typeof NutrientValue>

/** The eight a larder sheet asks for first, in the order of a European table. */
export const mainNutrients = ['fat', 'saturates', 'carbohydrate', 'sugars', 'fibre', 'protein', 'sodiumMg'] as const

export const nutrientName: Record<NutrientCode, string> = {
  energyKj: 'energy (kJ)',
  energyKcal: 'energy (kcal)',
  fat: 'fat',
  saturates: 'saturates',
  trans: 'trans fat',
  cholesterolMg: 'cholesterol (mg)',
  carbohydrate: 'carbohydrate',
  sugars: 'sugars',
  addedSugars: 'added sugars',
  fibre: 'fibre',
  solubleFibre: 'soluble fibre',
  starch: 'starch',
  polyols: 'polyols',
  erythritol: 'erythritol',
  xylitol: 'xylitol',
  maltitol: 'maltitol',
  sorbitol: 'sorbitol',
  isomalt: 'isomalt',
  lactitol: 'lactitol',
  mannitol: 'mannitol',
  allulose: 'allulose',
  protein: 'protein',
  sodiumMg: 'sodium (mg)',
  vitaminDMcg: 'vitamin D (µg)',
  calciumMg: 'calcium (mg)',
  ironMg: 'iron (mg)',
  potassiumMg: 'potassium (mg)',
  alcohol: 'alcohol',
  organicAcids: 'organic acids',
  water: 'water',
}
