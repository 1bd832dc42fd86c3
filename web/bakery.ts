// Which bakery this deployment serves, who is at its bench, and which market is in view.
import 'server-only'
import { marketsServed } from '@fair-tin/core/market'
import type { MarketCode } from '@fair-tin/core/model'
import { type BakerySql, listStaff, withBakery } from '@fair-tin/data'
import { cookies } from 'next/headers'

const bakeryId = () => process.env.FAIR_TIN_BAKERY ?? '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40'

/** The person chosen at the bench, or undefined until somebody is. */
export const atTheBench = async (): Promise<string | undefined> => (await cookies()).get('bench')?.value || undefined

/** The same by name; empty until somebody is. */
export const nameAtTheBench = async (sql: BakerySql): Promise<string> => {
  const id = await atTheBench()
  return (await listStaff(sql)).find(one => one.id === id)?.name ?? ''
}

export async function marketInView(): Promise<MarketCode> {
  const chosen = (await cookies()).get('market')?.value as MarketCode | undefined
  return chosen && marketsServed.includes(chosen) ? chosen : marketsServed[0]!
}

/** Today's date where the bakery is, as ISO. */
export const today = (): string =>
  new Intl.DateTimeFormat('sv-SE', { timeZone: process.env.FAIR_TIN_TIME_ZONE ?? 'Europe/London' }).format(new Date())

export const reading = <T>(work: (sql: BakerySql) => Promise<T>): Promise<T> => withBakery(bakeryId(), work)
export class NobodyAtTheBench extends Error {}

/** For changes: in the name of whoever is at the bench, who must be one of the staff. Throws NobodyAtTheBench otherwise. */
export async function changing<T>(work: (sql: BakerySql) => Promise<T>): Promise<T> {
  const person = await atTheBench()
  if (!person) throw new NobodyAtTheBench()
  return withBakery(
    bakeryId(),
    async sql => {
      const [known] = await sql`select 1 from staff where id = ${person}`
      if (!known) throw new NobodyAtTheBench()
      return work(sql)
    },
    person,
  )
}
