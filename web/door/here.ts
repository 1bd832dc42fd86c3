// Who is asking, found out once a request.
import 'server-only'
import { fingerprint, type Here, type Session, sessionOf, whoIsHere } from '@fair-tin/data'
import { cookies } from 'next/headers'
import { cache } from 'react'
import { sessionCookie } from './cookies'

export interface SignedIn extends Here {
  /** The fingerprint the database knows the session by. */
  session: string
}
export const keyHere = async (): Promise<string | undefined> => (await cookies()).get(sessionCookie)?.value

/** Whoever is signed in here, as the database has it at this moment; null where nobody is. */
export const here = cache(async (): Promise<SignedIn | null> => {
  const key = await keyHere()
  if (!key) return null
  const session = fingerprint(key).toString('hex')
  const who = await whoIsHere(session)
  return who && { ...who, session }
})
/** The session itself: by what it came in, on which device. */
export const sessionHere = cache(async (): Promise<Session | null> => {
  const key = await keyHere()
  return key ? sessionOf(key) : null
})
