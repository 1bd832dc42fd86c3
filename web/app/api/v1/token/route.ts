// What a page must send along with a change, where somebody signed in again since it was opened, and who that is. No other site can read this.
import { tokenOf } from '../../../../door/cookies'
import { sessionHere } from '../../../../door/here'
import { signedOut } from '../../../../screens/outcome'
import { problem } from '../answer'

export async function GET(): Promise<Response> {
  const session = await sessionHere()
  return session ? Response.json({ token: tokenOf(session.id), person: session.staff }) : problem(401, signedOut)
}
