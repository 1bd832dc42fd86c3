// A formula: lines, method, tin, yield. A recipe may use other recipes as parts.
import { z } from 'zod'
import { Work } from './costing'
import { IsoDate } from './evidence'
import { Tin } from './tin'
import { Amount, Cup, Spoon } from './unit'

export const roles = ['mix', 'finish', 'release', 'drained', 'beside'] as const
export const Role = z.enum(roles)
export type Role = z.infer<typeof Role>

const share = z.number().min(0).max(1)
/** A recipe used as a part: the newest there is, or frozen at a kept version. */
export const PartOf = z.object({ recipe: z.string().min(1), version: z.number().int().positive().exactOptional() })
export type PartOf = z.infer<typeof PartOf>
/** What a part goes by in a workbook: a frozen one stands there beside the newest, under its id and version. */
export const partKey = (of: PartOf): string => (of.version === undefined ? of.recipe : `${of.recipe}@${of.version}`)

export const Line = z.object({
  id: z.string().min(1),
  of: z.union([z.object({ ingredient: z.string().min(1) }), PartOf]),
  text: z.string().exactOptional(),
  amount: Amount.nullable(),
  plus: z.array(Amount).exactOptional(),
  also: z.array(Amount).exactOptional(),
  form: z.string().exactOptional(),
  prep: z.string().exactOptional(),
  role: Role,
  afterBake: z.boolean().exactOptional(),
  heading: z.string().exactOptional(),
  weighed: z.enum(['prepared', 'bought']).exactOptional(),
  retained: share.exactOptional(),
  leavesNothing: z.string().exactOptional(),
  /** Is it there to sweeten? Asked of fruit, purées and milk powder; absent: nobody has said. */
  sweetens: z.boolean().exactOptional(),
  /** Served beside, and packed along with what is sold. */
  goesAlong: z.boolean().exactOptional(),
  declareAs: z.enum(['compound', 'merged']).exactOptional(),
  optional: z.boolean().exactOptional(),
  alternatives: z.array(z.object({ ingredient: z.string() })).exactOptional(),
  approximate: z.boolean().exactOptional(),
})
export type Line = z.infer<typeof Line>

export const Step = z.object({
  text: z.string(),
  when: z.enum(['ahead', 'bench', 'oven', 'after']),
  minutes: z
    .object({
      firstLook: z.number().exactOptional(),
      from: z.number(),
      to: z.number().exactOptional(),
      turnAt: z.number().exactOptional(),
    })
    .exactOptional(),
  celsius: z.number().exactOptional(),
  fan: z.boolean().exactOptional(),
  coreCelsius: z.number().exactOptional(),
  /** Hands-on work, where somebody said. */
  work: Work.exactOptional(),
})
export type Step = z.infer<typeof Step>

/** A word for food that stands in no line, answered for: why it is not in it, who says so, and when. */
export const Answer = z.object({
  word: z.string().min(1).max(100),
  said: z.string().trim().min(1, 'Say why it is not in it.').max(300),
  by: z.string().max(100),
  on: IsoDate,
})
export type Answer = z.infer<typeof Answer>

export const Recipe = z.object({
  id: z.string().min(1),
  version: z.number().int(),
  name: z.string().trim().min(1, 'Give the recipe a name.').max(200, 'Keep the name under 200 letters.'),
  lines: z.array(Line),
  steps: z.array(Step),
  tin: Tin.exactOptional(),
  tins: z.number().positive().exactOptional(),
  pieces: z.number().positive().exactOptional(),
  /** Share of the weight going in that leaves as water between bowl and cooled product. */
  bakeLoss: z.number().min(0).lt(1).exactOptional(),
  /** What the bake loss rests on, where it was weighed: grams in and out of the oven, and the day. Absent: assumed. */
  bakeWeighed: z.object({ grams: z.number().positive(), baked: z.number().positive(), on: z.string() }).exactOptional(),
  /** What a millilitre of what it makes weighs, in grams, where it was weighed: then it can be measured in cups. */
  gramsPerMl: z.number().positive().max(25).exactOptional(),
  cup: Cup.exactOptional(),
  spoon: Spoon.exactOptional(),
  /** Food that is written and not in it. */
  answers: z.array(Answer).max(300).exactOptional(),
  /** What the maker wants to remember, and what of a pasted recipe is neither line nor step. */
  notes: z.string().min(1).max(20_000, 'Keep the notes under 20,000 letters.').exactOptional(),
})
export type Recipe = z.infer<typeof Recipe>

export const roleName: Record<Role, string> = {
  mix: 'in the bowl',
  finish: 'on top',
  release: 'tin release',
  drained: 'drained off',
  beside: 'served beside',
}
