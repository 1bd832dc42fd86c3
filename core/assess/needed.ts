// What a set of batches takes of each ingredient as bought, once the parts on the shelf are used up.
import { byId } from '../model/byId'
import type { Workbook } from '../model/workbook'
import { ediblePart } from '../recipe/bill'
import { billsOf, fromTheOutside } from '../recipe/part'

type Grams = number

export interface Wanted {
  product: string
  /** Makings of its recipe. */
  factor: number
}
export interface Need {
  ingredient: string
  /** As bought: shells and peel are in it. */
  grams: Grams
  /** The products it is for. */
  products: ReadonlySet<string>
}
export interface Needed {
  needs: Need[]
  /** Parts that are taken from the shelf instead of being made. */
  fromShelf: { part: string; name: string; grams: Grams }[]
  /** What cannot be worked out, and why. */
  unknown: string[]
}

/** `partStock` is grams of parts on the shelf by their key. */
export function neededFor(
  workbook: Workbook,
  wanted: readonly Wanted[],
  partStock: Readonly<Record<string, Grams>>,
): Needed {
  const names = byId(workbook.ingredients)
  const recipes = byId(workbook.recipes)
  const billed = billsOf(workbook.recipes, workbook.ingredients)
  const needs = new Map<string, { ingredient: string; grams: Grams; products: Set<string> }>()
  const shelf: Record<string, Grams> = { ...partStock }
  const fromShelf = new Map<string, { part: string; name: string; grams: Grams }>()
  const unknown = new Set<string>()
  /** What a recipe takes for so many makings, outer parts first: a part that stands on the shelf is taken from there first. */
  const gather = (recipeId: string, factor: number, product: string): void => {
    const order = fromTheOutside(recipes, recipeId)
    const placeOf = new Map(order.map((id, place) => [id, place]))
    const asked = new Map<string, number>([[recipeId, factor]])
    for (const [place, id] of order.entries()) {
      const bill = billed(id)
      let times = asked.get(id) ?? 0
      const grams = bill.finished * times
      const taken = id === recipeId ? 0 : Math.min(shelf[id] ?? 0, grams)
      if (taken > 0) {
        shelf[id] = shelf[id]! - taken
        const name = recipes.get(id)?.name ?? id
        fromShelf.set(id, { part: id, name, grams: (fromShelf.get(id)?.grams ?? 0) + taken })
        times *= 1 - taken / grams
      }
      if (!(times > 0)) continue
      for (const line of bill.lines) {
        const ingredient = names.get(line.ingredient)
        if (line.path.length !== 2 || !ingredient || line.unweighed) continue
        const need = needs.get(ingredient.id) ?? { ingredient: ingredient.id, grams: 0, products: new Set<string>() }
        need.grams += (line.grams * times) / (ediblePart(ingredient, line.form) ?? 1)
        need.products.add(product)
        needs.set(ingredient.id, need)
      }
      for (const { part, makings } of bill.parts)
        if (placeOf.get(part)! > place) asked.set(part, (asked.get(part) ?? 0) + times * (makings ?? 0))
    }
  }
  for (const { product: id, factor } of wanted) {
    const product = workbook.products.find(one => one.id === id)
    if (!product || !(factor > 0)) continue
    for (const why of billed(product.recipe).unknown) unknown.add(`${product.name}: ${why}`)
    gather(product.recipe, factor, id)
  }
  return { needs: [...needs.values()], fromShelf: [...fromShelf.values()], unknown: [...unknown] }
}
