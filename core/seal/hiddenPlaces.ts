// The places people forget: each is answered before a label is signed, by a line of the recipe or by what somebody writes down.
import { byId } from '../model/byId'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'

/** House list, from common practice: no source names all of them. */
export const hiddenPlaces = [
  { place: 'release', asks: 'What keeps it from sticking: grease, spray, paper, liners, mats?' },
  { place: 'dusting', asks: 'What are bench, pin and hands dusted with?' },
  { place: 'shared oil', asks: 'Is any oil, spray or fryer shared with other food?' },
  { place: 'bags and moulds', asks: 'Whose piping bags, brushes, moulds and cutters are used?' },
  { place: 'toppings', asks: 'What goes on top, and from which trays and tubs?' },
  { place: 'decorations', asks: 'Which sprinkles, colours or flowers, bought or made?' },
  { place: 'carriers', asks: 'What are spices, extracts and flavourings carried in?' },
  { place: 'alternatives', asks: 'What is used when something runs out?' },
  { place: 'beside', asks: 'What is it served or packed with?' },
  { place: 'wrapping', asks: 'What touches it after baking: racks, boxes, wrap, knives?' },
] as const
export type HiddenPlace = (typeof hiddenPlaces)[number]['place']

export interface PlaceFound {
  place: HiddenPlace
  asks: string
  /** What the recipe says of it already, by name. */
  lines: string[]
}
const carried = /extract|essence|flavour|vanilla|spice|cinnamon|ginger|nutmeg|cardamom|mixed peel|colour/i

/** Every place, with the lines of the recipe that answer for it. */
export function placesOf(workbook: Workbook, product: Product, bill: Bill): PlaceFound[] {
  const ingredients = byId(workbook.ingredients)
  const nameOf = (id: string) => ingredients.get(id)?.name ?? id
  const named = (keep: (line: Bill['lines'][number]) => boolean) => [
    ...new Set(bill.lines.filter(keep).map(line => nameOf(line.ingredient))),
  ]
  const recipe = byId(workbook.recipes).get(product.recipe)
  const lines: Partial<Record<HiddenPlace, string[]>> = {
    release: named(line => line.role === 'release'),
    toppings: named(line => line.role === 'finish'),
    beside: named(line => line.role === 'beside'),
    carriers: named(line => carried.test(nameOf(line.ingredient))),
    alternatives: (recipe?.lines ?? []).flatMap(line => (line.alternatives ?? []).map(one => nameOf(one.ingredient))),
    wrapping: (product.packing ?? []).map(one => one.name),
  }
  return hiddenPlaces.map(({ place, asks }) => ({ place, asks, lines: lines[place] ?? [] }))
}
