// What one can weigh: each weight rounded to a scale that can show it, and what the rounding does to the batch.
import { grams } from '../measure/grams'
import type { Ingredient } from '../model/ingredient'
import { percent, toNearest, toPlaces, weighed } from '../words/rounding'
import type { Bill, BillLine } from './bill'

type Grams = number

export interface Scale {
  /** Most it takes, grams. */
  capacity: Grams
  /** Its step, grams. */
  resolution: Grams
}
/** A rounded weight may be off by this share of itself before it is said. Stated to the baker; common practice. */
export const weighingTolerance = 0.025

export interface WeighOut {
  /** Index of the bill line. */
  at: number
  exact: Grams
  /** What the scale shows; exact where there is no scale for it. */
  grams: Grams
  /** The scale to take; null where none will do. */
  scale: Scale | null
  /** How often the scale is filled: more than once where the weight is over its capacity. */
  times: number
  /** (grams − exact) ÷ exact. */
  off: number
  /** Said where the rounding is more than the tolerance, where the weight is no scale's, or where it takes several goes. */
  say: string | null
}

const rounded = (grams: Grams, scale: Scale): Grams => Number(toNearest(grams, scale.resolution))
export const scaleName = (scale: Scale): string =>
  `${toPlaces(scale.resolution, scale.resolution < 1 ? String(scale.resolution).split('.')[1]!.length : 0)} g scale`

/** The most a scale can be out by, half its step, as a share of what is weighed. */
const reading = (exactly: Grams, scale: Scale): number => scale.resolution / 2 / exactly

/**
 * One weight on the scales there are: the coarsest whose half step is within the tolerance and that takes it at once, as
 * that is the quickest to read; else the finest. Nothing is ever rounded away to 0.
 */
export function weighOn(exactly: Grams, scales: readonly Scale[], tolerance = weighingTolerance): Omit<WeighOut, 'at'> {
  const exact = { exact: exactly, grams: exactly, scale: null, times: 1, off: 0 }
  if (scales.length === 0 || !(exactly > 0)) return { ...exact, say: null }
  const on = (scale: Scale, times: number, say: string | null) => {
    const shown = rounded(exactly, scale)
    return { exact: exactly, grams: shown, scale, times, off: shown / exactly - 1, say }
  }
  const fits = scales.filter(scale => exactly <= scale.capacity).sort((a, b) => b.resolution - a.resolution)
  const coarsest = fits[0]
  const finest = fits.at(-1)
  if (!coarsest || !finest) {
    const widest = [...scales].sort((a, b) => b.capacity - a.capacity)[0]!
    const times = Math.ceil(exactly / widest.capacity)
    const goes = `Over the ${weighed(widest.capacity)} the ${scaleName(widest)} takes: weigh it in ${times} goes of about ${weighed(exactly / times)}.`
    return on(widest, times, goes)
  }
  const good = fits.find(scale => reading(exactly, scale) <= tolerance + 1e-9)
  if (good === coarsest) return on(good, 1, null)
  if (good)
    return on(
      good,
      1,
      `Take the ${scaleName(good)}: the ${scaleName(coarsest)} can be out by ${percent(reading(exactly, coarsest))} of this.`,
    )
  if (rounded(exactly, finest) === 0)
    return {
      ...exact,
      say: `No scale here shows ${toPlaces(exactly, exactly < 0.1 ? 2 : 1)} g: weigh ten times as much, mix it with flour, and take a tenth.`,
    }
  const shown = on(finest, 1, null)
  return Math.abs(shown.off) > tolerance
    ? {
        ...shown,
        say: `On the ${scaleName(finest)} this moves by ${percent(Math.abs(shown.off))}, over the ${toPlaces(tolerance * 100, 1)} % allowed: a finer scale is wanted.`,
      }
    : { ...shown, say: finest === coarsest ? null : `Take the ${scaleName(finest)}.` }
}

/** Every line that touches the food, on the scale. Deterministic; the bill stays as it is. */
export const weighOut = (bill: Bill, scales: readonly Scale[] = [], tolerance = weighingTolerance): WeighOut[] =>
  bill.lines.flatMap((line, at) =>
    line.role === 'beside' || line.unweighed ? [] : [{ at, ...weighOn(line.grams, scales, tolerance) }],
  )

