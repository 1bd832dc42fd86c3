// Tablets that the owner let in.
import { randomUUID } from 'node:crypto'
import { fingerprint, newKey } from '../secret'
import { door } from './connection'

/** Lets a tablet in: gives its key. */
export async function letDeviceIn(bakery: string, name: string, by: string): Promise<string> {
  const key = newKey()
  await door()`insert into device (bakery_id, id, name, token_hash, let_in_by)
    values (${bakery}, ${randomUUID()}, ${name.trim().slice(0, 60) || 'Tablet'}, ${fingerprint(key)}, ${by})`
  return key
}
export interface Device {
  id: string
  bakery: string
  name: string
}
export async function deviceOf(key: string): Promise<Device | null> {
  const [device] = await door()<Device[]>`
    update device set seen_at = now() where token_hash = ${fingerprint(key)} and ended_at is null
    returning id, bakery_id as bakery, name`
  return device ?? null
}
/** The device and everybody on it. */
export async function endDevice(bakery: string, id: string): Promise<void> {
  await door().begin(async sql => {
    await sql`update device set ended_at = now() where bakery_id = ${bakery} and id = ${id}`
    await sql`update session set ended_at = now() where bakery_id = ${bakery} and device_id = ${id} and ended_at is null`
  })
}
