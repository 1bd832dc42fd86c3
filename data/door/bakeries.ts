// Who works where, as the door sees it; and a bakery's first owner.
import { randomUUID } from 'node:crypto'
import type { StaffRole } from '@fair-tin/core/model'
import { door } from './connection'

export interface AtTheDoor {
  id: string
  name: string
  role: StaffRole
  hasPin: boolean
}
export const peopleAt = (bakery: string): Promise<AtTheDoor[]> =>
  door()<AtTheDoor[]>`select id, name, role, has_pin as "hasPin" from people_at(${bakery})`

export interface Named {
  name: string
  role: StaffRole
  bakery: string
}
/** Who a link or a session is for; null where they left. */
export async function personAt(bakery: string, staff: string): Promise<Named | null> {
  const [person] = await door()<Named[]>`select name, role, bakery_name as bakery from person_at(${bakery}, ${staff})`
  return person ?? null
}
/** A new bakery and its owner: gives both ids. */
export async function foundBakery(name: string, owner: string): Promise<{ bakery: string; staff: string }> {
  const [bakery, staff] = [randomUUID(), randomUUID()]
  await door()`select found_bakery(${bakery}, ${name}, ${staff}, ${owner})`
  return { bakery, staff }
}
/** A bakery from before anybody signed in gets its first owner. Throws where it has one. */
export async function takeOver(bakery: string, owner: string): Promise<{ bakery: string; staff: string }> {
  const staff = randomUUID()
  await door()`select own_bakery(${bakery}, ${staff}, ${owner})`
  return { bakery, staff }
}

/** Does anybody own anything here yet? */
export async function hasOwner(): Promise<boolean> {
  const [row] = await door()<{ any: boolean }[]>`select exists (select 1 from membership) as any`
  return row!.any
}
