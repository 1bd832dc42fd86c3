// In by e-mail and password; by the recovery code where the password is lost.
import { randomUUID } from 'node:crypto'
import type { StaffRole } from '@fair-tin/core/model'
import { hashed, isSecret, newRecoveryCode, passwordProblem, plainCode } from '../secret'
import { door, NotLetIn } from './connection'
import { countTry, wasRight } from './tries'

const addressOf = (email: string): string => email.trim().toLowerCase()

export interface Membership {
  bakery: string
  name: string
  staff: string
  person: string
  role: StaffRole
}
const bakeriesOf = (account: string): Promise<Membership[]> =>
  door()<
    Membership[]
  >`select bakery_id as bakery, bakery as name, staff_id as staff, person, role from bakeries_of(${account})`

/** Throws NotLetIn, with the same words whether nobody has that address or the password is another's. `from`: the address it comes from. */
export async function signIn(
  email: string,
  password: string,
  from: string,
): Promise<{ account: string; bakeries: Membership[] }> {
  const address = addressOf(email)
  await countTry(address, from)
  const [row] = await door()<{ account: string; kept: string }[]>`
    select account_id as account, password_hash as kept from account where email = ${address}`
  if (!(await isSecret(row?.kept ?? null, password)) || !row)
    throw new NotLetIn('This e-mail and password do not belong together. Nothing was signed in.')
  await wasRight(address, from)
  const bakeries = await bakeriesOf(row.account)
  if (bakeries.length === 0)
    throw new NotLetIn('You work at no bakery here any more. Ask its owner to take you on again.')
  return { account: row.account, bakeries }
}
export const otherBakeries = (account: string): Promise<Membership[]> => bakeriesOf(account)

/** What stands against a new account, in words; null where nothing does. */
export async function accountProblem(
  email: string,
  password: string,
  own: readonly string[] = [],
): Promise<string | null> {
  const address = addressOf(email)
  if (!/^[^\s@]+@[^\s@]+$/.test(address)) return `“${email}” is no e-mail address.`
  const wrong = passwordProblem(password, [address, ...own])
  if (wrong) return wrong
  const [taken] = await door()`select 1 from account where email = ${address}`
  return taken
    ? 'Somebody signs in with this address already, by another password. Use that, or take another address.'
    : null
}
/** A person of a bakery gets an e-mail and a password; gives the recovery code, which is shown once. Throws NotLetIn. */
export async function makeAccount(email: string, password: string, bakery: string, staff: string): Promise<string> {
  const wrong = await accountProblem(email, password)
  if (wrong) throw new NotLetIn(wrong)
  const code = newRecoveryCode()
  const [kept, recovery] = await Promise.all([hashed(password), hashed(plainCode(code))])
  await door().begin(async sql => {
    const account = randomUUID()
    await sql`insert into account values (${account}, ${addressOf(email)}, ${kept}, ${recovery})`
    await sql`insert into membership values (${bakery}, ${staff}, ${account})
      on conflict (bakery_id, staff_id) do update set account_id = excluded.account_id`
  })
  return code
}
/** Somebody who has an account takes a place in another bakery too. */
export async function joinBakery(account: string, bakery: string, staff: string): Promise<void> {
  await door()`insert into membership values (${bakery}, ${staff}, ${account})
    on conflict (bakery_id, staff_id) do update set account_id = excluded.account_id`
}
/** A new password by the recovery code, which is used up: gives the next one. Every session of the account ends. Throws NotLetIn. */
export async function recover(email: string, code: string, password: string, from: string): Promise<string> {
  const address = addressOf(email)
  await countTry(address, from)
  const [row] = await door()<{ account: string; kept: string | null }[]>`
    select account_id as account, recovery_hash as kept from account where email = ${address}`
  if (!(await isSecret(row?.kept ?? null, plainCode(code))) || !row)
    throw new NotLetIn('This e-mail and recovery code do not belong together.')
  await wasRight(address, from)
  return newPassword(row.account, address, password)
}
/** Not at the door: whoever asks is signed in. */
const inside = 'inside'
/** Another password by the one that was; gives the next recovery code. Every session of the account ends. Throws NotLetIn. */
export async function changePassword(account: string, old: string, password: string): Promise<string> {
  await countTry(account, inside)
  const [row] = await door()<{ email: string; kept: string }[]>`
    select email, password_hash as kept from account where account_id = ${account}`
  if (!(await isSecret(row?.kept ?? null, old)) || !row) throw new NotLetIn('That is not your password now.')
  await wasRight(account, inside)
  return newPassword(account, row.email, password)
}
async function newPassword(account: string, email: string, password: string): Promise<string> {
  const wrong = passwordProblem(password, [email])
  if (wrong) throw new NotLetIn(wrong)
  const next = newRecoveryCode()
  const [kept, recovery] = await Promise.all([hashed(password), hashed(plainCode(next))])
  await door().begin(async sql => {
    await sql`update account set password_hash = ${kept}, recovery_hash = ${recovery} where account_id = ${account}`
    await sql`update session set ended_at = now() where account_id = ${account} and ended_at is null`
  })
  return next
}
