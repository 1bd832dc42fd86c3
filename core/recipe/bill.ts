// A recipe exploded to ingredient masses: the one input to cost, allergens, nutrition and the label.
import { gramsOf, millilitresOf } from '../measure/convert'
import { type GramsResult, grams } from '../measure/grams'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { type Line, partKey, type Recipe, type Role } from '../model/recipe'
import type { Measures, Size } from '../model/unit'
import { damageOf, type Workbook } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'
import { heldAgainst, openFact, openFoodIn } from './openFood'
import { countsPieces } from './writtenAmount'

export interface PathStep {
  id: string
  name: string
}
/** Where a recipe holds a part, and how many makings of it that asks for; null where that is not known. */
export interface PartUse {
  line: string
  part: string
  makings: number | null
}
/** What to do about a gap of what it is. */
export const gapMend = ({ why }: Pick<BillGap, 'why'>): string =>
  why === 'open' ? 'Make it a line, or say under the lines why it is not in it.' : 'Mend the recipe.'
/** How a thing comes into the food: the shortest way, and how many more there are. */
export const wayOf = ({ path, otherWays }: { path: PathStep[]; otherWays?: number }): Way =>
  otherWays === undefined ? { path } : { path, otherWays }
export interface Way {
  path: PathStep[]
  otherWays?: number
}
export interface BillLine {
  ingredient: string
  /** Ingoing grams of the prepared thing. 0 with `unweighed` set where the amount is unknown: it still counts as there. */
  grams: number
  /** Where it ends up: `beside` anywhere on the way, else the outermost role that is not `mix`. */
  role: Role
  /** The shortest way it comes in by. */
  path: PathStep[]
  /** Other ways inside the same line of the outermost recipe: their grams are in it. */
  otherWays?: number
  /** The line it comes from, in the recipe at the end of the path. */
  line: string
  /** The line of the outermost recipe it came in by. */
  topLine: string
  /** How many makings of the recipe it stands in this is. */
  times: number
  form?: string
  /** The size written with a count. */
  size?: Size
  /** Written as a number of pieces, and no weight beside it. */
  counted?: true
  /** Why no weight is known. */
  unweighed?: string
  estimate: boolean
  /** Where the weight comes from, in words. */
  how: string
  /** Share of the ingoing mass that is not poured away, 0 to 1. */
  retained: number
  /** Share of the retained mass that is left after baking, parts included, 0 to 1. */
  baked: number
  /** Goes on after the bake, itself or with the part it is in: no batter, and loses nothing in the oven. */
  afterBake?: true
  /** Evidence id that says nothing is left behind of a drained or release line, whatever it is part of. */
  leavesNothing?: string
  /** In which of the two it was said: the line’s own answer goes before that of a part around it. */
  leavesAs?: 'drained' | 'release'
  /** Is it there to sweeten? The line’s own answer; absent: nobody has said. */
  sweetens?: boolean
  /** Served beside, and packed along with it. */
  goesAlong?: boolean
  /** The part this leaf is declared inside, where a part is a compound ingredient: index into the path. */
  compoundAt?: number
}
/** Something the recipe asks for that cannot be followed down to ingredients or grams. */
export interface BillGap {
  /** The shortest way to it. */
  path: PathStep[]
  otherWays?: number
  why: 'gone' | 'damaged' | 'empty' | 'circle' | 'tooDeep' | 'weight' | 'open'
  fact: string
  /** `component`: what it is, is not known, so nothing can be proven. `amount`: only how much. */
  kind: 'component' | 'amount'
}
export interface Bill {
  /** How many makings it is for. */
  factor: number
  lines: BillLine[]
  /** Σ ingoing grams of all that touches the food. */
  ingoing: number
  finished: number
  /** Poured away with drained lines. */
  drained: number
  /** Left in the oven: ingoing = finished + drained + waterLost. */
  waterLost: number
  unknown: string[]
  gaps: BillGap[]
  /** The same of what is only served beside: it is no part of the food, and stands in the way of nothing. */
  besideGaps: BillGap[]
  /** The parts its own lines ask for. */
  parts: PartUse[]
}

const asWeight = 'written as a weight'
const damagedFact = 'is damaged and cannot be read'

