// In by name and PIN, on a tablet that was let in.
import { hashed, isSecret, pinProblem } from '../secret'
import { door, NotLetIn } from './connection'

/** From the tenth wrong try on, only the owner lets this person in again, with a new PIN. */
const mostWrong = 10
/** Seconds to wait after so many wrong tries. */
const waitAfter = (wrong: number): number => (wrong < 3 ? 0 : Math.min(900, 2 ** (wrong - 2)))

export async function setPin(bakery: string, staff: string, pin: string): Promise<void> {
  const wrong = pinProblem(pin)
  if (wrong) throw new NotLetIn(wrong)
  await door()`insert into pin (bakery_id, staff_id, pin_hash) values (${bakery}, ${staff}, ${await hashed(pin)})
    on conflict (bakery_id, staff_id) do update set pin_hash = excluded.pin_hash, wrong = 0, wait_until = null`
}
export async function takePin(bakery: string, staff: string): Promise<void> {
  await door()`delete from pin where bakery_id = ${bakery} and staff_id = ${staff}`
}
/** Throws NotLetIn: wrong, to be waited for, or locked. Tries at once are counted one after the other. */
export async function tryPin(bakery: string, staff: string, pin: string): Promise<void> {
  const refused = await door().begin(async sql => {
    const [row] = await sql<{ kept: string; wrong: number; wait: number }[]>`
      select pin_hash as kept, wrong, coalesce(ceil(extract(epoch from wait_until - now())), 0)::int as wait
      from pin where bakery_id = ${bakery} and staff_id = ${staff} for update`
    if (!row) return new NotLetIn('This person has no PIN yet. The owner gives one in Kitchen, under People.')
    if (row.wrong >= mostWrong)
      return new NotLetIn('Locked after ten wrong tries. The owner gives a new PIN in Kitchen, under People.')
    if (row.wait > 0) return new NotLetIn(`Wait ${row.wait} seconds before the next try.`, row.wait)
    if (await isSecret(row.kept, pin)) {
      await sql`update pin set wrong = 0, wait_until = null where bakery_id = ${bakery} and staff_id = ${staff}`
      return null
    }
    const wrong = row.wrong + 1
    const wait = waitAfter(wrong)
    await sql`update pin set wrong = ${wrong}, wait_until = now() + make_interval(secs => ${wait}) where bakery_id = ${bakery} and staff_id = ${staff}`
    return wrong >= mostWrong
      ? new NotLetIn('Locked after ten wrong tries. The owner gives a new PIN in Kitchen, under People.')
      : new NotLetIn(
          `That is not the PIN.${wait > 0 ? ` Wait ${wait} seconds.` : ''} ${mostWrong - wrong} tries are left.`,
          wait,
        )
  })
  if (refused) throw refused
}
