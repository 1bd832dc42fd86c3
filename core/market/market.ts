// The rule packs there are.
import type { MarketCode } from '../model/market'
import { eu } from './eu'
import type { RulePack } from './rulePack'
import { uk } from './uk'
import { us } from './us'

const packs: Partial<Record<MarketCode, RulePack>> = { uk, eu, us }

/** Markets a whole label can be made for, in the order they are offered. */
export const marketsServed: readonly MarketCode[] = ['uk', 'eu', 'us']

/** The rules of a market. Throws RangeError for one without a rule pack yet: nothing is judged by another's rules. */
export function rulesOf(market: MarketCode): RulePack {
  const pack = packs[market]
  if (!pack) throw new RangeError(`There is no rule pack for “${market}” yet.`)
  return pack
}
