// Recipes inside recipes: what would go round in a circle, and how much of each part a batch asks for.
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { partKey, type Recipe } from '../model/recipe'
import { type Bill, billOf } from './bill'

/** A kept version standing in a workbook beside the newest one. */
export const isFrozen = (recipe: Pick<Recipe, 'id'>): boolean => recipe.id.includes('@')

/**
 * The circle that would arise if `part` were put into `recipe`: names from the recipe round to itself again; null where
 * there is none. `part` is an id, or an id with its version ("short-pastry@2").
 */
export function circleThrough(recipes: readonly Recipe[], recipe: string, part: string): string[] | null {
  const known = byId([...recipes])
  const nameOf = (id: string) => known.get(id)?.name ?? id
  const seen = new Set<string>()
  const back = (id: string): string[] | null => {
    if (id === recipe) return [nameOf(id)]
    if (seen.has(id)) return null
    seen.add(id)
    for (const line of known.get(id)?.lines ?? []) {
      if (!('recipe' in line.of)) continue
      const rest = back(partKey(line.of))
      if (rest) return [nameOf(id), ...rest]
    }
    return null
  }
  const found = back(part)
  return found && [nameOf(recipe), ...found]
}

/** "House blend → Sponge → House blend", for the baker. */
export const circleFact = (chain: readonly string[]): string =>
  `${chain[0]} would contain itself: ${chain.join(' → ')}. Choose something else.`

/** The bill of one making of each recipe, worked out once. */
export function billsOf(recipes: readonly Recipe[], ingredients: readonly Ingredient[]): (id: string) => Bill {
  const workbook = { recipes: [...recipes], ingredients: [...ingredients] } as Parameters<typeof billOf>[0]
  const bills = new Map<string, Bill>()
  return id => {
    const known = bills.get(id) ?? billOf(workbook, id)
    bills.set(id, known)
    return known
  }
}

/** Recipe ids from the outermost in: each stands before every part of its own. What runs back in a circle keeps its first place. */
export function fromTheOutside(recipes: ReadonlyMap<string, Recipe>, recipeId: string): string[] {
  const order: string[] = []
  const seen = new Set<string>()
  const visit = (id: string): void => {
    if (seen.has(id)) return
    seen.add(id)
    for (const line of recipes.get(id)?.lines ?? []) if ('recipe' in line.of) visit(partKey(line.of))
    order.unshift(id)
  }
  visit(recipeId)
  return order
}

/** Every part of a recipe at any depth, with the makings of it, as fractions, that go into `factor` makings. */
export function partShares(
  recipes: readonly Recipe[],
  ingredients: readonly Ingredient[],
  recipeId: string,
  factor: number,
): { part: Recipe; makings: number }[] {
  const known = byId([...recipes])
  const billed = billsOf(recipes, ingredients)
  const shares = new Map<string, number>()
  const order = fromTheOutside(known, recipeId)
  const placeOf = new Map(order.map((id, place) => [id, place]))
  for (const [place, id] of order.entries()) {
    const times = id === recipeId ? factor : (shares.get(id) ?? 0)
    for (const { part, makings } of billed(id).parts)
      if (placeOf.get(part)! > place && known.has(part))
        shares.set(part, (shares.get(part) ?? 0) + times * (makings ?? 0))
  }
  return [...shares].map(([id, makings]) => ({ part: known.get(id)!, makings }))
}

/** How much of one part a batch asks for, all its uses together, and what making it in bulk leaves over. */
export interface PartNeed {
  /** Recipe id, with its version where it is frozen. */
  part: string
  name: string
  /** Grams of the finished part; of a use whose amount nobody wrote, nothing is in it. */
  needed: number
  /** Somewhere its amount is not known: more may be needed. */
  unsaid: boolean
  /** Grams on the shelf before; 0 where none is known. */
  stock: number
  /** Grams one making gives; null where it is not known. */
  oneMaking: number | null
  /** Whole makings that cover what the shelf does not; null where what one gives is not known. */
  makings: number | null
  /** Grams left when the batch has taken its own; null likewise. */
  left: number | null
}

/**
 * Every part of a batch, deepest last, with what is on the shelf used first. A part made in bulk asks for its own parts
 * in bulk too: whole makings, so what is left over is stock for the next bake. `stock`: grams by part key.
 */
export function partsNeeded(
  recipes: readonly Recipe[],
  ingredients: readonly Ingredient[],
  recipeId: string,
  factor: number,
  stock: Readonly<Record<string, number>>,
): PartNeed[] {
  const known = byId([...recipes])
  const billed = billsOf(recipes, ingredients)
  const needs = new Map<string, PartNeed>()
  // outer parts first, so that by the time a part is reached everybody who asks for it has asked
  const order = fromTheOutside(known, recipeId)
  const makingsOf = new Map<string, number>([[recipeId, factor]])
  for (const id of order) {
    const recipe = known.get(id)
    if (!recipe) continue
    if (id !== recipeId) {
      const need = needs.get(id)
      if (!need) continue
      const short = Math.max(0, need.needed - need.stock)
      need.makings = need.oneMaking === null ? null : short < 0.05 ? 0 : Math.ceil(short / need.oneMaking - 1e-9)
      need.left = need.makings === null ? null : need.stock + need.makings * need.oneMaking! - need.needed
      makingsOf.set(id, need.makings ?? 0)
    }
    const times = makingsOf.get(id)!
    if (times === 0) continue
    const bill = billed(id)
    for (const { line, part, makings } of bill.parts) {
      const inner = billed(part)
      const oneMaking = inner.finished > 0.001 && inner.gaps.length === 0 ? inner.finished : null
      const needed = (makings ?? 0) * inner.finished * times
      const unsaid = makings === null
      const before = needs.get(part)
      if (before) {
        before.needed += needed
        before.unsaid ||= unsaid
      } else
        needs.set(part, {
          part,
          name: known.get(part)?.name ?? recipe.lines.find(one => one.id === line)?.text ?? part,
          needed,
          unsaid,
          stock: stock[part] ?? 0,
          oneMaking,
          makings: null,
          left: null,
        })
    }
  }
  return order.flatMap(id => needs.get(id) ?? [])
}
