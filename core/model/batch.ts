// One making of a product: what was to be made, frozen as it was begun, and what happened, entry by entry. Entries are only ever
// added: a wrong one is struck by another, and both stay to be read.
import { z } from 'zod'
import { IsoDate } from './evidence'
import { MarketCode } from './market'
import { Workbook } from './workbook'

const moment = z.iso.datetime({ offset: true })
const why = z.string().trim().min(2, 'Say why, in a word or two.').max(300, 'Keep it under 300 letters.')
/** Where something goes in: a line of a recipe, `RECIPE#LINE`. The same thing in two places stays apart. */
const place = z.string().min(3).max(300)
const grams = z
  .number('Say how much, in grams.')
  .min(0, 'A weight is not less than nothing.')
  .max(10_000_000, 'That is over ten tonnes.')
const count = (what: string) =>
  z
    .number(what)
    .int(what)
    .min(0, 'It cannot be less than none.')
    .max(1_000_000, 'Over a million pieces? Check the number.')

const entry = <K extends string, T extends z.ZodRawShape>(kind: K, shape: T) =>
  z.object({ kind: z.literal(kind), id: z.uuid(), at: moment, ...shape })

export const ovenDeeds = ['in', 'looked', 'turned', 'swapped', 'out'] as const
export const BatchEntry = z.discriminatedUnion('kind', [
  /** So much of it went in, of that lot. Two of one place add up. `why`: what was kept though it is off, or the lot was stopped. */
  entry('weighed', {
    place,
    grams,
    /** What it was, where that is another than planned: it stays in, whatever is swapped or struck afterwards. */
    of: z.string().min(1).max(200).exactOptional(),
    lot: z.string().min(1).max(200).exactOptional(),
    /** The part it is, where it came off the shelf ready made. */
    part: z.string().min(1).max(200).exactOptional(),
    by: z.enum(['scale', 'typed']),
    why: why.exactOptional(),
  }),
  /** A part taken from the shelf, or made now after all: so it is weighed whole, or line by line. */
  entry('shelf', { part: z.string().min(1).max(200), from: z.boolean() }),
  /** Another thing in its place, for this batch only. */
  entry('swapped', { place, to: z.string().min(1).max(200), why }),
  /** Something that stands in no line. `grams` null: nobody knows how much, so it counts as there. */
  entry('added', { ingredient: z.string().min(1).max(200), grams: grams.nullable(), why }),
  /** More or less of it than written; 0 leaves it out. */
  entry('amount', { place, grams, why }),
  /** Everything grows with what is in the bowl already. */
  entry('rescaled', {
    factor: z.number().min(0.05, 'Not under a twentieth.').max(20, 'Not over twenty times.'),
    why,
  }),
  /** So much of a part is left, and goes to the shelf. */
  entry('leftOver', { part: z.string().min(1).max(200), grams: grams.positive('Say how much is left, in grams.') }),
  /** Pieces that will not be sold. */
  entry('lost', { pieces: count('Say how many pieces.').min(1, 'Say how many pieces.'), why }),
  entry('checked', {
    what: z.string().trim().min(1).max(200),
    /** The step of the method it is of. */
    step: place.exactOptional(),
    value: z.number().min(-60).max(100_000).exactOptional(),
    unit: z.enum(['°C', 'min', 'g', 'mm']).exactOptional(),
    passed: z.boolean(),
    /** A limit that stands for safety: it must be met before the batch is sold. */
    critical: z.boolean().exactOptional(),
    /** What was done where it failed, or a remark. */
    did: z.string().trim().max(300).exactOptional(),
  }),
  /** A step that takes time: begun, looked at, turned, its shelves swapped, ended. */
  entry('timed', { step: place, did: z.enum(ovenDeeds), where: z.string().trim().max(60).exactOptional() }),
  /** A photograph of it, by the id it is kept under. */
  entry('pictured', {
    picture: z.uuid(),
    step: place.exactOptional(),
    text: z.string().trim().max(300).exactOptional(),
  }),
  entry('noted', {
    text: z.string().trim().min(1, 'Write something down.').max(1000, 'Keep it under 1,000 letters.'),
    /** Shown by itself when this is baked next. */
    next: z.boolean(),
  }),
  entry('finished', {
    grams: grams.positive('Say what all of it weighs, in grams.'),
    /** What went into the oven, where it was weighed. */
    before: grams.positive().exactOptional(),
    pieces: count('Say how many pieces came.'),
    broken: count('Say how many broke.'),
    keptBack: count('Say how many are kept back.'),
    waste: z.string().trim().max(300).exactOptional(),
  }),
  /** Labels of this batch: whole ones that came, ones that came torn, ones that were thrown away. */
  entry('labels', {
    did: z.enum(['printed', 'spoiled', 'thrown']),
    copies: count('Say how many labels.').min(1, 'Say how many labels.').max(100_000, 'Over 100,000 labels?'),
    market: MarketCode.exactOptional(),
  }),
  /** That entry does not count: it was a slip. */
  entry('struck', { of: z.uuid(), why }),
])
export type BatchEntry = z.infer<typeof BatchEntry>
/** An entry as it is put down: its id and its moment come by themselves. */
export type Put = BatchEntry extends infer E ? (E extends BatchEntry ? Omit<E, 'id' | 'at'> : never) : never
export type EntryOf<K extends BatchEntry['kind']> = Extract<BatchEntry, { kind: K }>

export const BatchDraft = z.object({
  day: IsoDate,
  product: z.string().min(1, 'Choose what is baked.').max(200),
  pieces: z
    .number('Say how many pieces.')
    .positive('A batch is more than nothing.')
    .max(1_000_000, 'Over a million pieces? Check the number.'),
  /** Why it is baked though its label does not stand signed. */
  reason: z.string().trim().max(300, 'Keep it under 300 letters.').exactOptional(),
})
export type BatchDraft = z.infer<typeof BatchDraft>

/** As begun: nothing of it changes. */
export const Batch = z.object({
  id: z.string().min(1),
  /** Its lot code, as the label bears it. */
  code: z.string().min(1).max(20),
  day: IsoDate,
  product: z.string().min(1),
  name: z.string(),
  pieces: z.number().positive(),
  /** Makings of the recipe. */
  factor: z.number().positive(),
  reason: z.string().exactOptional(),
  /** All it rests on, as it was when it was begun; without prices. */
  books: Workbook,
})
export type Batch = z.infer<typeof Batch>
