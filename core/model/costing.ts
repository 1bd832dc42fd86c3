// What the costing of a product and of a kitchen rests on besides prices: work, packing, losses, running costs, tax. All of
// it is hers to set; what she has not set is unknown, never nothing.
import { z } from 'zod'
import { Decimal } from './money'

const name = z.string().trim().min(1, 'Give it a name.').max(80, 'Keep the name under 80 letters.')
const minutes = z
  .number('Say how many minutes.')
  .min(0, 'Minutes cannot be less than none.')
  .max(10_000, 'Over a week of minutes? Check the number.')
const lossShare = z
  .number('Give a share, in per cent.')
  .min(0, 'A loss cannot be less than nothing.')
  .max(1, 'No more than all of it can be lost.')

/** Hands-on work of a step: so long, by so many, for the batch, for each mixer load, or for each piece. */
export const Work = z.object({
  minutes,
  people: z
    .number('Count whole people.')
    .int('Count whole people.')
    .min(1, 'At least one person.')
    .max(50, 'Over 50 people? Check the number.')
    .exactOptional(),
  per: z.enum(['batch', 'load', 'piece']),
})
export type Work = z.infer<typeof Work>

/** Paper, wrap, tray, label: what one costs, and what it is for one of. A box holds `packsPerBox` packs. No price: not known, or not seen. */
export const Packing = z.object({ name, price: Decimal.exactOptional(), per: z.enum(['piece', 'pack', 'box']) })
export type Packing = z.infer<typeof Packing>

/** Shares lost on the way to a customer: of the batch to trimming, of the pieces to breaking, of the good ones to the evening. */
export const Losses = z.object({
  trimmings: lossShare.exactOptional(),
  breakages: lossShare.exactOptional(),
  unsold: lossShare.exactOptional(),
})
export type Losses = z.infer<typeof Losses>

/** How a price is found: margin is a share of the net price, mark-up of the cost, food-cost share is ingredients ÷ net price. */
export const Pricing = z.object({
  by: z.enum(['margin', 'markUp', 'foodCost']),
  share: z.number('Give a share, in per cent.').positive('More than nothing.').max(100, 'At most 10,000 %.'),
  /** Under this margin the product is spoken of in Today. */
  floorMargin: z
    .number('Give the least margin, in per cent.')
    .min(0, 'A floor cannot be under nothing.')
    .lt(1, 'A margin of the whole price leaves no price: take less than 100 %.')
    .exactOptional(),
  /** What others pay of the usual net price, 0 to 1. */
  wholesale: z
    .number('Give what others pay of the usual price, in per cent.')
    .positive('Others pay more than nothing.')
    .max(1, 'Others pay no more than the usual price: take at most 100 %.')
    .exactOptional(),
})
export type Pricing = z.infer<typeof Pricing>

/** Prices in force, as the customer pays them, in the kitchen's currency. */
export const Prices = z.object({
  pack: Decimal.exactOptional(),
  box: Decimal.exactOptional(),
  wholesale: Decimal.exactOptional(),
})
export type Prices = z.infer<typeof Prices>

/** Costs that run whether or not she bakes, and the key by which a batch carries its part. */
export const Running = z.object({
  name,
  perMonth: Decimal,
  key: z.enum(['labourHour', 'ovenHour', 'batch']),
  /** How many of the key there are in a month. */
  monthly: z.number('Say how many there are in a month.').positive('There is more than none in a month.'),
})
export type Running = z.infer<typeof Running>

/** How a market takes its tax: rates by name, and whether prices are said with it. Settings, not assumptions. */
export const Tax = z.object({
  included: z.boolean(),
  rates: z.array(z.object({ name, percent: Decimal })).max(30),
})
export type Tax = z.infer<typeof Tax>

/** Work around a batch that stands in no recipe. */
export const Around = z.object({
  /** Weighing, for each line. */
  weighLine: minutes.exactOptional(),
  /** Cleaning and setting up between one product and the next, once a batch. */
  changeover: minutes.exactOptional(),
  /** Packing and labelling, for each pack. */
  packOne: minutes.exactOptional(),
  /** What comes between two bakes: wiped down, washed, cleaned and tested with the wait for the swab. */
  wipe: minutes.exactOptional(),
  wash: minutes.exactOptional(),
  cleanAndTest: minutes.exactOptional(),
})
export type Around = z.infer<typeof Around>

/** Prices go up to the next `step`, less `less`: 0.50 less 0.05 makes 2.45, 2.95, 3.45. */
export const PricePoint = z.object({ step: Decimal, less: Decimal.exactOptional() })
export type PricePoint = z.infer<typeof PricePoint>
