// What is sold: a recipe, cut and packed, under a name, with claims, for one or more markets.
import { z } from 'zod'
import { ClaimCode } from './claim'
import { Losses, Packing, Prices, Pricing } from './costing'
import { Evidence } from './evidence'
import { Gtin } from './gtin'
import { KeepingTable, keepingPlaces } from './keeping'
import { LabResult } from './laboratory'
import { MarketCode } from './market'
import { Precaution } from './precaution'
import { saleForms } from './sale'
import { Weighing } from './weighing'

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
  /** The net weight follows the recipe, until somebody fixes it. */
  weightFollows: z.boolean().exactOptional(),
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
  /** Are the house’s own notes on its claims printed too? Told to customers otherwise, and not printed. */
  printNotices: z.boolean().exactOptional(),
  /** Is the share of a day’s reference intake printed, of what a piece holds, where the market has one? */
  printIntake: z.boolean().exactOptional(),
  /** Is the market's summary printed on the front, where it has one? */
  printFront: z.boolean().exactOptional(),
  /** A test of the finished food in which no gluten was found; what its method finds from, in mg/kg. */
  glutenTest: z
    .object({
      findsFromMgPerKg: z.number('Say from how much on the test finds gluten, in mg/kg.').positive().max(100),
      evidence: Evidence,
      /** What was in the food that was tested: ids of ingredients. */
      of: z.array(z.string()).max(1000),
    })
    .exactOptional(),
  /** Where it was made, as its label says it: "Made in the United Kingdom". */
  origin: z.string().trim().max(200, 'Keep it under 200 letters.').exactOptional(),
  /** On the labels of these markets the price of a pack stands, with what a kilogram costs where the market asks for it. */
  printPrice: z.array(MarketCode).exactOptional(),
  /** Its article number, printed as bars. */
  gtin: Gtin.exactOptional(),
  /** A square code beside the bars, with the lot and the date of each batch. */
  squareCode: z.boolean().exactOptional(),
  /** How it is sold; absent: nobody has said, and the label bears everything. */
  soldAs: z.enum(saleForms).exactOptional(),
  /** By market: why no nutrition table is printed, by the pack’s name for that exemption, which somebody answers for. */
  withoutTable: z.partialRecord(MarketCode, z.string().max(60)).exactOptional(),
  /** By market: the design its label is set in; the usual one where there is none. */
  designs: z.partialRecord(MarketCode, z.string().max(100)).exactOptional(),
  /** What packs of it weighed. */
  weighings: z.array(Weighing).max(200, 'Two hundred weighings are kept: take an old one out first.').exactOptional(),
  /** What laboratories found in it. */
  laboratory: z.array(LabResult).max(100).exactOptional(),
  /** What was decided about warnings, one for each allergen. */
  precautions: z.array(Precaution).max(60).exactOptional(),
  /** What a second language needs of a person: the name and the list, and which list it puts into that language. */
  translated: z
    .object({
      name: z.string().max(300),
      ingredients: z.string().max(20_000),
      of: z.string().max(20_000),
      /** What a piece is called there. */
      pieceName: z.string().max(60).exactOptional(),
      /** How it is kept. */
      storage: z.string().max(300).exactOptional(),
    })
    .exactOptional(),
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
      /** Which row of the keeping table it is for. */
      as: z.enum(keepingPlaces).exactOptional(),
    })
    .exactOptional(),
  /** How long it keeps, by how it is kept. */
  keeping: KeepingTable.exactOptional(),
})
export type Product = z.infer<typeof Product>
