// Everything one assessment needs, as plain data: products, recipes, ingredients, the kitchen, and the day.
import { z } from 'zod'
import { AllergenCode } from './allergen/codes'
import { Around, Losses, Packing, PricePoint, Prices, Pricing, Running, Tax } from './cost/costing'
import { Evidence, IsoDate } from './ingredient/evidence'
import { Currency, Decimal, Ingredient } from './ingredient/ingredient'
import { Recipe } from './recipe/recipe'
import { Tin } from './recipe/tin'

export const marketCodes = ['uk', 'eu', 'us', 'ca', 'anz'] as const
export const MarketCode = z.enum(marketCodes)
export type MarketCode = z.infer<typeof MarketCode>

export const namedClaims = [
  'glutenFree',
  'dairyFree',
  'eggFree',
  'nutFree',
  'peanutFree',
  'soyFree',
  'sesameFree',
  'vegan',
  'vegetarian',
  'sugarFree',
  'noAddedSugar',
  'refinedSugarFree',
  'lowSugar',
  'lowFat',
  'highFibre',
  'sourceOfFibre',
  'sourceOfProtein',
  'grainFree',
  'paleo',
  'keto',
] as const
export type NamedClaim = (typeof namedClaims)[number]
export type ClaimCode = NamedClaim | `house:${string}`
export const ClaimCode = z.union([z.enum(namedClaims), z.templateLiteral(['house:', z.string()])])

/** Kinds of bake; where a serving rests on one, its market says how much (the United States: 21 CFR 101.12(b)). */
export const productCategories = [
  { code: 'brownie', name: 'brownie' },
  { code: 'heavyCake', name: 'heavy cake, a third and more fruit or nut' },
  { code: 'mediumCake', name: 'cake' },
  { code: 'lightCake', name: 'light cake, sponge without filling' },
  { code: 'cookie', name: 'biscuit, cookie' },
  { code: 'muffin', name: 'muffin' },
  { code: 'quickBread', name: 'quick bread, sweet roll' },
  { code: 'pie', name: 'pie, tart, crumble' },
  { code: 'grainBar', name: 'grain bar' },
  { code: 'candy', name: 'confectionery' },
  { code: 'icing', name: 'icing' },
] as const

/** What is sold: a recipe, cut and packed to a net weight, under a name, with claims, for one or more markets. */
export const Product = z.object({
  id: z.string().min(1),
  version: z.number().int().exactOptional(),
  name: z.string().trim().min(1, 'Give the product a name.').max(200, 'Keep the name under 200 letters.'),
  legalName: z.string().exactOptional(),
  recipe: z.string().min(1),
  /** Grams of one sales unit. */
  netWeight: z
    .number('Say what one pack weighs, in grams.')
    .positive('Say what one pack weighs, in grams.')
    .max(1_000_000, 'A pack over a tonne? Check the net weight.'),
  pieces: z
    .number('Say how many pieces are in one pack.')
    .positive('Say how many pieces are in one pack.')
    .max(100_000, 'Over 100,000 pieces in a pack? Check the number.'),
  claims: z.array(ClaimCode),
  markets: z.array(MarketCode),
  category: z.enum(productCategories.map(one => one.code)).exactOptional(),
  highlighted: z.array(z.string()).exactOptional(),
  packing: z.array(Packing).max(30).exactOptional(),
  packsPerBox: z
    .number('Count whole packs.')
    .int('Count whole packs.')
    .positive('A box holds at least one pack.')
    .max(10_000, 'Over 10,000 packs in a box? Check the number.')
    .exactOptional(),
  losses: Losses.exactOptional(),
  pricing: Pricing.exactOptional(),
  prices: Prices.exactOptional(),
  /** The name of the rate that taxes it, by market. */
  tax: z.partialRecord(MarketCode, z.string().max(80)).exactOptional(),
  /** What a piece is called on screen and label: "slice". */
  pieceName: z.string().exactOptional(),
  keeps: z
    .object({
      days: z
        .number('Say for how many days it keeps, as a whole number.')
        .int('Say for how many days it keeps, as a whole number.')
        .positive('It keeps for at least a day.')
        .max(3650, 'Ten years is the most a date can be set ahead.'),
      mark: z.enum(['bestBefore', 'useBy']),
      storage: z.string(),
    })
    .exactOptional(),
})
export type Product = z.infer<typeof Product>

