// The rule packs: one a market, and none judged by another's.
import { type MarketCode, marketCodes } from '../model/market'
import { anz } from './anz'
import { ca } from './ca'
import { eu } from './eu'
import type { RulePack } from './rulePack'
import { uk } from './uk'
import { us } from './us'

const packs: Record<MarketCode, RulePack> = { uk, eu, us, ca, anz }

/** Markets a whole label can be made for, in the order they are offered; the first stands where none is chosen. */
export const marketsServed: readonly MarketCode[] = marketCodes

export const rulesOf = (market: MarketCode): RulePack => packs[market]

/**
 * Where a product is judged when one market must stand for all: the first it is sold in, else the first there is.
 */
export const firstMarketOf = ({ markets }: { markets: readonly MarketCode[] }): MarketCode =>
  markets[0] ?? marketsServed[0]!
