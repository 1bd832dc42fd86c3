// The rule packs there are. A market without one is named, and nothing is judged there: never by another's rules.
import { type MarketCode, marketCodes } from '../model/market'
import { eu } from './eu'
import type { RulePack } from './rulePack'
import { uk } from './uk'
import { us } from './us'

const packs: Partial<Record<MarketCode, RulePack>> = { uk, eu, us }

/** Markets a whole label can be made for, in the order they are offered; the first stands where none is chosen. */
export const marketsServed: readonly MarketCode[] = marketCodes.filter(code => packs[code] !== undefined)
export const isServed = (market: MarketCode): boolean => packs[market] !== undefined

/** The rules of a market. Throws RangeError for one without a rule pack yet: nothing is judged by another's rules. */
export function rulesOf(market: MarketCode): RulePack {
  const pack = packs[market]
  if (!pack) throw new RangeError(`There is no rule pack for “${market}” yet.`)
  return pack
}

/**
 * Where a product is judged when one market must stand for all: the first it is sold in that has rules here, else the first
 * that has any.
 */
export const firstMarketOf = ({ markets }: { markets: readonly MarketCode[] }): MarketCode =>
  markets.find(isServed) ?? marketsServed[0]!