export const CrossContact = z.object({
  allergen: z.union([AllergenCode, z.literal('gluten')]),
  control: z.enum(['notOnSite', 'separated', 'cleanedAndTested', 'cleaned', 'shared']),
  equipment: z.string().exactOptional(),
  mgProteinPerKg: z.number().min(0).exactOptional(),
  evidence: z.string().exactOptional(),
})
export type CrossContact = z.infer<typeof CrossContact>

const positive = (what: string) => z.number(what).positive(what)
export const KitchenScale = z
  .object({
    capacity: positive('Say the most the scale takes, in grams.').max(1_000_000),
    resolution: positive('Say the scale’s step, in grams: 1, or 0.1.'),
  })
  .refine(one => one.resolution < one.capacity, 'A scale’s step is less than what it takes.')
export const Mixer = z.object({
  name: z.string().trim().min(1, 'Give the mixer a name.').max(60),
  /** Most batter or dough it mixes at once, grams. */
  grams: positive('Say how much it mixes at once, in grams.').max(1_000_000),
})
export type Mixer = z.infer<typeof Mixer>
export const Oven = z.object({
  name: z.string().trim().min(1, 'Give the oven a name.').max(60),
  /** Tins or trays that bake alike at once. */
  tins: positive('Say how many tins it bakes at once.').int('Count whole tins.').max(500),
  fan: z.boolean().exactOptional(),
  /** What it draws at full power, and how long it takes to get hot. */
  kW: z.number('Say what it draws, in kilowatts.').positive('It draws more than nothing.').max(500).exactOptional(),
  preheatMinutes: z
    .number('Say how many minutes it takes to get hot.')
    .min(0, 'Minutes cannot be less than none.')
    .max(600, 'Ten hours to get hot? Check the number.')
    .exactOptional(),
})
export type Oven = z.infer<typeof Oven>

/** What the kitchen itself may add to the food. No record for an allergen means it was never assessed. */
export const Kitchen = z.object({
  currency: Currency,
  labourPerHour: Decimal.exactOptional(),
  energyPerKwh: Decimal.exactOptional(),
  scales: z.array(KitchenScale).max(50).exactOptional(),
  tins: z.array(Tin).max(200, 'Keep the tins under 200.').exactOptional(),
  mixers: z.array(Mixer).max(50).exactOptional(),
  ovens: z.array(Oven).max(50).exactOptional(),
  around: Around.exactOptional(),
  running: z.array(Running).max(50).exactOptional(),
  /** What is left of a part made in bulk: kept as stock for the next bake, or charged to this one. */
  leftOver: z.enum(['stock', 'charged']).exactOptional(),
  taxes: z.partialRecord(MarketCode, Tax).exactOptional(),
  pricePoint: PricePoint.exactOptional(),
  crossContact: z.array(CrossContact),
  /** Who answers for the food, as a label must say it. */
  operator: z.object({ name: z.string(), address: z.string() }).exactOptional(),
  /** What one unit of another currency is in the kitchen's own, from a day on. */
  rates: z.array(z.object({ currency: Currency, rate: Decimal, from: IsoDate })).exactOptional(),
  /** Names of things that can carry no gluten and no allergen but their own, in nature or process. Replaces the built-in list. */
  freeByNature: z.array(z.string()).exactOptional(),
})
export type Kitchen = z.infer<typeof Kitchen>

export const Workbook = z.object({
  products: z.array(Product),
  recipes: z.array(Recipe),
  ingredients: z.array(Ingredient),
  kitchen: Kitchen,
  /** The kitchen's own. */
  evidence: z.array(Evidence),
  today: IsoDate,
})
export type Workbook = z.infer<typeof Workbook>
