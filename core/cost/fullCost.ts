// Everything a batch costs: ingredients, packing, labour, oven, running costs, left-overs and losses. Each figure opens
// into where it came from; an estimate says so; what is unknown is said and never taken as nothing. Decimals throughout.
import Big from 'big.js'
import { byId } from '../model/byId'
import type { Oven } from '../model/kitchen'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { type Bill, billOf } from '../recipe/bill'
import { batterOf } from '../recipe/filling'
import { evenLoads, tinLoads } from '../recipe/loads'
import { partShares, partsNeeded } from '../recipe/part'
import { toPlaces } from '../words/rounding'
import { type Cost, costOf } from './cost'

/** In the order they arise. `losses` are not spent beside the others: they are what the others cost for pieces nobody buys. */
export const costKinds = ['ingredients', 'leftOver', 'packing', 'labour', 'oven', 'running', 'losses'] as const
export type CostKind = (typeof costKinds)[number]

/** One figure of the cost of a batch. `amount`: decimal, null where it is unknown. Its parts add up to it. */
export interface CostPart {
  kind: CostKind
  name: string
  amount: string | null
  /** It rests on something assumed. */
  estimate: boolean
  /** Where it comes from, in words. */
  how: string
  parts: CostPart[]
}
export interface FullCost {
  currency: string
  /** For the batch; they add up to `total`. */
  parts: CostPart[]
  /** What of the total went into pieces that are not sold; null where nothing is lost. */
  losses: CostPart | null
  /** Of all that is known, for the batch. */
  total: string
  /** Pieces made, and those that are sold after losses; null where nobody says how many one making gives. */
  made: number | null
  sold: number | null
  /** What one that is sold has to carry, exact to six places; null where it cannot be said. */
  perPiece: string | null
  perPack: string | null
  perBox: string | null
  /** Ingredients alone, for one piece made. */
  foodPerPiece: string | null
  /** What is missing; with any, every figure is "at least". */
  unknown: string[]
  /** Hours of work and of a hot oven. */
  labourHours: number
  ovenHours: number
}

const exact = (value: Big): string => value.round(6, Big.roundHalfUp).toFixed()
const sum = (amounts: readonly (string | null)[]): Big =>
  amounts.reduce((total, one) => total.plus(one ?? 0), new Big(0))

/** A part whose amount is the sum of its own parts; unknown only where none of them is known. */
function whole(kind: CostKind, name: string, how: string, parts: readonly CostPart[]): CostPart {
  const known = parts.filter(part => part.amount !== null)
  return {
    kind,
    name,
    amount: parts.length > 0 && known.length === 0 ? null : exact(sum(parts.map(part => part.amount))),
    estimate: parts.some(part => part.estimate),
    how,
    parts: [...parts],
  }
}
const leaf = (kind: CostKind, name: string, amount: Big | null, how: string, estimate = false): CostPart => ({
  kind,
  name,
  amount: amount === null ? null : exact(amount),
  estimate,
  how,
  parts: [],
})

const shown = (minutes: number) => `${Number(toPlaces(minutes, 1))} min`