/** Grams of one line of an ingredient: the written sum, or the mass said beside it where the amount is no mass. */
export function lineGrams(line: Line, ingredient: Ingredient, recipe: Recipe): GramsResult {
  if (line.amount === null) return { unknown: 'no amount is written' }
  // most lines are one plain weight of the thing as it goes in
  const { value, unit, upTo } = line.amount
  const mass = gramsOf(unit)
  if (mass !== null && upTo === undefined && !line.plus && line.weighed !== 'bought' && value >= 0 && value < 1e12)
    return { grams: value * mass, estimate: line.approximate ?? false, how: asWeight }
  const saidAsMass = line.also?.find(again => gramsOf(again.unit) !== null)
  const written = [line.amount, ...(line.plus ?? [])]
  const summands = saidAsMass && !line.plus?.length && gramsOf(line.amount.unit) === null ? [saidAsMass] : written
  let total = 0
  let estimate = line.approximate ?? false
  const how: string[] = []
  for (const amount of summands) {
    const one = grams(amount, ingredient, recipe, line.form)
    if ('unknown' in one) return one
    total += one.grams
    estimate ||= one.estimate
    if (!how.includes(one.how)) how.push(one.how)
  }
  if (total < 0) return { unknown: `the amounts of ${ingredient.name} add up to less than nothing` }
  if (!Number.isFinite(total)) return { unknown: `“${line.text ?? line.amount.value}” is no amount` }
  if (line.weighed === 'bought') {
    const edible = ediblePart(ingredient, line.form)
    if (edible !== undefined) {
      total *= edible
      how.push(`${edible * 100} % of it edible`)
    }
  }
  return { grams: total, estimate, how: how.join('; ') }
}

/** Edible share of the bought weight, for a form or as it is; undefined where nothing is taken off or nobody said. */
export const ediblePart = (ingredient: Ingredient, form?: string): number | undefined =>
  (
    ingredient.measures.find(measure => measure.form === form && measure.ediblePart !== undefined) ??
    ingredient.measures.find(measure => measure.form === undefined && measure.ediblePart !== undefined)
  )?.ediblePart

/** What the line around says of a leaf, where nearer by nothing was said. */
function saysOfItself(leaf: BillLine, line: Line): void {
  if (leaf.goesAlong === undefined && line.goesAlong !== undefined && line.role === 'beside')
    leaf.goesAlong = line.goesAlong
  if (line.afterBake) leaf.afterBake = true
  if (leaf.sweetens === undefined && line.sweetens !== undefined) leaf.sweetens = line.sweetens
  if (leaf.leavesAs !== undefined || line.leavesNothing === undefined) return
  if (line.role !== 'drained' && line.role !== 'release') return
  leaf.leavesNothing = line.leavesNothing
  leaf.leavesAs = line.role
}

interface Making {
  lines: BillLine[]
  gaps: BillGap[]
  besideGaps: BillGap[]
  finished: number
  parts: PartUse[]
  /** How many parts deep it goes; endless where it runs into a circle, or is cut short. */
  depth: number
  /** Lines and gaps as a recipe around it takes them over: what comes in by several ways is one. */
  merged?: { lines: readonly BillLine[]; gaps: readonly BillGap[]; besideGaps: readonly BillGap[] }
}

/** How many makings of a part a line asks for. */
type Wanted = { times: number; estimate: boolean } | { unknown: string }
const keepMaking = keptBeside<Recipe, Making>()

/** Parts inside parts this deep are followed; what is deeper is a gap. */
const deepest = 60

const roleOnTheWay = (outer: Role, inner: Role): Role =>
  outer === 'beside' || inner === 'beside' ? 'beside' : outer === 'mix' ? inner : outer

/** What a leaf is made of beside its line; kept with the line, and made again as soon as any of it is another. */
interface KnownLeaf {
  ingredient: Ingredient
  recipe: Pick<Recipe, 'id' | 'name' | 'bakeLoss' | 'cup' | 'spoon'>
  leaf: BillLine
}
const leafKnown = new WeakMap<Line, KnownLeaf>()
const sameWords = (one: KnownLeaf['recipe'], other: KnownLeaf['recipe']): boolean =>
  one === other ||
  (one.id === other.id &&
    one.name === other.name &&
    one.bakeLoss === other.bakeLoss &&
    one.cup === other.cup &&
    one.spoon === other.spoon)

