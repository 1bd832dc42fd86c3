// Who works in the bakery: as its owner sees and changes it, and who is at the bench now.
import { MarketCode, StaffRole } from '@fair-tin/core/model'
import { z } from 'zod'
import { type BakerySql, type Hands, withBakery } from './withBakery'

export const Person = z.object({
  id: z.string().min(1).max(100),
  name: z.string().trim().min(1, 'Say their name.').max(100),
  role: StaffRole,
  seesPrices: z.boolean(),
  signsFor: z.array(MarketCode),
})
export type Person = z.infer<typeof Person>

const columns = (sql: BakerySql) => sql`id, name, role, sees_prices as "seesPrices", signs_for as "signsFor"`
/** Everybody who works here now, by name; readers last. */
export const listStaff = (sql: BakerySql): Promise<Person[]> =>
  sql<Person[]>`select ${columns(sql)} from staff where left_at is null order by role = 'reader', name`

export interface Here extends Person {
  bakery: string
  bakeryName: string
}
/** Who is at the bench by this session; null where it has ended, or they left. `session`: fingerprint of the key, in hex. */
export const whoIsHere = (session: string): Promise<Here | null> =>
  withBakery({ session, bakery: 'nobody yet', seesPrices: false } satisfies Hands, async sql => {
    const [here] = await sql<Here[]>`
      select p.id, p.name, p.role, p.sees_prices as "seesPrices", p.signs_for as "signsFor", p.bakery_id as bakery, b.name as "bakeryName"
      from person_here() p join bakery b on b.bakery_id = p.bakery_id`
    return here ?? null
  })

export interface PersonRow extends Person {
  email: string | null
  pin: 'none' | 'set' | 'locked'
}
export interface Entry {
  id: string
  person: string | null
  device: string | null
  agent: string
  beganAt: Date
  seenAt: Date
}
export interface DeviceRow {
  id: string
  name: string
  letInAt: Date
  seenAt: Date
}
/** Everybody, what they come in by, and where they are signed in. */
export async function peopleAndPlaces(
  sql: BakerySql,
): Promise<{ people: PersonRow[]; sessions: Entry[]; devices: DeviceRow[] }> {
  const [people, sessions, devices] = await Promise.all([
    sql<PersonRow[]>`
      select ${columns(sql)}, m.email, case when k.locked then 'locked' when k.staff_id is not null then 'set' else 'none' end as pin
      from staff left join member_here m on m.bakery_id = staff.bakery_id and m.staff_id = staff.id
      left join pin_here k on k.bakery_id = staff.bakery_id and k.staff_id = staff.id
      where left_at is null order by role = 'reader', name`,
    sql<Entry[]>`
      select s.id, p.name as person, d.name as device, s.agent, s.began_at as "beganAt", s.seen_at as "seenAt"
      from session_here s left join staff p on p.bakery_id = s.bakery_id and p.id = s.staff_id
      left join device_here d on d.bakery_id = s.bakery_id and d.id = s.device_id
      where s.staff_id is not null order by s.seen_at desc`,
    sql<DeviceRow[]>`select id, name, let_in_at as "letInAt", seen_at as "seenAt" from device_here order by name`,
  ])
  return { people, sessions, devices }
}

export async function addPerson(sql: BakerySql, given: Person): Promise<void> {
  const { id, name, role, seesPrices, signsFor } = Person.parse(given)
  await sql`insert into staff (bakery_id, id, name, role, sees_prices, signs_for)
    values (current_bakery(), ${id}, ${name}, ${role}, ${seesPrices}, ${signsFor})`
}
/** A reader of that name, also one who was let go before. */
export async function takeOnReader(sql: BakerySql, id: string, name: string): Promise<void> {
  await sql`insert into staff (bakery_id, id, name, role, sees_prices, signs_for) values (current_bakery(), ${id}, ${name}, 'reader', false, '{}')
    on conflict (bakery_id, id) do update set role = 'reader', left_at = null`
}
/** Nobody is left over whom no owner could let in again: gives false where the last owner would go, and changes nothing. */
export async function changePerson(sql: BakerySql, given: Person): Promise<boolean> {
  const { id, name, role, seesPrices, signsFor } = Person.parse(given)
  if (role !== 'owner' && (await isLastOwner(sql, id))) return false
  await sql`update staff set name = ${name}, role = ${role}, sees_prices = ${seesPrices}, signs_for = ${signsFor}
    where id = ${id} and left_at is null`
  return true
}
/** Takes a person off the staff: their sessions see nothing from this moment. What they did stays in their name. */
export async function letPersonGo(sql: BakerySql, id: string): Promise<boolean> {
  if (await isLastOwner(sql, id)) return false
  await sql`update staff set left_at = now() where id = ${id} and left_at is null`
  return true
}
/** Held against another owner going at the same moment. */
async function isLastOwner(sql: BakerySql, id: string): Promise<boolean> {
  const owners = await sql<{ id: string }[]>`select id from staff where role = 'owner' and left_at is null for update`
  return owners.length === 1 && owners[0]!.id === id
}
