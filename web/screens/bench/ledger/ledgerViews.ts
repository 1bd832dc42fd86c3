// What the ledger's four columns show: as usual, on the scale, four weights, or against the flour.
import type { Ingredient } from '@fair-tin/core/model'
import { type Bill, bakersPercentages, massesOf, type Scale, scaleName, weighOut } from '@fair-tin/core/recipe'
import { percent, toPlaces, weighed } from '@fair-tin/core/words'
import type { Figures } from './LedgerRow'

export type LedgerView = 'usual' | 'scale' | 'weights' | 'flour'
export const views: { value: LedgerView; label: string }[] = [
  { value: 'usual', label: 'weigh and cost' },
  { value: 'scale', label: 'on the scale' },
  { value: 'weights', label: 'four weights' },
  { value: 'flour', label: 'against the flour' },
]

export const headsOf = (view: LedgerView, sign: string): Figures =>
  view === 'usual'
    ? ['Written', 'Weigh out', 'Of the bowl', sign]
    : view === 'scale'
      ? ['Exact', 'On the scale', 'Which', 'Moves by']
      : view === 'weights'
        ? ['Bought', 'Prepared', 'Goes in', 'Finished']
        : ['Prepared', 'Of the flour', 'Of the bowl', 'Goes in']

/** The figures of each bill line, by its index; null for the usual view, whose cells are edited where they stand. */
export function figuresOf(
  view: LedgerView,
  bill: Bill,
  ingredients: readonly Ingredient[],
  scales: readonly Scale[] | undefined,
): Record<number, Figures> | null {
  if (view === 'usual') return null
  const figures: Record<number, Figures> = {}
  for (const [at, line] of bill.lines.entries()) figures[at] = ['', line.unweighed ? 'no weight' : '', '', '']
  const known = (at: number) => !bill.lines[at]!.unweighed
  if (view === 'scale')
    for (const one of weighOut(bill, scales))
      figures[one.at] = [
        one.exact < 999.95 ? `${toPlaces(one.exact, 1)} g` : `${toPlaces(one.exact / 1000, 4)} kg`,
        one.scale ? weighed(one.grams) : 'no scale shows it',
        one.scale ? `${scaleName(one.scale)}${one.times > 1 ? ` × ${one.times}` : ''}` : '',
        Math.abs(one.off) < 0.0005 ? '0 %' : `${one.off < 0 ? '−' : '+'}${percent(Math.abs(one.off))}`,
      ]
  const masses = massesOf(bill, ingredients)
  if (view === 'weights')
    for (const one of masses.lines)
      if (known(one.at))
        figures[one.at] = [weighed(one.bought), weighed(one.prepared), weighed(one.goesIn), weighed(one.finished)]
  if (view === 'flour') {
    const shares = bakersPercentages(bill, ingredients)
    for (const one of masses.lines)
      if (known(one.at))
        figures[one.at] = [
          weighed(one.prepared),
          shares[one.at] === null ? 'no flour' : percent(shares[one.at]!),
          bill.ingoing > 0 ? percent(one.prepared / bill.ingoing) : '',
          weighed(one.goesIn),
        ]
  }
  return figures
}