/** A line of an ingredient as a leaf: the very same while the line, the ingredient and the recipe's own words stay. */
function leafOf(line: Line, ingredient: Ingredient, recipe: Recipe): BillLine {
  const known = leafKnown.get(line)
  if (known && known.ingredient === ingredient && sameWords(known.recipe, recipe)) return known.leaf
  const weight = lineGrams(line, ingredient, recipe)
  const leaf: BillLine = {
    ingredient: ingredient.id,
    grams: 'grams' in weight ? weight.grams : 0,
    role: line.role,
    path: [
      { id: recipe.id, name: recipe.name },
      { id: ingredient.id, name: ingredient.name },
    ],
    line: line.id,
    topLine: line.id,
    times: 1,
    estimate: 'grams' in weight ? weight.estimate : true,
    how: 'grams' in weight ? weight.how : weight.unknown,
    retained: retainedOf(line),
    baked: bakedOf(line, recipe),
  }
  if (line.form !== undefined) leaf.form = line.form
  if (line.amount?.unit === 'each' && !line.also?.some(again => gramsOf(again.unit) !== null)) leaf.counted = true
  if (line.amount?.size !== undefined) leaf.size = line.amount.size
  saysOfItself(leaf, line)
  if ('unknown' in weight) leaf.unweighed = weight.unknown
  leafKnown.set(line, { ingredient, recipe, leaf })
  return leaf
}
const retainedOf = (line: Line): number => line.retained ?? (line.role === 'drained' ? 0 : 1)
const bakedOf = (line: Line, { bakeLoss = 0 }: Pick<Recipe, 'bakeLoss'>): number => (line.afterBake ? 1 : 1 - bakeLoss)

interface KnownMoved {
  part: Making
  times: number
  why: string | undefined
  recipe: KnownLeaf['recipe']
  leaves: readonly BillLine[]
}
const movedKnown = new WeakMap<Line, KnownMoved>()
/** The leaves of a part as the line that asks for so many makings of it takes them over. */
function movedBy(line: Line, part: Making, wanted: Wanted, recipe: Recipe): readonly BillLine[] {
  const [times, why] = 'times' in wanted ? [wanted.times, undefined] : [0, wanted.unknown]
  const known = movedKnown.get(line)
  if (known && known.part === part && known.times === times && known.why === why && sameWords(known.recipe, recipe))
    return known.leaves
  const here: PathStep = { id: recipe.id, name: recipe.name }
  const [retained, baked] = [retainedOf(line), bakedOf(line, recipe)]
  const leaves = mergedOf(part).lines.map(leaf => {
    const moved: BillLine = {
      ...leaf,
      grams: leaf.grams * times,
      role: roleOnTheWay(line.role, leaf.role),
      path: [here, ...leaf.path],
      topLine: line.id,
      times: leaf.times * times,
      retained: leaf.retained * retained,
      baked: leaf.baked * baked,
    }
    if (why !== undefined) moved.unweighed ??= why
    else if ('times' in wanted && wanted.estimate) moved.estimate = true
    saysOfItself(moved, line)
    if (line.declareAs === 'compound') moved.compoundAt = 1
    else if (leaf.compoundAt !== undefined) moved.compoundAt = leaf.compoundAt + 1
    return moved
  })
  movedKnown.set(line, { part, times, why, recipe, leaves })
  return leaves
}
/** As a recipe around it takes it over. */
const mergedOf = (part: Making) => {
  part.merged ??= {
    lines: mergedLines(part.lines),
    gaps: mergedGaps(part.gaps),
    besideGaps: mergedGaps(part.besideGaps),
  }
  return part.merged
}

/**
 * What stands in the same line of the same recipe, in the same role, is one leaf, however many ways lead to it: so the work
 * grows with lines, not with ways. Every mass is the sum of the ways; shares are weighed by it.
 */
