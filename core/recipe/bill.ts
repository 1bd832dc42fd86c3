// A recipe exploded to ingredient masses: the one input to cost, allergens, nutrition and the label.
import { gramsOf, millilitresOf } from '../measure/convert'
import { byId } from '../model/byId'
import { type Line, partKey, type Recipe } from '../model/recipe'
import type { Measures } from '../model/unit'
import { damageOf, type Workbook } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'
import type { BillGap, BillLine, PathStep } from './billLine'
import { bakedOf, leafOf, type Making, mergedOf, movedBy, type PartUse, retainedOf, type Wanted } from './making'
import { heldAgainst, openFact, openFoodIn } from './openFood'
import { countsPieces } from './writtenAmount'

export { type BillGap, type BillLine, gapMend, type PathStep, wayOf } from './billLine'
export { ediblePart, lineGrams } from './lineGrams'
export type { PartUse } from './making'

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

const damagedFact = 'is damaged and cannot be read'

const keepMaking = keptBeside<Recipe, Making>()

/** Parts inside parts this deep are followed; what is deeper is a gap. */
const deepest = 60

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
