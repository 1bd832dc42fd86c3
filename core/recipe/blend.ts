// A flour blend as a linear programme (with choices of 0 or 1 where a least share is asked): the cheapest, or the nearest to
// a wished-for behaviour, within limits.
// The programme is plain data; whoever has a solver solves it. Shares of the blend are the variables, and sum to 1.
import { bakingOf, type FlourKind, type FlourWork, flourWorks } from '../ingredient/baking'
import type { Ingredient } from '../model/ingredient'
import { percent, toPlaces } from '../words/rounding'

export interface BlendFlour {
  id: string
  name: string
  kind: FlourKind
  work: FlourWork
  /** Price of a gram; null where none is known: such a flour cannot stand in a cheapest blend. */
  pricePerGram: number | null
  /** Least and most share of the blend. */
  least: number
  most: number
}
export type Bounds = Partial<Record<keyof FlourWork | FlourKind, { least?: number; most?: number }>>
export interface BlendWish {
  flours: readonly BlendFlour[]
  goal: { kind: 'cheapest' } | { kind: 'nearest'; to: FlourWork }
  /** Limits on what the whole blend does, 0 to 1, or on the share of a kind. */
  bounds: Bounds
  /** A flour that is used at all is used for at least this share: nobody weighs off a hair of one. Absent: any share. */
  leastUsed?: number
}

/** minimise Σ cost·x subject to atLeast ≤ Σ of·x ≤ atMost and the range of each variable. */
export interface LinearProgramme {
  minimise: Record<string, number>
  rows: { name: string; of: Record<string, number>; atLeast?: number; atMost?: number }[]
  ranges: Record<string, [least: number, most: number]>
  /** Variables that are 0 or 1. */
  choices: string[]
}

const variable = (at: number) => `x${at}`
const boundNames: Record<keyof FlourWork | FlourKind, string> = {
  bulk: 'bulk',
  absorbency: 'absorbency',
  lightness: 'lightness',
  binding: 'binding',
  grain: 'flours',
  starch: 'starches',
  nut: 'nut and seed meals',
  legume: 'legume flours',
  coconut: 'coconut flour',
}

/** Limits that follow from the rules of thumb: a start, to be changed. Common practice. */
export const usualBounds: Bounds = { coconut: { most: 0.25 }, starch: { most: 0.5 } }

/** What is asked cannot even be tried, in words; null where it can. */
export function blendRefusal(wish: BlendWish): string | null {
  if (wish.flours.length === 0) return 'Choose at least one flour to blend.'
  for (const flour of wish.flours) {
    if (!(flour.least >= 0) || !(flour.most <= 1)) return `${flour.name}: a share is from 0 to 100 %.`
    if (flour.least > flour.most)
      return `${flour.name}: at least ${percent(flour.least)} is more than at most ${percent(flour.most)}.`
  }
  const least = wish.flours.reduce((sum, one) => sum + one.least, 0)
  const most = wish.flours.reduce((sum, one) => sum + one.most, 0)
  if (least > 1 + 1e-9) return `The least shares add up to ${percent(least)}: lower one of them.`
  if (most < 1 - 1e-9) return `The most shares add up to only ${percent(most)}: raise one, or choose more flours.`
  if (wish.leastUsed !== undefined && !(wish.leastUsed >= 0 && wish.leastUsed <= 1))
    return 'The least of a flour that is used is from 0 to 100 %.'
  if (wish.goal.kind === 'cheapest') {
    const unpriced = wish.flours.filter(one => one.pricePerGram === null)
    if (unpriced.length > 0)
      return `No price for ${unpriced.map(one => one.name).join(', ')}: give one in the larder, or leave it out. The cheapest cannot be told without.`
  }
  return null
}

/**
 * The programme of a wish. With `elastic`, every limit on the whole blend may be broken at a price, and the least total
 * breaking is sought instead: this tells which limits contradict each other.
 */