function mergedLines(lines: readonly BillLine[]): readonly BillLine[] {
  // a recipe's own lines are each other's only once
  if (lines.every(line => line.path.length === 2)) return lines
  const kept = new Map<string, BillLine>()
  for (const line of lines) {
    const compound = line.compoundAt === undefined ? '' : line.path[line.compoundAt]!.id
    const key = JSON.stringify([
      line.path.at(-2)!.id,
      line.line,
      line.role,
      compound,
      line.leavesNothing ?? '',
      line.leavesAs ?? '',
      line.afterBake ?? '',
      line.sweetens ?? '',
      line.goesAlong ?? '',
      line.unweighed ?? '',
    ])
    const before = kept.get(key)
    if (!before) {
      kept.set(key, line)
      continue
    }
    const grams = before.grams + line.grams
    const stays = before.grams * before.retained + line.grams * line.retained
    const left = before.grams * before.retained * before.baked + line.grams * line.retained * line.baked
    const shorter = line.path.length < before.path.length ? line : before
    kept.set(key, {
      ...shorter,
      grams,
      retained: grams > 0 ? stays / grams : Math.max(before.retained, line.retained),
      baked: stays > 0 ? left / stays : Math.max(before.baked, line.baked),
      times: before.times + line.times,
      estimate: before.estimate || line.estimate,
      otherWays: (before.otherWays ?? 0) + (line.otherWays ?? 0) + 1,
    })
  }
  return [...kept.values()]
}

/** The same thing missing in the same recipe is one gap, however many ways lead to it. */
function mergedGaps(gaps: readonly BillGap[]): readonly BillGap[] {
  const kept = new Map<string, BillGap>()
  for (const gap of gaps) {
    const key = JSON.stringify([gap.path.at(-2)?.id ?? '', gap.path.at(-1)!.id, gap.kind, gap.fact])
    const before = kept.get(key)
    kept.set(
      key,
      before
        ? {
            ...(gap.path.length < before.path.length ? gap : before),
            otherWays: (before.otherWays ?? 0) + (gap.otherWays ?? 0) + 1,
          }
        : gap,
    )
  }
  return [...kept.values()]
}

/**
 * The bill of a recipe for one making, or for `batch.factor` makings. Grams throughout.
 * A line without a known weight stays in the bill, unweighed; a missing or circular part becomes a gap. Never throws.
 * Each part is worked out once and multiplied: the work grows with the lines of the recipes, not with the ways through them.
 */
