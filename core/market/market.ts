// The rule packs: one a market, and none judged by another's.
import { type MarketCode, marketCodes } from '../model/market'
import { anz } from './anz'
import { ca } from './ca'
import { eu } from './eu'
import type { RuleChange, RulePack } from './rulePack'
import { uk } from './uk'
import { us } from './us'
import { usAhead } from './us/ahead'

const packs: Record<MarketCode, RulePack> = { uk, eu, us, ca, anz }
const announced: Partial<Record<MarketCode, readonly RuleChange[]>> = { us: usAhead }

/** Markets a whole label can be made for, in the order they are offered; the first stands where none is chosen. */
export const marketsServed: readonly MarketCode[] = marketCodes

/** The changes of a market's rules that are announced, in the order of their days. */
export const changesOf = (market: MarketCode): readonly RuleChange[] => announced[market] ?? []

/** The rules in force on an ISO day. Whatever is judged is judged by these. */
export const rulesOf = (market: MarketCode, day: string): RulePack =>
  changesOf(market).findLast(one => one.from <= day)?.pack ?? packs[market]

/** The rules as they were when the pack was last read: for what is offered before there is a day, as titles. Nothing is judged by them. */
export const rulesAsRead = (market: MarketCode): RulePack => packs[market]

/**
 * Where a product is judged when one market must stand for all: the first it is sold in, else the first there is.
 */
export const firstMarketOf = ({ markets }: { markets: readonly MarketCode[] }): MarketCode =>
  markets[0] ?? marketsServed[0]!
