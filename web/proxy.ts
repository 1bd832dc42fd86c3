// The one gate in front of every page and route: which hosts are served, where a change may come from, how large it may be, what
// a page may load, and whether anybody is signed in.
import { randomBytes, randomUUID } from 'node:crypto'
import { countChange, deviceOf, rekeyed, sessionOf } from '@fair-tin/data'
import { type NextRequest, NextResponse } from 'next/server'
import { cameFrom } from './door/cameFrom'
import { deviceCookie, keyCookie, sessionCookie, sessionDays, tokenHeader, tokenOf } from './door/cookies'
import { problemAtTheGate } from './door/gate'
import { log, requestHeader } from './log'
import { isStopping } from './stopping'

/** Open to whoever comes: the door itself, a counter page by its address, and what says whether anybody is at home. */
const open = /^\/(?:sign-in|who|welcome\/[\w-]+|counter\/[\w-]+|health|ready|api\/v1\/door)$/

export async function proxy(request: NextRequest): Promise<NextResponse> {
  const { pathname, search } = request.nextUrl
  const isApi = pathname.startsWith('/api/')
  const id = randomUUID()
  const problem = problemAtTheGate({
    method: request.method,
    path: pathname,
    header: name => request.headers.get(name),
  })
  if (problem) {
    log.warn({ request: id, method: request.method, status: problem.status }, 'turned away at the gate')
    return answered(NextResponse.json({ problem: problem.says }, { status: problem.status }))
  }

  let fresh: string | null = null
  if (!open.test(pathname)) {
    const key = request.cookies.get(sessionCookie)?.value
    try {
      const session = key ? await sessionOf(key) : null
      // what a page sends of itself is answered in its own words, see SignedOut
      if ((!session?.staff || !key) && !request.headers.has('next-action')) {
        if (isApi) return answered(NextResponse.json({ problem: signedOut }, { status: 401 }))
        const device = request.cookies.get(deviceCookie)?.value
        const door = request.nextUrl.clone()
        door.pathname = device && (await deviceOf(device)) ? '/who' : '/sign-in'
        door.search = `?to=${encodeURIComponent(pathname + search)}`
        return answered(NextResponse.redirect(door))
      }
      if (session && isApi && request.method !== 'GET' && request.headers.get(tokenHeader) !== tokenOf(session.id))
        return answered(
          NextResponse.json(
            { problem: 'This came from no page of this session. Reload the page and try again.' },
            { status: 403, headers: { [tokenHeader]: 'stale' } },
          ),
        )
      const wait =
        session?.staff && changes(request.method)
          ? await countChange(`${session.bakery} ${session.staff}`, cameFrom(request.headers))
          : null
      if (wait !== null)
        return answered(
          NextResponse.json(
            { problem: `Too much at once came from here. Send it again in ${wait} seconds.` },
            { status: 429, headers: { 'retry-after': String(wait) } },
          ),
        )
      if (key && request.method === 'GET' && request.headers.get('sec-fetch-dest') === 'document')
        fresh = await rekeyed(key)
    } catch (error) {
      // the page and the route say in their own words that the database is away; without it nobody does anything
      log.error(
        { request: id, error: error instanceof Error ? error.message : String(error) },
        'the gate could not ask the database',
      )
    }
  }

  const nonce = randomBytes(16).toString('base64')
  // what is sent as data is never a page, whatever is in it
  const policy = isApi ? ofData : contentPolicy(nonce)
  const headers = new Headers(request.headers)
  headers.set('content-security-policy', policy)
  headers.set(requestHeader, id)
  if (fresh) request.cookies.set(sessionCookie, fresh)
  if (fresh) headers.set('cookie', request.cookies.toString())
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  if (fresh) response.cookies.set(sessionCookie, fresh, keyCookie(sessionDays))
  return answered(response)
}
const changes = (method: string): boolean => method !== 'GET' && method !== 'HEAD' && method !== 'OPTIONS'
const signedOut =
  'You are signed out here: sign in again, in another window if you like, and then send it again. Nothing you typed is lost.'

/** A paper somebody kept may be a picture, and runs nothing. */
const ofData = "sandbox; default-src 'none'; style-src 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'"

const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    // the solver is compiled to WebAssembly
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

function answered(response: NextResponse): NextResponse {
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  response.headers.set('x-frame-options', 'DENY')
  response.headers.set('cross-origin-opener-policy', 'same-origin')
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()')
  // a line that is kept open and used again would keep a server that is told to stop
  if (isStopping()) response.headers.set('connection', 'close')
  if (process.env.FAIR_TIN_ADDRESS?.startsWith('https:'))
    response.headers.set('strict-transport-security', 'max-age=31536000')
  return response
}

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg|favicon.ico).*)'] }
