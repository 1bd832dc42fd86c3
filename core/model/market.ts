// Where it is sold, and so whose rules apply.
import { z } from 'zod'

export const marketCodes = ['uk', 'eu', 'us', 'ca', 'anz'] as const
export const MarketCode = z.enum(marketCodes)
export type MarketCode = z.infer<typeof MarketCode>
