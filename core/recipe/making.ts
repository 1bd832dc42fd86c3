// One making of a recipe: its leaves, what is missing in it, and how a recipe around it takes them over. A leaf stays the very same
// as long as everything under it does.
import { gramsOf } from '../measure/convert'
import type { Ingredient } from '../model/ingredient'
import type { Line, Recipe, Role } from '../model/recipe'
import type { BillGap, BillLine, PathStep } from './billLine'
import { lineGrams } from './lineGrams'

/** Where a recipe holds a part, and how many makings of it that asks for; null where that is not known. */
export interface PartUse {
  line: string
  part: string
  makings: number | null
}
export interface Making {
  lines: BillLine[]
  gaps: BillGap[]
  besideGaps: BillGap[]
  finished: number
  parts: PartUse[]
  /** How many parts deep it goes, as far as it was followed. */
  depth: number
  /** Lines and gaps as a recipe around it takes them over: what comes in by several ways is one. */
  merged?: { lines: readonly BillLine[]; gaps: readonly BillGap[]; besideGaps: readonly BillGap[] }
}

/** How many makings of a part a line asks for. */
export type Wanted = { times: number; estimate: boolean } | { unknown: string }
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
export function leafOf(line: Line, ingredient: Ingredient, recipe: Recipe): BillLine {
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
export const retainedOf = (line: Line): number => line.retained ?? (line.role === 'drained' ? 0 : 1)
export const bakedOf = (line: Line, { bakeLoss = 0 }: Pick<Recipe, 'bakeLoss'>): number =>
  line.afterBake ? 1 : 1 - bakeLoss

interface KnownMoved {
  part: Making
  times: number
  why: string | undefined
  recipe: KnownLeaf['recipe']
  leaves: readonly BillLine[]
}
const movedKnown = new WeakMap<Line, KnownMoved>()
/** The leaves of a part as the line that asks for so many makings of it takes them over. */
export function movedBy(line: Line, part: Making, wanted: Wanted, recipe: Recipe): readonly BillLine[] {
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
export const mergedOf = (part: Making) => {
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