/** Hands-on minutes of a recipe: what its steps say, each by its own count of batches, loads or pieces. */
function labourOf(
  recipe: Recipe,
  workbook: Workbook,
  product: Product,
  bill: Bill,
  made: number | null,
  loads: number,
  partsWorked: readonly { part: Recipe; makings: number }[],
  add: (why: string) => void,
): { parts: CostPart[]; hours: number } {
  const { labourPerHour, around } = workbook.kitchen
  const rate = labourPerHour === undefined ? null : new Big(labourPerHour)
  const parts: CostPart[] = []
  let hours = 0
  const put = (name: string, minutes: number, how: string, estimate = false) => {
    hours += minutes / 60
    parts.push(
      leaf('labour', name, rate?.times(minutes).div(60) ?? null, `${how} at ${labourPerHour ?? '?'} an hour`, estimate),
    )
  }
  if (rate === null) add('what an hour of work costs (set it under Kitchen)')
  const worked = recipe.steps.filter(step => step.work)
  const silent = recipe.steps.filter(step => !step.work && step.when === 'bench').length
  if (worked.length === 0) add(`the work of making ${recipe.name} (say it under Cost)`)
  else if (silent > 0) add(`the work of ${silent} ${silent === 1 ? 'step' : 'steps'} of ${recipe.name}`)
  for (const step of worked) {
    const { minutes, people = 1, per } = step.work!
    const times = per === 'batch' ? 1 : per === 'load' ? loads : (made ?? 0)
    if (per === 'piece' && made === null) add('the number of pieces')
    const by = people === 1 ? '' : ` by ${people}`
    const count =
      per === 'batch'
        ? ''
        : per === 'load'
          ? ` × ${loads} ${loads === 1 ? 'load' : 'loads'}`
          : ` × ${toPlaces(times, 0)} pieces`
    put(step.text, minutes * people * times, `${shown(minutes)}${by}${count}`)
  }
  // a part is worked on too: its share of a making, or whole makings where what is left over is charged
  for (const { part, makings } of partsWorked) {
    const done = part.steps.filter(step => step.work)
    if (done.length === 0) {
      add(`the work of making ${part.name}`)
      continue
    }
    const minutes = done.reduce((total, step) => total + step.work!.minutes * (step.work!.people ?? 1), 0)
    put(part.name, minutes * makings, `${shown(minutes)} a making × ${Number(toPlaces(makings, 2))}`)
  }
  const lines = bill.lines.filter(line => line.path.length === 2).length
  if (around?.weighLine !== undefined)
    put('weighing', around.weighLine * lines, `${shown(around.weighLine)} × ${lines} lines`)
  if (around?.changeover !== undefined)
    put('changeover and cleaning', around.changeover, `${shown(around.changeover)} a batch`)
  if (around?.packOne !== undefined && made !== null) {
    const packs = made / product.pieces
    put('packing and labelling', around.packOne * packs, `${shown(around.packOne)} × ${toPlaces(packs, 1)} packs`)
  }
  return { parts, hours }
}

/** The oven it is baked in: the one that takes it in fewest loads, the first of those. */
function ovenFor(ovens: readonly Oven[], tins: number): { oven: Oven; loads: number } | null {
  let best: { oven: Oven; loads: number } | null = null
  for (const oven of ovens) {
    const loads = tinLoads(tins, oven.tins)?.length
    if (loads !== undefined && (best === null || loads < best.loads)) best = { oven, loads }
  }
  return best
}

function ovenOf(
  recipe: Recipe,
  workbook: Workbook,
  factor: number,
  add: (why: string) => void,
): { part: CostPart | null; hours: number } {
  // a step that says a heat and a time is in the oven, whatever else it is: baking blind, toasting
  const steps = recipe.steps.filter(step => step.minutes && (step.when === 'oven' || step.celsius !== undefined))
  if (recipe.steps.some(step => step.when === 'oven' && !step.minutes)) add(`how long ${recipe.name} is in the oven`)
  if (steps.length === 0) return { part: null, hours: 0 }
  const minutes = steps.reduce((total, step) => total + (step.minutes!.to ?? step.minutes!.from), 0)
  const tins = Math.max(1, Math.ceil((recipe.tins ?? 1) * factor - 1e-9))
  const found = ovenFor(workbook.kitchen.ovens ?? [], tins)
  if (!found) {
    add('which oven it bakes in (set one under Kitchen)')
    return { part: leaf('oven', 'oven', null, 'no oven is known'), hours: minutes / 60 }
  }
  const { oven, loads } = found
  const hours = (minutes * loads) / 60
  const { energyPerKwh } = workbook.kitchen
  if (oven.kW === undefined || energyPerKwh === undefined) {
    add(oven.kW === undefined ? `how many kilowatts the ${oven.name} draws` : 'what a kilowatt-hour costs')
    return { part: leaf('oven', oven.name, null, 'not known'), hours }
  }
  const hot = minutes * loads + (oven.preheatMinutes ?? 0)
  const amount = new Big(energyPerKwh).times(oven.kW).times(hot).div(60)
  const how = `${loads} ${loads === 1 ? 'load' : 'loads'} of ${shown(minutes)}${oven.preheatMinutes ? ` and ${shown(oven.preheatMinutes)} to heat` : ''}, ${oven.kW} kW at ${energyPerKwh} a kWh`
  // it draws its full power only while it heats: this is the most it can be
  return { part: leaf('oven', oven.name, amount, how, true), hours }
}