export function billOf(workbook: Workbook, recipeId: string, batch: { factor: number } = { factor: 1 }): Bill {
  const recipes = byId(workbook.recipes)
  const ingredients = byId(workbook.ingredients)
  /** Recipes on the way down, with their depth. */
  const onTheWay = new Map<string, number>()
  const made = new Map<string, Making>()
  /** Worked out under a recipe still on the way that it runs back to: good while that one stays on the way. */
  const leaning = new Map<string, { making: Making; on: number }>()

  const missing = (id: string): BillGap => {
    const damage = damageOf(workbook, 'recipe', id)
    return {
      path: [{ id, name: damage?.name ?? id }],
      ...(damage ? { why: 'damaged', fact: damagedFact } : { why: 'gone', fact: 'this recipe is no longer there' }),
      kind: 'component',
    }
  }

  /** One making of a recipe, its paths starting there, and the depth of the outermost recipe it runs back to, if any. */
  function make(id: string): { making: Making; on: number } {
    const known = made.get(id)
    if (known) return { making: known, on: Number.POSITIVE_INFINITY }
    const leant = leaning.get(id)
    if (leant) return leant
    const recipe = recipes.get(id)
    if (!recipe)
      return {
        making: {
          lines: [],
          finished: 0,
          parts: [],
          gaps: [missing(id)],
          besideGaps: [],
          depth: 0,
        },
        on: Number.POSITIVE_INFINITY,
      }
    const depth = onTheWay.size
    onTheWay.set(id, depth)
    const { making, on } = madeOf(recipe, depth)
    onTheWay.delete(id)
    // whatever leant on this recipe is cut short there, and of no use where it is not on the way
    for (const [other, { on: depthOfIt }] of leaning) if (depthOfIt >= depth) leaning.delete(other)
    if (on >= depth) {
      made.set(id, making)
      return { making, on: Number.POSITIVE_INFINITY }
    }
    leaning.set(id, { making, on })
    return { making, on }
  }

  /** As it was made before, as long as everything that it is made of is the same; else made anew. */
  function madeOf(recipe: Recipe, depth: number): { making: Making; on: number } {
    const below: unknown[] = []
    let [deep, on] = [0, Number.POSITIVE_INFINITY]
    for (const { of, alternatives = [] } of recipe.lines) {
      for (const other of alternatives) below.push(ingredients.get(other.ingredient))
      if ('ingredient' in of) {
        below.push(ingredients.get(of.ingredient))
        continue
      }
      const part = partKey(of)
      // a circle is followed as far as it goes from here, and depends on where one comes from
      if (onTheWay.has(part) || onTheWay.size >= deepest) return workedOut(recipe, null)
      const inner = make(part)
      on = Math.min(on, inner.on)
      deep = Math.max(deep, inner.making.depth + 1)
      // what is not there is told apart by what is said to be damaged
      below.push(recipes.has(part) ? inner.making : part, recipes.get(part))
    }
    if (on < Number.POSITIVE_INFINITY || depth + deep >= deepest) return workedOut(recipe, null)
    const rests = [heldAgainst(workbook), workbook.damaged, ...below]
    const making = keepMaking(recipe, 'making', rests, () => workedOut(recipe, below).making)
    return { making, on }
  }

  /** `below`: what its lines ask for, as it is now; null where that is cut short. */
  function workedOut(recipe: Recipe, below: readonly unknown[] | null): { making: Making; on: number } {
    const here: PathStep = { id: recipe.id, name: recipe.name }
    const making: Making = { lines: [], gaps: [], besideGaps: [], finished: 0, parts: [], depth: 0 }
    let on = Number.POSITIVE_INFINITY
    for (const line of recipe.lines) {
      const retained = retainedOf(line)
      const baked = bakedOf(line, recipe)
      const counts = line.role !== 'beside'
      const gaps = counts ? making.gaps : making.besideGaps
      if ('ingredient' in line.of) {
        const ingredient = ingredients.get(line.of.ingredient)
        if (!ingredient) {
          const name = line.text ?? line.of.ingredient
          gaps.push({
            path: [here, { id: line.of.ingredient, name }],
            why: 'gone',
            fact: 'is no longer in the larder',
            kind: 'component',
          })
          continue
        }
        const path = [here, { id: ingredient.id, name: ingredient.name }]
        // what stands in its place proves nothing, whatever its name
        if (damageOf(workbook, 'ingredient', ingredient.id))
          gaps.push({ path, why: 'damaged', fact: damagedFact, kind: 'component' })
        const leaf = leafOf(line, ingredient, recipe)
        if (leaf.unweighed !== undefined) gaps.push({ path, why: 'weight', fact: leaf.unweighed, kind: 'amount' })
        making.lines.push(leaf)
        if (counts) making.finished += leaf.grams * retained * baked
        continue
      }
      const partId = partKey(line.of)
      const partName = recipes.get(partId)?.name ?? line.text ?? partId
      const notFollowed = (why: 'circle' | 'tooDeep', fact: string) => {
        gaps.push({ path: [here, { id: partId, name: partName }], why, fact, kind: 'component' })
        making.parts.push({ line: line.id, part: partId, makings: null })
      }
      const before = onTheWay.get(partId)
      if (before !== undefined) {
        on = Math.min(on, before)
        const chain = [...onTheWay.keys()].slice(before).map(one => recipes.get(one)?.name ?? one)
        notFollowed('circle', `contains itself: ${[...chain, partName].join(' → ')}`)
        continue
      }
      if (onTheWay.size >= deepest) {
        // reached from nearer by, it would be followed
        on = 0
        notFollowed('tooDeep', `stands more than ${deepest} parts deep, and is not followed`)
        continue
      }
      const inner = make(partId)
      on = Math.min(on, inner.on)
      const part = inner.making
      making.depth = Math.max(making.depth, part.depth + 1)
      // what is called for and not written yet may be anything
      if (
        line.role !== 'beside' &&
        part.lines.every(leaf => leaf.role === 'beside') &&
        !part.gaps.some(gap => gap.kind === 'component')
      )
        gaps.push({
          path: [here, { id: partId, name: partName }],
          why: 'empty',
          fact: 'has nothing in it yet',
          kind: 'component',
        })
      const wanted = partMakings(line, part, recipes.get(partId), recipe, partName)
      if ('unknown' in wanted)
        gaps.push({
          path: [here, { id: partId, name: partName }],
          why: 'weight',
          fact: wanted.unknown,
          kind: 'amount',
        })
      const times = 'times' in wanted ? wanted.times : 0
      making.parts.push({ line: line.id, part: partId, makings: 'times' in wanted ? times : null })
      for (const leaf of movedBy(line, part, wanted, recipe)) making.lines.push(leaf)
      for (const gap of mergedOf(part).gaps) gaps.push({ ...gap, path: [here, ...gap.path] })
      for (const gap of mergedOf(part).besideGaps) making.besideGaps.push({ ...gap, path: [here, ...gap.path] })
      if (counts) making.finished += part.finished * times * retained * baked
    }
    // written somewhere and in no line: it may be in it
    for (const food of openFoodIn(recipe, workbook, below))
      making.gaps.push({
        path: [here, { id: `open ${food.word}`, name: recipe.name }],
        why: 'open',
        fact: openFact(food),
        kind: 'component',
      })
    return { making, on }
  }

  const { making } = make(recipeId)
  const factor = batch.factor
  const lines =
    factor === 1
      ? making.lines
      : making.lines.map(line => ({ ...line, grams: line.grams * factor, times: line.times * factor }))
  let ingoing = 0
  let drained = 0
  let finished = 0
  for (const line of lines) {
    if (line.role === 'beside') continue
    ingoing += line.grams
    drained += line.grams * (1 - line.retained)
    finished += line.grams * line.retained * line.baked
  }
  return {
    factor,
    lines,
    ingoing,
    finished,
    drained,
    waterLost: ingoing - drained - finished,
    gaps: making.gaps,
    besideGaps: making.besideGaps,
    unknown: making.gaps.map(gap => `${gap.path.at(-1)!.name}: ${gap.fact}`),
    parts: making.parts.map(one => ({ ...one, makings: one.makings === null ? null : one.makings * factor })),
  }
}

