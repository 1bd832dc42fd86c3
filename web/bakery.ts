// In whose hands a request reads and changes, which market is in view, and what day it is where the bakery is.
import 'server-only'
import { marketsServed } from '@fair-tin/core/market'
import { type MarketCode, mayDo, type Right, rightNames, staffRoles } from '@fair-tin/core/model'
import { type BakerySql, listStaff, withBakery } from '@fair-tin/data'
import { cookies } from 'next/headers'
import { here } from './door/here'

/** The name of whoever is signed in. */
export const nameHere = async (): Promise<string> => (await here())?.name ?? ''

export async function marketInView(): Promise<MarketCode> {
  const chosen = (await cookies()).get('market')?.value as MarketCode | undefined
  return chosen && marketsServed.includes(chosen) ? chosen : marketsServed[0]!
}

/** Where the bakery is, as far as clocks go. */
export const timeZone = (): string => process.env.FAIR_TIN_TIME_ZONE ?? 'Europe/London'
/** Today's date where the bakery is, as ISO. */
export const today = (): string => new Intl.DateTimeFormat('sv-SE', { timeZone: timeZone() }).format(new Date())

/** Nobody is signed in, or no longer. */
export class SignedOut extends Error {}
/** Somebody is, and it is not theirs to do. The message says whose it is. */
export class NotTheirs extends Error {}

export async function reading<T>(work: (sql: BakerySql) => Promise<T>): Promise<T> {
  const who = await here()
  if (!who) throw new SignedOut()
  return withBakery(who, work)
}

/** For changes, in the name of whoever is signed in. Throws SignedOut and NotTheirs. */
export async function changing<T>(right: Right, work: (sql: BakerySql) => Promise<T>): Promise<T> {
  const who = await here()
  if (!who) throw new SignedOut()
  if (mayDo(who, right)) return withBakery(who, work)
  const others = (await withBakery(who, listStaff)).filter(one => mayDo(one, right))
  const names = others.map(one => `${one.name} (${staffRoles[one.role].title.toLowerCase()})`)
  throw new NotTheirs(
    `To change ${rightNames[right]} is not for a ${staffRoles[who.role].title.toLowerCase()} here. ${
      names.length > 0 ? `${names.join(' and ')} can.` : 'Nobody who works here can.'
    }`,
  )
}