export function blendProgramme(wish: BlendWish, elastic = false): LinearProgramme {
  const programme: LinearProgramme = { minimise: {}, rows: [], ranges: {}, choices: [] }
  const whole: Record<string, number> = {}
  for (const [at, flour] of wish.flours.entries()) {
    whole[variable(at)] = 1
    programme.ranges[variable(at)] = [flour.least, flour.most]
    if (!elastic && wish.goal.kind === 'cheapest') programme.minimise[variable(at)] = flour.pricePerGram ?? 0
  }
  programme.rows.push({ name: 'whole', of: whole, atLeast: 1, atMost: 1 })
  const { leastUsed } = wish
  if (leastUsed !== undefined)
    for (const [at, flour] of wish.flours.entries()) {
      // used (1) or not (0): least·used ≤ share ≤ most·used
      const used = `u${at}`
      programme.choices.push(used)
      programme.rows.push({
        name: `some_${at}`,
        of: { [variable(at)]: 1, [used]: -Math.min(leastUsed, flour.most) },
        atLeast: 0,
      })
      programme.rows.push({ name: `none_${at}`, of: { [variable(at)]: 1, [used]: -flour.most }, atMost: 0 })
    }
  for (const [key, bound] of Object.entries(wish.bounds) as [keyof Bounds, { least?: number; most?: number }][]) {
    const of: Record<string, number> = {}
    for (const [at, flour] of wish.flours.entries())
      of[variable(at)] = key in flour.work ? flour.work[key as keyof FlourWork] : flour.kind === key ? 1 : 0
    for (const side of ['least', 'most'] as const) {
      const limit = bound[side]
      if (limit === undefined) continue
      const row = { ...of }
      if (elastic) {
        const slack = `s_${key}_${side}`
        row[slack] = side === 'least' ? 1 : -1
        programme.minimise[slack] = 1
        programme.ranges[slack] = [0, 10]
      }
      programme.rows.push({
        name: `${key}_${side}`,
        of: row,
        ...(side === 'least' ? { atLeast: limit } : { atMost: limit }),
      })
    }
  }
  if (!elastic && wish.goal.kind === 'nearest')
    for (const key of flourWorks) {
      // d ≥ |Σ work·x − wished|, and Σ d is least
      const target = wish.goal.to[key]
      const of = Object.fromEntries(wish.flours.map((flour, at) => [variable(at), flour.work[key]]))
      const away = `d_${key}`
      programme.minimise[away] = 1
      programme.ranges[away] = [0, 10]
      programme.rows.push({ name: `over_${key}`, of: { ...of, [away]: -1 }, atMost: target })
      programme.rows.push({ name: `under_${key}`, of: { ...of, [away]: 1 }, atLeast: target })
    }
  return programme
}

/**
 * Of the many blends that are as near as `away`, the cheapest: the programme for a second solving; null where a flour has
 * no price. A hair is allowed, as solvers round.
 */
export function cheapestAsNear(wish: BlendWish, away: number): LinearProgramme | null {
  if (wish.goal.kind !== 'nearest' || wish.flours.some(one => one.pricePerGram === null)) return null
  const near = blendProgramme(wish)
  return {
    ...near,
    minimise: Object.fromEntries(wish.flours.map((flour, at) => [variable(at), flour.pricePerGram! * 1000])),
    rows: [...near.rows, { name: 'as_near', of: near.minimise, atMost: away + 1e-6 }],
  }
}

