// A recipe while it is being read, all text she may correct: its shape, and its amounts.
import { type Amount, ClaimCode, type Line, PartOf, type Recipe, tinName } from '@fair-tin/core/model'
import { partAmount, readLine } from '@fair-tin/core/reading'
import { commaDoubt } from '@fair-tin/core/words'
import { v4 } from 'uuid'
import { z } from 'zod'

const Kept = z.custom<Partial<Line>>(value => typeof value === 'object' && value !== null)
export const DraftLine = z.object({
  key: z.string(),
  /** As written. */
  text: z.string(),
  amount: z.string(),
  of: z.union([
    z.object({ ingredient: z.string() }),
    PartOf,
    z.object({ fresh: z.string(), shelf: z.string().optional() }),
  ]),
  /** The match is a guess until she says so. */
  asks: z.boolean(),
  prep: z.string(),
  role: z.enum(['mix', 'finish', 'release', 'drained', 'beside']),
  heading: z.string(),
  /** “Or coconut oil”: what else could stand here, matched to the larder where it is known. */
  alternatives: z.array(z.object({ name: z.string(), ingredient: z.string().optional() })),
  /** What its amount could mean otherwise, as it is asked until the amount is changed. */
  doubt: z.object({ amount: z.string(), question: z.string(), unit: z.boolean() }).optional(),
  /** Facts of an existing line that this table does not show, kept as they are. */
  kept: Kept,
})
export type DraftLine = z.infer<typeof DraftLine>

export const mostLines = 2000
export const DraftOfOne = z.object({
  id: z.string().optional(),
  seen: z.number().optional(),
  name: z.string(),
  pieces: z.string(),
  bakeLoss: z.string(),
  /** The tin as she writes it; undefined while it is as read. */
  tin: z.string().optional(),
  /** Heat and time of the bake as she writes them, or as a row beside the method says; undefined while the method says them. */
  oven: z.string().optional(),
  minutes: z.string().optional(),
  cup: z.string(),
  spoon: z.string(),
  lines: z.array(DraftLine).max(mostLines),
  method: z.string(),
  /** What was neither line nor step, and anything else. */
  notes: z.string(),
  kept: z.custom<Partial<Recipe>>(value => typeof value === 'object' && value !== null),
  /** Sell it too, in packs of so many pieces. */
  sell: z.boolean(),
  packPieces: z.string(),
  packGrams: z.string(),
  /** How the product keeps: days, which date mark, and where. */
  keepsDays: z.string().default(''),
  keepsMark: z.enum(['', 'bestBefore', 'useBy']).default(''),
  keepsStorage: z.string().default(''),
  /** What the product is to claim: read from the card, or chosen here. */
  claims: z.array(ClaimCode).default([]),
})
/** `bring`: parts that come with a file and are not here yet; lines call for them as "bring:key". */
export const Draft = DraftOfOne.extend({ bring: z.array(z.object({ key: z.string(), draft: DraftOfOne })).max(500) })
export type Draft = z.infer<typeof Draft>
export type DraftOfOne = z.infer<typeof DraftOfOne>
export const broughtBy = (key: string): string => `bring:${key}`

/** Above this no kitchen here can make it: a slip of the finger. */
export const tonne = 1_000_000
export interface ReadAmounts {
  amount: Amount | null
  plus: Amount[]
  also: Amount[]
}
/** An amount as typed, or why it cannot be one. Empty is allowed: no amount is known. */
export function readAmounts(text: string): ReadAmounts | { problem: string } {
  if (text.trim() === '') return { amount: null, plus: [], also: [] }
  const doubt = commaDoubt(text)
  if (doubt) return { problem: doubt }
  const read = readLine(`${text} thing`)
  if (read.item !== 'thing' || read.amount === null)
    return { problem: `“${text}” is not an amount I can read. Try 120 g, 1½ cups or 3 large.` }
  const all = [read.amount, ...read.also]
  if (all.some(amount => amount.value < 0)) return { problem: 'An amount cannot be less than nothing.' }
  if (all.some(amount => !Number.isFinite(amount.value) || Math.abs(amount.value) > tonne))
    return { problem: `“${text}” is more than a kitchen can hold. Check the number.` }
  return { amount: read.amount, plus: read.plus, also: read.also }
}

/** The amount of a line; a part may be counted in pieces and makings. */
export const amountsOf = ({ of, amount }: Pick<DraftLine, 'of' | 'amount'>): ReturnType<typeof readAmounts> =>
  readAmounts('recipe' in of ? partAmount(amount).text : amount)

/** The tin as it is written now: hers, or as it was read. */
export const tinText = ({ tin, kept }: Draft): string =>
  tin ?? (kept.tin ? `${kept.tins && kept.tins > 1 ? `${kept.tins} × ` : ''}${tinName(kept.tin)}` : '')

export const freshKey = () => `n-${v4()}`