/** Eggs, or anything counted, as whole pieces: what taking whole ones does to the batch. */
export interface WholePieces {
  at: number
  name: string
  exact: Grams
  pieceGrams: Grams
  /** Pieces, not whole. */
  pieces: number
  fewer: PieceChoice
  more: PieceChoice
  /** Beaten by weight: crack this many, weigh off `exact`, keep the rest. */
  crack: number
  keep: Grams
}
export interface PieceChoice {
  pieces: number
  grams: Grams
  /** How far the whole batch moves, as a share of its weight going in. */
  batchOff: number
  /** How far this thing moves, as a share of itself. */
  off: number
}
/** An egg, or a part of one, and not something made with egg. */
const isEgg = ({ name, standsFor, composition }: Ingredient): boolean =>
  /\beggs?\b/i.test(standsFor ?? name) && (composition?.length ?? 0) === 0
/** Grams of one piece, by the larder or else as typical; null where neither knows. */
function pieceOf(ingredient: Ingredient, line: BillLine): Grams | null {
  const one = grams({ value: 1, unit: 'each', size: line.size ?? 'large' }, ingredient, {}, line.form)
  return 'grams' in one ? one.grams : null
}

/** Every line of egg in a batch: all uses of one egg and form together, so that half an egg twice is one egg. */
export function wholePieces(bill: Bill, ingredients: readonly Ingredient[]): WholePieces[] {
  const groups = new Map<string, { lines: [BillLine, number][]; ingredient: Ingredient }>()
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside' || line.unweighed) continue
    const ingredient = ingredients.find(one => one.id === line.ingredient)
    if (!ingredient || !isEgg(ingredient) || pieceOf(ingredient, line) === null) continue
    const key = `${ingredient.id} ${line.form ?? ''}`
    const group = groups.get(key)
    if (group) group.lines.push([line, at])
    else groups.set(key, { lines: [[line, at]], ingredient })
  }
  return [...groups.values()].map(({ lines, ingredient }) => {
    const [first, at] = lines[0]!
    const exact = lines.reduce((sum, [line]) => sum + line.grams, 0)
    const pieceGrams = pieceOf(ingredient, first)!
    const pieces = exact / pieceGrams
    const choice = (count: number): PieceChoice => ({
      pieces: count,
      grams: count * pieceGrams,
      off: (count * pieceGrams) / exact - 1,
      batchOff: bill.ingoing > 0 ? (count * pieceGrams - exact) / bill.ingoing : 0,
    })
    const near = Math.round(pieces)
    const whole = Math.abs(pieces - near) < 1e-6 && near > 0
    const crack = Math.ceil(pieces - 1e-9)
    return {
      at,
      name: first.form ? `${ingredient.name}, ${first.form}` : ingredient.name,
      exact,
      pieceGrams,
      pieces,
      fewer: choice(whole ? near : Math.floor(pieces)),
      more: choice(whole ? near : Math.ceil(pieces)),
      crack,
      keep: crack * pieceGrams - exact,
    }
  })
}

/** Yolks and whites asked for apart: how many eggs that takes, and what is left of each. */
export interface Apart {
  ingredient: string
  crack: number
  yolksLeft: Grams
  whitesLeft: Grams
}

/** For every egg of which only yolks, or only whites, or both apart are wanted; whole eggs are not counted in. */
export function eggsApart(bill: Bill, ingredients: readonly Ingredient[]): Apart[] {
  const apart = new Map<string, { yolk: Grams; white: Grams; size: BillLine }>()
  for (const line of bill.lines) {
    if (line.role === 'beside' || line.unweighed || (line.form !== 'yolk' && line.form !== 'white')) continue
    const wanted = apart.get(line.ingredient) ?? { yolk: 0, white: 0, size: line }
    wanted[line.form] += line.grams
    apart.set(line.ingredient, wanted)
  }
  return [...apart].flatMap(([id, wanted]) => {
    const ingredient = ingredients.find(one => one.id === id)
    if (!ingredient) return []
    const yolk = pieceOf(ingredient, { ...wanted.size, form: 'yolk' })
    const white = pieceOf(ingredient, { ...wanted.size, form: 'white' })
    if (yolk === null || white === null) return []
    const crack = Math.max(Math.ceil(wanted.yolk / yolk - 1e-9), Math.ceil(wanted.white / white - 1e-9))
    return [{ ingredient: id, crack, yolksLeft: crack * yolk - wanted.yolk, whitesLeft: crack * white - wanted.white }]
  })
}
