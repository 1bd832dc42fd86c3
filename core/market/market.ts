// The rule packs there are.
import type { MarketCode } from '../workbook'
import { eu } from './eu'
import type { RulePack } from './rulePack'
import { uk } from './uk'

const packs: Partial<Record<MarketCode, RulePack>> = { uk, eu }

/** Markets with a rule pack, in the order they are offered. */
export const marketsServed = Object.keys(packs) as MarketCode[]

/** The rules of a market. Throws RangeError for one without a rule pack yet: nothing is judged by another's rules. */
export function rulesOf(market: MarketCode): RulePack {
  const pack = packs[market]
  if (!pack) throw new RangeError(`There is no rule pack for “${market}” yet.`)
  return pack
}
