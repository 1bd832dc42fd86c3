// What stands on the demo bakery's bench: parts on the shelf, orders of the coming days, a trial that is not decided.
import { bodyOf, daysAfter } from '@fair-tin/core'
import { recipes } from './recipes'

/** What was made of a part, and what was taken. */
export const partEntries = [
  { part: 'house-flour-blend', grams: 2200, reason: 'made' },
  { part: 'house-flour-blend', grams: -1080, reason: 'damson slice, two batches' },
  { part: 'house-flour-blend@1', grams: 1900, reason: 'counted' },
  { part: 'light-flour-blend', grams: 2000, reason: 'made' },
  { part: 'light-flour-blend', grams: -1740, reason: 'shortbread and cups' },
  { part: 'short-pastry', grams: 786, reason: 'made, in the cold' },
  { part: 'short-pastry', grams: -600, reason: 'rhubarb tartlets' },
]

export const orders = (today: string) => {
  const day = (days: number) => daysAfter(today, days)
  return [
    { day: day(1), product: 'damson-slice', packs: 18, forWhom: 'the quay café' },
    { day: day(1), product: 'damson-slice', packs: 12, forWhom: 'the shop counter' },
    { day: day(1), product: 'ginger-teff-loaf', packs: 3, forWhom: 'the quay café' },
    { day: day(1), product: 'seeded-shortbread', packs: 10, forWhom: 'the shop counter' },
    { day: day(2), product: 'blackcurrant-bun', packs: 20, forWhom: 'Saltmarsh School' },
    { day: day(2), product: 'carrot-walnut-slice', packs: 12, forWhom: 'the shop counter' },
    { day: day(3), product: 'damson-slice', packs: 24, forWhom: 'the market stall' },
    { day: day(3), product: 'rhubarb-tartlet', packs: 30, forWhom: 'the market stall' },
  ]
}

const slice = recipes.find(one => one.id === 'damson-slice')!
export const trial = {
  id: 'trial-coconut-oil',
  recipe: slice.id,
  name: 'coconut oil for the butter',
  notes: 'Crumb holds. Press it down harder; next time 20 g more syrup in the filling.',
  body: {
    ...bodyOf(slice),
    lines: slice.lines.map(line =>
      'ingredient' in line.of && line.of.ingredient === 'plant-butter'
        ? {
            ...line,
            of: { ingredient: 'coconut-oil' },
            amount: { value: 290, unit: 'g' as const },
            text: '290 g coconut oil, melted',
            prep: 'melted',
          }
        : line,
    ),
  },
  fresh: [],
}
