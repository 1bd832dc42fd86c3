// A shopping list as CSV: one row for each article and pack size, by supplier. Cells that a spreadsheet would take for a formula are kept as words.
import type { Purchase } from '@fair-tin/core/assess'
import { safeCell } from '@fair-tin/core/exchange'
import { toPlaces } from '@fair-tin/core/words'
import { unparse } from 'papaparse'

const heads = [
  'Supplier',
  'Article',
  'What',
  'For',
  'Pack, g',
  'Packs',
  'Each',
  'Together',
  'Currency',
  'Needed, g',
  'In stock, g',
  'Of another article, g',
  'Over, g',
]

export function shoppingCsv(purchases: readonly Purchase[], currency: string): string {
  const rows = purchases
    .flatMap(one =>
      one.choices.map(choice => [
        choice.supplier,
        choice.article,
        choice.name,
        one.name,
        toPlaces(choice.pack, 0),
        String(choice.count),
        choice.each,
        choice.price,
        currency,
        toPlaces(one.needed, 0),
        toPlaces(one.stock, 0),
        toPlaces(one.instead?.grams ?? 0, 0),
        toPlaces(one.over, 0),
      ]),
    )
    .sort((a, b) => (a[0]! < b[0]! ? -1 : a[0]! > b[0]! ? 1 : a[2]! < b[2]! ? -1 : 1))
  return unparse([heads, ...rows.map(row => row.map(safeCell))], { newline: '\r\n' })
}
