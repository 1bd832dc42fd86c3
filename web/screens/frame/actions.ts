'use server'
// The market in view: kept in a cookie on this device.
import { marketsServed } from '@fair-tin/core/market'
import { cookies } from 'next/headers'

const aYear = { maxAge: 365 * 86_400, sameSite: 'lax' as const, path: '/' }

export async function viewMarket(market: string): Promise<void> {
  if ((marketsServed as string[]).includes(market)) (await cookies()).set('market', market, aYear)
}