const term = (factor: number, name: string) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toPrecision(12)} ${name}`
const sum = (of: Record<string, number>) =>
  Object.entries(of)
    .filter(([, factor]) => factor !== 0)
    .map(([name, factor]) => term(factor, name))
    .join(' ')

/** The programme in the LP text format that solvers read. */
export function lpText(programme: LinearProgramme): string {
  const names = Object.keys(programme.ranges)
  const rows = programme.rows.flatMap(row => {
    const left = sum(row.of) || term(0, names[0]!)
    if (row.atLeast !== undefined && row.atLeast === row.atMost) return [` ${row.name}: ${left} = ${row.atLeast}`]
    return [
      ...(row.atLeast === undefined ? [] : [` ${row.name}_lo: ${left} >= ${row.atLeast}`]),
      ...(row.atMost === undefined ? [] : [` ${row.name}_hi: ${left} <= ${row.atMost}`]),
    ]
  })
  return [
    'Minimize',
    ` obj: ${sum(programme.minimise) || term(0, names[0]!)}`,
    'Subject To',
    ...rows,
    'Bounds',
    ...Object.entries(programme.ranges).map(([name, [least, most]]) => ` ${least} <= ${name} <= ${most}`),
    ...(programme.choices.length > 0 ? ['Binary', ` ${programme.choices.join(' ')}`] : []),
    'End',
  ].join('\n')
}

export interface Blend {
  shares: { id: string; name: string; share: number }[]
  work: FlourWork
  /** Per kilogram; null where a flour in it has no price. */
  pricePerKg: number | null
  /** Σ of how far each working is from the wished one; null where none was wished. */
  away: number | null
}

/** The blend of a solution: shares by variable, dust taken off, the rest made to sum to 1. */
export function readBlend(wish: BlendWish, values: Readonly<Record<string, number>>): Blend {
  const raw = wish.flours.map((flour, at) => ({ flour, share: Math.max(0, values[variable(at)] ?? 0) }))
  const some = raw.filter(one => one.share > 1e-6)
  const whole = some.reduce((total, one) => total + one.share, 0)
  const shares = some.map(({ flour, share }) => ({ flour, share: share / whole }))
  const work = Object.fromEntries(
    flourWorks.map(key => [key, shares.reduce((total, one) => total + one.share * one.flour.work[key], 0)]),
  ) as unknown as FlourWork
  const { goal } = wish
  return {
    shares: shares
      .map(({ flour, share }) => ({ id: flour.id, name: flour.name, share }))
      .sort((a, b) => b.share - a.share),
    work,
    pricePerKg: shares.some(one => one.flour.pricePerGram === null)
      ? null
      : shares.reduce((total, one) => total + one.share * one.flour.pricePerGram! * 1000, 0),
    away:
      goal.kind === 'nearest' ? flourWorks.reduce((total, key) => total + Math.abs(work[key] - goal.to[key]), 0) : null,
  }
}

/** Which limits contradict each other, from an elastic solution: what would have to give, and by how much. */
export const contradictions = (wish: BlendWish, values: Readonly<Record<string, number>>): string[] =>
  (Object.entries(wish.bounds) as [keyof Bounds, { least?: number; most?: number }][]).flatMap(([key, bound]) =>
    (['least', 'most'] as const).flatMap(side => {
      const by = values[`s_${key}_${side}`] ?? 0
      const limit = bound[side]
      if (by < 1e-6 || limit === undefined) return []
      const reach = side === 'least' ? limit - by : limit + by
      const kind = key in boundNames && !(flourWorks as readonly string[]).includes(key)
      const shown = (value: number) => (kind ? percent(value) : toPlaces(value, 2))
      return [
        `${boundNames[key]}: at ${side} ${shown(limit)} cannot be reached with these flours and limits; ${shown(reach)} can.`,
      ]
    }),
  )

/** The flours of a larder as the solver wants them; what is no flour, or nobody knows how it works, is left out. */
export const blendFlours = (
  ingredients: readonly Ingredient[],
  pricePerGram: (ingredient: Ingredient) => number | null,
): BlendFlour[] =>
  ingredients.flatMap(one => {
    const { flour } = bakingOf(one)
    return flour
      ? [
          {
            id: one.id,
            name: one.name,
            kind: flour.kind,
            work: flour.work,
            pricePerGram: pricePerGram(one),
            least: 0,
            most: 1,
          },
        ]
      : []
  })
