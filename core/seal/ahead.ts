// What a change of a market's rules will do to the labels, before it is in force: each product judged by the rules of that day on the
// facts of today, so that nothing but the rules can make the difference.
import { changesOf } from '../market/market'
import type { RuleChange } from '../market/rulePack'
import type { MarketCode } from '../model/market'
import { judgedOn, type Workbook } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'
import { alteredIn, type SaidPart } from './said'
import { toSign } from './seal'

interface AheadFor {
  product: { id: string; name: string }
  /** Parts of its label that will say something else. */
  parts: SaidPart[]
  /** What will stand before a signature, and does not now. */
  hinders: string[]
}
export interface RulesAhead extends Omit<RuleChange, 'pack'> {
  market: MarketCode
  /** Products sold there that it does something to. */
  reaches: AheadFor[]
}

const keepThen = keptBeside<Workbook, Workbook>()
/** The same facts under the rules of that day: the very same object each time it is asked about. */
const underRulesOf = (workbook: Workbook, from: string): Workbook =>
  keepThen(workbook, from, [], () => ({ ...workbook, rulesOn: from }))

/** Every change announced for a market anything is sold in, those first that come first. `counts`: which labels are looked at. */
export function rulesAhead(
  workbook: Workbook,
  counts: (product: string, market: MarketCode) => boolean = () => true,
): RulesAhead[] {
  const day = judgedOn(workbook)
  const markets = new Set(workbook.products.flatMap(one => one.markets))
  return [...markets]
    .flatMap(market =>
      changesOf(market)
        .filter(one => one.from > day)
        .map(({ from, what, cite }) => ({
          market,
          from,
          what,
          cite,
          reaches: reachedBy(workbook, market, from, counts),
        })),
    )
    .sort((a, b) => a.from.localeCompare(b.from))
}

function reachedBy(
  workbook: Workbook,
  market: MarketCode,
  from: string,
  counts: (product: string, market: MarketCode) => boolean,
): AheadFor[] {
  const then = underRulesOf(workbook, from)
  return workbook.products
    .filter(one => one.markets.includes(market) && counts(one.id, market))
    .flatMap(({ id, name }): AheadFor[] => {
      const [now, next] = [toSign(workbook, id, market), toSign(then, id, market)]
      if (!now || !next) return []
      const parts = alteredIn(now.says, next.says).map(one => one.part)
      const before = new Set(now.hinders.map(one => one.what))
      const hinders = next.hinders.map(one => one.what).filter(one => !before.has(one))
      return parts.length + hinders.length === 0 ? [] : [{ product: { id, name }, parts, hinders }]
    })
}