/**
 * How many makings of a part a line asks for: by grams of the finished part, by measures of it where it was weighed what one
 * holds, by its pieces where it says how many it makes, or as a number of whole makings.
 */
function partMakings(line: Line, part: Making, recipe: Recipe | undefined, measures: Measures, name: string): Wanted {
  if (line.amount === null) return { unknown: `no amount of ${name} is written` }
  let grams = 0
  let makings = 0
  let estimate = false
  for (const amount of [line.amount, ...(line.plus ?? [])]) {
    const middle = amount.upTo === undefined ? amount.value : (amount.value + amount.upTo) / 2
    const mass = gramsOf(amount.unit)
    const said = line.also?.find(again => gramsOf(again.unit) !== null)
    const ml = millilitresOf(amount.unit, measures)
    if (mass !== null) grams += middle * mass
    else if (said) grams += said.value * gramsOf(said.unit)!
    else if (amount.unit === 'each' && countsPieces(line)) {
      if (!recipe?.pieces) return { unknown: `how many pieces one making of ${name} gives is not said` }
      makings += middle / recipe.pieces
    } else if (amount.unit === 'each') makings += middle
    else if (ml !== null && recipe?.gramsPerMl) {
      grams += middle * ml * recipe.gramsPerMl
      estimate = true
    } else if (ml !== null)
      return {
        unknown: `what a cup of ${name} weighs is not known: weigh one and write it on its bench, or write grams`,
      }
    else return { unknown: `write the amount of ${name} in grams, in pieces, or as a number of makings` }
  }
  // under a milligram nothing can be weighed off, and a share of it means nothing
  if (grams !== 0 && !(part.finished > 0.001)) return { unknown: `what one making of ${name} weighs is not known` }
  const times = makings + (grams === 0 ? 0 : grams / part.finished)
  if (!(times >= 0) || !Number.isFinite(times)) return { unknown: `the amounts of ${name} add up to less than nothing` }
  return { times, estimate }
}
