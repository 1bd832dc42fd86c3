// What else could stand in a line's place, so that a claim which breaks or is unproven there would hold.

import { type Mark, severity } from '../claim/verdict'
import { shelfName } from '../ingredient/shelfName'
import type { ClaimCode } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import type { Line, Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { stems } from '../words/stem'
import { assess } from './assess'

const idle = new Set([
  'flour',
  'ground',
  'light',
  'dark',
  'fine',
  'plain',
  'free',
  'house',
  'fresh',
  'powder',
  'whole',
  'drink',
])
const tellingWords = (name: string): string[] => stems(name, 3).filter(word => !idle.has(word))
const releases = /\b(?:oil|spray|paper|wax)\b/i

/** Might one do the work of the other? The same shelf name, a shared word in the name, or both used on a tin. */
export function alike(a: Ingredient, b: Ingredient, line: Line): boolean {
  if (shelfName(a) === shelfName(b)) return true
  if (line.role === 'release') return releases.test(b.name)
  const words = new Set([...tellingWords(a.name), ...tellingWords(a.standsFor ?? '')])
  return [...tellingWords(b.name), ...tellingWords(b.standsFor ?? '')].some(word => words.has(word))
}

export interface Swap {
  ingredient: string
  name: string
}

/**
 * Ingredients of the larder that might stand in for the one in `lineId` of the product's own recipe, with which the
 * claim holds there and no other claim of the product is worse there. At most `most`; empty where there are none.
 * Whether they bake alike is not judged.
 */
export function swapsThatMend(
  workbook: Workbook,
  productId: string,
  market: MarketCode,
  claim: ClaimCode,
  lineId: string,
  most = 3,
): Swap[] {
  const product = workbook.products.find(one => one.id === productId)
  const recipe = workbook.recipes.find(one => one.id === product?.recipe)
  const line = recipe?.lines.find(one => one.id === lineId)
  if (!recipe || !line || !('ingredient' in line.of)) return []
  const { ingredient: current } = line.of
  const now = workbook.ingredients.find(one => one.id === current)
  if (!now) return []
  const marksOf = (of: Recipe): Map<ClaimCode, Mark> => {
    const recipes = workbook.recipes.map(one => (one.id === of.id ? of : one))
    const { bill, claims } = assess({ ...workbook, recipes }, productId, market, { factor: 1 }, true)
    const at = bill.lines.findIndex(one => one.topLine === lineId)
    return new Map(claims.map(one => [one.claim, one.marks[at] ?? 'unproven']))
  }
  const before = marksOf(recipe)
  const found: Swap[] = []
  for (const other of workbook.ingredients) {
    if (found.length >= most) break
    if (other.id === current || !alike(now, other, line)) continue
    const swapped: Line = { ...line, of: { ingredient: other.id } }
    const after = marksOf({ ...recipe, lines: recipe.lines.map(one => (one === line ? swapped : one)) })
    const worse = [...after].some(([code, mark]) => severity[mark] > severity[before.get(code) ?? 'breaks'])
    if (after.get(claim) === 'holds' && !worse) found.push({ ingredient: other.id, name: other.name })
  }
  return found
}
