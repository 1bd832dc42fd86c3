// Foods in the published JSON shape of a public-domain national food-data service: `foodNutrients[].nutrient.number`.
import { z } from 'zod'
import type { NutrientCode, NutrientValue } from '../model/nutrient'

export interface NamedNutrients {
  name: string
  nutrients: Partial<Record<NutrientCode, NutrientValue>>
}

const Entry = z.object({
  nutrient: z.object({ number: z.coerce.string() }).optional(),
  nutrientNumber: z.coerce.string().optional(),
  number: z.coerce.string().optional(),
  amount: z.number().optional(),
  value: z.number().optional(),
  min: z.number().optional(),
  max: z.number().optional(),
})
const Food = z.object({ description: z.string().min(1), foodNutrients: z.array(Entry) })

/** Nutrient numbers; carbohydrate (205) is by difference and includes fibre (291), so it is not among them. */
const numbers: Record<string, NutrientCode> = {
  203: 'protein',
  204: 'fat',
  208: 'energyKcal',
  268: 'energyKj',
  269: 'sugars',
  291: 'fibre',
  301: 'calciumMg',
  303: 'ironMg',
  306: 'potassiumMg',
  307: 'sodiumMg',
  328: 'vitaminDMcg',
  539: 'addedSugars',
  601: 'cholesterolMg',
  605: 'trans',
  606: 'saturates',
  221: 'alcohol',
  255: 'water',
}
const mostFoods = 20_000

/**
 * Reads one food, a list, or a whole download of them, values per 100 g. Available carbohydrate is 205 less 291, and
 * stays unknown where the fibre is. Says in words what it cannot read.
 */
export function readNationalFoods(text: string): { foods: NamedNutrients[] } | { problem: string } {
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\ufeff/, ''))
  } catch {
    return { problem: 'This is no JSON: it may be cut off, or another kind of file.' }
  }
  const list = Array.isArray(data)
    ? data
    : data !== null && typeof data === 'object' && 'foodNutrients' in data
      ? [data]
      : data !== null && typeof data === 'object'
        ? (Object.values(data).find(Array.isArray) ?? [])
        : []
  if (list.length === 0) return { problem: 'There are no foods in it: each needs a description and its foodNutrients.' }
  if (list.length > mostFoods) return { problem: `That is ${list.length} foods; at most ${mostFoods} at once.` }
  const foods: NamedNutrients[] = []
  for (const one of list) {
    const read = Food.safeParse(one)
    if (read.success) foods.push(fromNational(read.data))
  }
  return foods.length > 0
    ? { foods }
    : { problem: 'None of its entries has a description and foodNutrients as they are published.' }
}

function fromNational(food: z.infer<typeof Food>): NamedNutrients {
  const source = `public-domain national food data, ${food.description}`
  const amounts = new Map<string, z.infer<typeof Entry>>()
  for (const entry of food.foodNutrients) {
    const number = (entry.nutrient?.number ?? entry.nutrientNumber ?? entry.number ?? '').replace(/\.0$/, '')
    const amount = entry.amount ?? entry.value
    if (amount !== undefined && amount >= 0 && !amounts.has(number)) amounts.set(number, entry)
  }
  const nutrients: NamedNutrients['nutrients'] = {}
  for (const [number, code] of Object.entries(numbers)) {
    const entry = amounts.get(number)
    if (!entry) continue
    nutrients[code] = {
      value: (entry.amount ?? entry.value)!,
      ...(entry.min !== undefined && entry.max !== undefined && entry.max >= entry.min && entry.min >= 0
        ? { low: entry.min, high: entry.max }
        : {}),
      source,
    }
  }
  const [total, fibre] = [amounts.get('205'), amounts.get('291')]
  if (total && fibre) {
    const value = Math.max(0, (total.amount ?? total.value)! - (fibre.amount ?? fibre.value)!)
    nutrients.carbohydrate = {
      value: Number(value.toFixed(4)),
      source: `${source}; carbohydrate by difference less fibre`,
    }
  }
  return { name: food.description, nutrients }
}
