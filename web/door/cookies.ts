// The cookies that hold keys, and what is worked out from them. No key is ever written into a page.
import { createHash } from 'node:crypto'

/** Served over TLS: browsers then never send a key without it. */
const secure = process.env.FAIR_TIN_ADDRESS?.startsWith('https:') ?? false
/** Names a browser takes from this very host alone, over TLS, for all of it: no neighbour under the same domain can plant one. */
const named = (name: string) => (secure ? `__Host-${name}` : name)
export const sessionCookie = named('tin_session')
export const deviceCookie = named('tin_device')

export const keyCookie = (days: number) => ({
  httpOnly: true,
  sameSite: 'lax' as const,
  secure,
  path: '/',
  maxAge: days * 86_400,
})
export const sessionDays = 7
export const deviceDays = 365

/** What every change from a page of this session must carry: another site can make a browser send the cookie, but not this. */
export const tokenOf = (session: string): string =>
  createHash('sha256').update(`changes of ${session}`).digest('base64url')
export const tokenHeader = 'x-fair-tin-token'
