// What the lines come to, in one row: in the bowl, in each tin, out of the oven, by the piece.
import type { Assessment } from '@fair-tin/core/assess'
import { money, weighed } from '@fair-tin/core/words'
import type { fillingsOf } from './batch'

interface Props {
  assessment: Assessment
  fillings: ReturnType<typeof fillingsOf>
  /** Null where the recipe does not say how many pieces it gives. */
  pieceName: string | null
  /** The cost is of a kilogram instead of a piece. */
  perKilogram: boolean
}

export function Totals({ assessment: { bill, cost, pieces }, fillings, pieceName, perKilogram }: Props) {
  const exact = bill.unknown.length === 0 ? '' : 'at least '
  const totals: ([string, string] | false)[] = [
    ['In the bowl', exact + weighed(bill.ingoing)],
    ...fillings.map((one): [string, string] => [
      fillings.length > 1 ? `Each ${one.name}` : 'Per tin',
      exact + weighed(one.grams),
    ]),
    ['Oven takes', weighed(bill.waterLost)],
    bill.drained > 0 && ['Drained off', weighed(bill.drained)],
    pieces !== null && pieceName !== null && [`A ${pieceName}`, exact + weighed(bill.finished / pieces)],
    cost.perPiece !== '' && [
      perKilogram ? 'A kilogram costs' : 'food',
      `${cost.unknown.length > 0 ? 'at least ' : ''}${money(cost.perPiece, cost.currency)}`,
    ],
  ]
  return totals.map(
    one =>
      one && (
        <span key={one[0]} className="whitespace-nowrap">
          {one[0]} <b className="figure">{one[1]}</b>
        </span>
      ),
  )
}
