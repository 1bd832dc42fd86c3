// The kitchen: what it has, what it costs to run, and what it may itself add to the food.
import { z } from 'zod'
import { AllergenCode } from './allergen'
import { Around, PricePoint, Running, Tax } from './costing'
import { evidenceKinds, IsoDate } from './evidence'
import { HouseRule } from './houseRule'
import { LabelDesign } from './labelDesign'
import { LabelStock } from './labelStock'
import { MarketCode } from './market'
import { Currency, Decimal } from './money'
import { Tin } from './tin'

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
const wildOven = 'Over 60 degrees off? Have the oven looked at.'
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
  /** How much hotter than its dial it bakes, °C; below 0 it runs cold. Measured by an own thermometer. */
  offsetCelsius: z.number('Say by how many degrees.').min(-60, wildOven).max(60, wildOven).exactOptional(),
  /** How much hotter its top shelf is than the middle, °C. */
  topShelfCelsius: z.number('Say by how many degrees.').min(-60, wildOven).max(60, wildOven).exactOptional(),
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
  /** The same in a market that wants somebody there. */
  operatorIn: z.partialRecord(MarketCode, z.object({ name: z.string(), address: z.string() })).exactOptional(),
  /** What one unit of another currency is in the kitchen's own, from a day on. */
  rates: z.array(z.object({ currency: Currency, rate: Decimal, from: IsoDate })).exactOptional(),
  /** Years a document without an end of its own is gone by, by its kind; replaces the house's for that kind. */
  evidenceYears: z.partialRecord(z.enum(evidenceKinds), z.number().min(0).max(20)).exactOptional(),
  /** What the house means by claims that no law defines; one rule a claim. */
  houseRules: z.array(HouseRule).max(60).exactOptional(),
  /** What labels are printed on, beside the sizes there are. */
  labelStocks: z.array(LabelStock).max(60).exactOptional(),
  /** How labels are arranged, beside the arrangement they have by themselves. */
  labelDesigns: z.array(LabelDesign).max(60).exactOptional(),
  /** Names of things that can carry no gluten and no allergen but their own, in nature or process. Replaces the built-in list. */
  freeByNature: z.array(z.string()).exactOptional(),
})
export type Kitchen = z.infer<typeof Kitchen>

/** What of it is seen like a price: by whoever the owner lets see prices, and by nobody else. */
export const kitchenMoney = ['labourPerHour', 'energyPerKwh', 'running'] as const satisfies readonly (keyof Kitchen)[]

export const controlName: Record<CrossContact['control'], string> = {
  notOnSite: 'not on site',
  separated: 'kept apart',
  cleanedAndTested: 'cleaned and tested',
  cleaned: 'cleaned',
  shared: 'shared',
}