/** What of one making's oven falls to `makings` of a part, as a fraction. */
const shareOfOven = (
  { part, hours }: ReturnType<typeof ovenOf>,
  recipe: Recipe,
  makings: number,
): ReturnType<typeof ovenOf> => ({
  part: part && {
    ...part,
    name: `${recipe.name}, ${part.name}`,
    amount: part.amount === null ? null : exact(new Big(part.amount).times(makings)),
    how: `${part.how}, × ${Number(toPlaces(makings, 2))} of a making`,
  },
  hours: hours * makings,
})

/**
 * The full cost of a batch of `factor` makings. Pure. Without a figure she has not given, the rest is still added up and
 * the missing one is named in `unknown`.
 */
export function fullCostOf(
  workbook: Workbook,
  productId: string,
  batch: { factor: number } = { factor: 1 },
  stock: Readonly<Record<string, number>> = {},
): FullCost {
  const product = workbook.products.find(one => one.id === productId)
  if (!product) throw new RangeError(`There is no product “${productId}”.`)
  const recipe = workbook.recipes.find(one => one.id === product.recipe)
  const { kitchen } = workbook
  const bill = billOf(workbook, product.recipe, batch)
  const made = recipe?.pieces ? recipe.pieces * batch.factor : null
  const unknown: string[] = []
  const add = (why: string) => {
    if (!unknown.includes(why)) unknown.push(why)
  }
  const food: Cost = costOf(bill, workbook, made)
  for (const why of food.unknown) add(why)
  const names = byId(workbook.ingredients)
  const parts: CostPart[] = [
    whole(
      'ingredients',
      'ingredients',
      'bought weight by the price in force',
      food.lines.map(line => {
        const at = bill.lines[line.at]!
        return leaf(
          'ingredients',
          names.get(line.ingredient)?.name ?? line.ingredient,
          line.cost === null ? null : new Big(line.cost),
          line.cost === null ? (line.why ?? 'no price') : `${toPlaces(at.grams, 1)} g prepared`,
          at.estimate,
        )
      }),
    ),
  ]
  const needs =
    recipe && kitchen.leftOver === 'charged'
      ? partsNeeded(workbook.recipes, workbook.ingredients, recipe.id, batch.factor, stock)
      : []
  if (recipe) {
    if (kitchen.leftOver === 'charged') {
      const over = needs
        .filter(need => need.left !== null && need.makings !== null && need.makings > 0)
        .map(need => {
          // what the shelf held before is not charged again
          const left = Math.min(need.left!, need.makings! * need.oneMaking!)
          const inner = billOf(workbook, need.part)
          const cost = costOf(inner, workbook, 1)
          return leaf(
            'leftOver',
            need.name,
            new Big(cost.total).times(left).div(need.oneMaking!),
            `${toPlaces(left, 0)} g left of ${need.makings} × ${toPlaces(need.oneMaking!, 0)} g`,
          )
        })
        .filter(part => part.amount !== '0')
      if (over.length > 0) parts.push(whole('leftOver', 'left over of parts', 'charged to this batch', over))
    }
    if (product.packing) {
      const packs = made === null ? null : made / product.pieces
      const counts = {
        piece: made,
        pack: packs,
        box: packs === null || product.packsPerBox === undefined ? null : packs / product.packsPerBox,
      }
      if (product.packing.length > 0)
        parts.push(
          whole(
            'packing',
            'packing',
            'what each piece, pack and box is packed in',
            product.packing.map(one => {
              const count = counts[one.per]
              if (count === null) add(one.per === 'box' ? 'how many packs are in a box' : 'the number of pieces')
              if (one.price === undefined) add(`what ${one.name} costs`)
              return leaf(
                'packing',
                one.name,
                count === null || one.price === undefined ? null : new Big(one.price).times(count),
                count === null
                  ? 'not known how many'
                  : one.price === undefined
                    ? 'no price'
                    : `${one.price} × ${Number(toPlaces(count, 2))} ${one.per === 'piece' ? 'pieces' : one.per === 'pack' ? 'packs' : 'boxes'}`,
              )
            }),
          ),
        )
    } else add('what it is packed in (say it under Cost, or that it is not packed)')
  }
  const shares = recipe ? partShares(workbook.recipes, workbook.ingredients, recipe.id, batch.factor) : []
  const partsWorked =
    kitchen.leftOver === 'charged'
      ? shares.map(one => ({
          ...one,
          makings: needs.find(need => need.part === one.part.id)?.makings ?? one.makings,
        }))
      : shares
  const batter = recipe ? batterOf(bill) : 0
  const mixers = kitchen.mixers ?? []
  const loads = mixers.length > 0 ? Math.min(...mixers.map(mixer => evenLoads(batter, mixer.grams)?.loads ?? 1)) : 1
  const labour = recipe
    ? labourOf(recipe, workbook, product, bill, made, loads, partsWorked, add)
    : { parts: [], hours: 0 }
  if (labour.parts.length > 0)
    parts.push(whole('labour', 'labour', `${toPlaces(labour.hours, 2)} hours of work`, labour.parts))
  // what is baked in parts before is their share of a making, as their work is
  const baked = [
    ...(recipe ? [ovenOf(recipe, workbook, batch.factor, add)] : []),
    ...partsWorked.map(({ part, makings }) => shareOfOven(ovenOf(part, workbook, 1, add), part, makings)),
  ]
  const ovenHours = baked.reduce((hours, one) => hours + one.hours, 0)
  const ovens = baked.flatMap(one => one.part ?? [])
  if (ovens.length > 0) parts.push(whole('oven', 'oven', `${toPlaces(ovenHours, 2)} oven hours`, ovens))
  if (kitchen.running && kitchen.running.length > 0) {
    const used = { labourHour: labour.hours, ovenHour: ovenHours, batch: 1 }
    const unit = { labourHour: 'labour hours', ovenHour: 'oven hours', batch: 'batches' }
    parts.push(
      whole(
        'running',
        'running costs',
        'their part of a month, by the key you set',
        kitchen.running.map(one =>
          leaf(
            'running',
            one.name,
            new Big(one.perMonth).times(used[one.key]).div(one.monthly),
            `${one.perMonth} a month × ${toPlaces(used[one.key], 2)} of ${one.monthly} ${unit[one.key]}`,
          ),
        ),
      ),
    )
  }
  const before = sum(parts.map(part => part.amount))
  const { trimmings = 0, breakages = 0, unsold = 0 } = product.losses ?? {}
  const kept = new Big(1).minus(trimmings).times(new Big(1).minus(breakages)).times(new Big(1).minus(unsold))
  const sold = made === null ? null : Number(kept.times(made))
  if (kept.lte(0)) add('what a piece carries: nothing is left to sell')
  const losses: [string, number][] = [
    ['trimmings', trimmings],
    ['breakages', breakages],
    ['unsold', unsold],
  ]
  let lost: CostPart | null = null
  if (kept.gt(0) && kept.lt(1)) {
    // each takes its share of what is still there: the parts add up to what is not sold
    let still = new Big(1)
    lost = whole(
      'losses',
      'of it lost',
      'what was spent on pieces that are not sold',
      losses
        .filter(([, share]) => share > 0)
        .map(([what, share]) => {
          const gone = still.times(share)
          still = still.minus(gone)
          return leaf(
            'losses',
            what,
            before.times(gone),
            `${toPlaces(share * 100, 1)} % of ${toPlaces(Number(still.plus(gone)) * 100, 1)} %`,
          )
        }),
    )
  }
  const carried = (pieces: number): string | null =>
    made === null || kept.lte(0) ? null : exact(before.div(kept.times(made)).times(pieces))
  return {
    currency: kitchen.currency,
    parts,
    losses: lost,
    total: exact(before),
    made,
    sold,
    perPiece: carried(1),
    perPack: carried(product.pieces),
    perBox: product.packsPerBox === undefined ? null : carried(product.pieces * product.packsPerBox),
    foodPerPiece: made === null ? null : exact(new Big(food.total).div(made)),
    unknown,
    labourHours: labour.hours,
    ovenHours,
  }
}
