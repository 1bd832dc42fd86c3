// A batch divided over tins: grams of batter for each, how full it gets, when to look first.
import type { Oven } from '../model/kitchen'
import type { Recipe } from '../model/recipe'
import { type TinCount, tinName } from '../model/tin'
import { percent, toPlaces } from '../words/rounding'
import type { Bill } from './bill'
import { type TinRule, tinRoom, tinVolume } from './tin'

/** A wet batter weighs about as much as water; a beaten one less. Common practice, for how full a tin looks only. */
const gramsPerMl = 1.05
/** Batter that fills more of a tin than this climbs over the rim; under `thin` it bakes to a biscuit. Common practice. */
const full = 0.8
const thin = 0.25
/** Batter this much higher or lower than the recipe was written for bakes otherwise. Common practice. */
const deeper = 1.25
const shallower = 0.7

export interface Filling extends TinCount {
  name: string
  /** Grams of batter for one of them, net of the bowl. */
  grams: number
  /** Grams of batter for one piece; null where the recipe does not say how many there are. */
  perPiece: number | null
  /** Share of the tin's room the batter takes before it rises. */
  share: number
  /** How high it stands against the tin the recipe is written for; null where that is not said. */
  height: number | null
  /** Too full or too thin, in words; null where it is neither. */
  warning: string | null
  /** Advice on when to look first, with what it rests on; null where the recipe gives no time or no tin. */
  firstLook: { minutes: number; basis: string } | null
}

/** Minutes at which the recipe's oven step is first looked at. */
const firstLookOf = (recipe: Recipe): number | null => {
  const step = recipe.steps.find(one => one.when === 'oven' && one.minutes)
  return step?.minutes ? (step.minutes.firstLook ?? step.minutes.from) : null
}

/**
 * Time scales with (mass per tin) ^ (2/3) at the same shape: half the batter of a 45-minute loaf is looked at after 28.
 * A model (common practice), given as a first look and never as a promise. A cup of a tray counts by itself.
 */
export const firstLookAfter = (minutes: number, massWas: number, massIs: number): number =>
  Math.max(1, Math.round(minutes * (massIs / massWas) ** (2 / 3)))

/** Minutes change by about 1 % for each degree an oven is off, within 30 %: common practice, for a first look only. */
const perDegree = 0.01
const mostOff = 0.3

/** When to look first in an oven that runs hot or cold by so many degrees, on the middle shelf or on another. */
export const firstLookWhere = (minutes: number, offCelsius: number): number =>
  Math.max(1, Math.round(minutes * (1 - Math.min(mostOff, Math.max(-mostOff, offCelsius * perDegree)))))

/** "runs 10 °C hot: set its dial 10 °C lower, or look first after 25 min"; empty where it bakes as its dial says. */
export function ovenAdvice(oven: Oven, minutes: number | null): string {
  const { offsetCelsius: off = 0, topShelfCelsius: top = 0 } = oven
  const look = (degrees: number) => (minutes === null ? 'early' : `after about ${firstLookWhere(minutes, degrees)} min`)
  return [
    off === 0
      ? ''
      : `runs ${Math.abs(off)} °C ${off > 0 ? 'hot' : 'cold'}: set the dial ${Math.abs(off)} °C ${off > 0 ? 'lower' : 'higher'}, or look first ${look(off)}`,
    top === 0
      ? ''
      : `on the top shelf, ${Math.abs(top)} °C ${top > 0 ? 'hotter' : 'cooler'}, look first ${look(off + top)}`,
  ]
    .filter(Boolean)
    .join('; ')
}

const singles = ({ tin }: Pick<TinCount, 'tin'>): number => (tin.shape === 'cups' ? tin.count : 1)

/** Divides `batter` grams evenly by the rule over the tins. `pieces` of the whole batch, or null. Shares close to the whole. */
export function fillTins(
  recipe: Recipe,
  into: readonly TinCount[],
  batter: number,
  pieces: number | null,
  rule: TinRule = 'depth',
  /** Grams of batter of one making, as the recipe is written. */
  oneMaking = batter,
): Filling[] {
  const room = into.reduce((sum, one) => sum + one.count * tinRoom(one.tin, rule), 0)
  const look = firstLookOf(recipe)
  const writtenEach = recipe.tin ? oneMaking / (recipe.tins ?? 1) : null
  return into.map(one => {
    const grams = (batter * tinRoom(one.tin, rule)) / room
    const share = grams / gramsPerMl / tinVolume(one.tin)
    const height =
      recipe.tin && writtenEach
        ? grams / tinRoom(one.tin, 'depth') / (writtenEach / tinRoom(recipe.tin, 'depth'))
        : null
    const name = tinName(one.tin)
    const higher = height === null ? '' : `${toPlaces(height, 2)} times as high as written`
    const warning =
      share > full
        ? `Too full: ${percent(share)} of the ${name} before it rises, and over ${percent(full)} it runs over. Take another tin, or make less.`
        : share < thin
          ? `Too thin: only ${percent(share)} of the ${name}. It bakes dry before it browns. Take a smaller tin, or make more.`
          : height !== null && height > deeper
            ? `Deep: ${higher}. The middle takes longer than the edge; lower the heat or take more tins.`
            : height !== null && height < shallower
              ? `Shallow: ${higher}. It dries out soon; look early.`
              : null
    const massWas = writtenEach === null ? null : writtenEach / singles({ tin: recipe.tin! })
    const massIs = grams / singles(one)
    const minutes = look === null || massWas === null || !(massWas > 0) ? null : firstLookAfter(look, massWas, massIs)
    return {
      ...one,
      name,
      grams,
      perPiece: pieces === null || !(pieces > 0) ? null : batter / pieces,
      share,
      height,
      warning,
      firstLook:
        minutes === null
          ? null
          : {
              minutes,
              basis:
                Math.abs(massIs / massWas! - 1) < 0.01
                  ? 'as written: as much goes into each.'
                  : `${look} min is written for ${toPlaces(massWas!, 0)} g each; here it is ${toPlaces(massIs, 0)} g, and time goes with the weight to the power of ⅔. A first look, not a promise: another shape bakes otherwise.`,
            },
    }
  })
}

/** Grams that go into the tins of a batch: all that touches the food but what is poured away or goes on after the bake. */
export const batterOf = (bill: Bill): number =>
  bill.lines.reduce(
    (sum, line) => (line.role === 'beside' || line.afterBake ? sum : sum + line.grams * line.retained),
    0,
  )
