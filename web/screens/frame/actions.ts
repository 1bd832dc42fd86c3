'use server'
import { marketsServed } from '@fair-tin/core/market'
// Who is at the bench, and the market in view: kept in a cookie on this device.
import { listStaff } from '@fair-tin/data'
import { cookies } from 'next/headers'
import { reading } from '../../bakery'

const aYear = { maxAge: 365 * 86_400, sameSite: 'lax' as const, path: '/' }

export async function standAtTheBench(person: string): Promise<void> {
  const staff = await reading(listStaff)
  if (staff.some(one => one.id === person)) (await cookies()).set('bench', person, aYear)
}
export async function viewMarket(market: string): Promise<void> {
  if ((marketsServed as string[]).includes(market)) (await cookies()).set('market', market, aYear)
}
