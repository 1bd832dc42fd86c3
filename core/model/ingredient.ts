// One supplier's article, with what is known of it. Absent means unknown; an empty list means none.
import { z } from 'zod'
import { AllergenCode, allergenStatuses } from './allergen'
import { Evidence, IsoDate } from './evidence'
import { Currency, Decimal } from './money'
import { NutrientValue, nutrientCodes } from './nutrient'
import { sizes } from './unit'
import { WeighingTrial } from './weighingTrial'

/** What a bought ingredient is itself made of: a tree, in the supplier's order, percentages where given. */
export interface Component {
  name: string
  percent?: number
  functionClass?: string
  eNumber?: string
  components?: Component[]
}
export const Component: z.ZodType<Component> = z.object({
  name: z.string().min(1),
  percent: z.number().min(0).max(100).exactOptional(),
  functionClass: z.string().exactOptional(),
  eNumber: z.string().exactOptional(),
  components: z.lazy(() => z.array(Component)).exactOptional(),
})

export const AllergenFact = z.object({
  status: z.enum(allergenStatuses),
  mgPerKg: z.number().min(0).exactOptional(),
  evidence: z.string().exactOptional(),
})
export type AllergenFact = z.infer<typeof AllergenFact>

export const animalTraits = ['milk', 'egg', 'honey', 'gelatine', 'meat', 'fish', 'insect'] as const
export const sweeteningTraits = [
  'sugar',
  'syrup',
  'juiceConcentrate',
  'fruitPuree',
  'wholeFruit',
  'polyol',
  'rareSugar',
  'intense',
] as const
export const Traits = z.object({
  animal: z.array(z.enum(animalTraits)).exactOptional(),
  sweetening: z.array(z.enum(sweeteningTraits)).exactOptional(),
  grain: z.array(z.enum(['gluten', 'other'])).exactOptional(),
  refined: z.boolean().exactOptional(),
  legume: z.boolean().exactOptional(),
  alcohol: z.boolean().exactOptional(),
})
export type Traits = z.infer<typeof Traits>

export const measuringMethods = ['spooned', 'dipped', 'sifted', 'packed', 'melted'] as const
export const Measure = z.object({
  form: z.string().exactOptional(),
  method: z.enum(measuringMethods).exactOptional(),
  gramsPerMl: z.number().positive().exactOptional(),
  /** Grams of one piece, of what is eaten. */
  each: z.partialRecord(z.enum(sizes), z.number().positive()).exactOptional(),
  /** Edible share of the bought weight, above 0 to 1. */
  ediblePart: z.number().positive().max(1).exactOptional(),
})
export type Measure = z.infer<typeof Measure>

export const Pack = z.object({
  grams: z.number().min(0.001, 'A pack weighs more than nothing.').max(100_000_000, 'That is more than 100 tonnes.'),
  price: Decimal,
  currency: Currency,
  from: IsoDate,
})
export type Pack = z.infer<typeof Pack>

/** What a thing is called: something, and not a page of it. */
export const longestName = 200
export const Name = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(longestName, `Keep the name under ${longestName} letters.`)

export const Ingredient = z.object({
  id: z.string().min(1),
  version: z.number().int().exactOptional(),
  name: Name,
  standsFor: z.string().exactOptional(),
  supplier: z.string().exactOptional(),
  /** The supplier's own number for it. */
  article: z.string().max(60).exactOptional(),
  /** What else is known or suspected; watched for allergens like the names. */
  notes: z.string().max(4000).exactOptional(),
  labelName: z.string().exactOptional(),
  functionClass: z.string().exactOptional(),
  eNumber: z.string().exactOptional(),
  composition: z.array(Component).exactOptional(),
  allergens: z.partialRecord(AllergenCode, AllergenFact),
  gluten: z.object({ atMostMgPerKg: z.number().min(0), evidence: z.string().exactOptional() }).exactOptional(),
  oatsSpeciallyProduced: z.boolean().exactOptional(),
  glutenRemoved: z.boolean().exactOptional(),
  exemptAllergens: z.array(AllergenCode).exactOptional(),
  traits: Traits,
  nutrients: z.partialRecord(z.enum(nutrientCodes), NutrientValue),
  measures: z.array(Measure),
  /** What was weighed to find them, the newest first. */
  trials: z.array(WeighingTrial).max(40).exactOptional(),
  packs: z.array(Pack),
  /** The ordinary thing it stands in for, and what a kilogram of that costs: for the free-from premium. */
  counterpart: z
    .object({ name: z.string().trim().min(1, 'Name the ordinary thing.').max(200), perKg: Decimal })
    .exactOptional(),
  evidence: z.array(Evidence),
})
export type Ingredient = z.infer<typeof Ingredient>

/** An ingredient of which only the name is known: every fact unknown. */
export const unknownIngredient = (id: string, name: string): Ingredient => ({
  id,
  name,
  allergens: {},
  traits: {},
  nutrients: {},
  measures: [],
  packs: [],
  evidence: [],
})
