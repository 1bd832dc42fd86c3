// What is turned away before anything of it is read: another host's name, another site's change, what is no JSON, what is too large.

export interface AtTheGate {
  method: string
  path: string
  header: (name: string) => string | null
}
export interface Turned {
  status: number
  says: string
}

/** The names this deployment goes by: its address, and loopback. */
const hostsServed = (): ReadonlySet<string> => {
  const own = process.env.FAIR_TIN_ADDRESS
  const more = (process.env.FAIR_TIN_HOSTS ?? '').split(/[\s,]+/).filter(Boolean)
  return new Set(['127.0.0.1', 'localhost', '[::1]', ...(own ? [new URL(own).hostname] : []), ...more])
}
const hostnameOf = (host: string): string | null => {
  try {
    return new URL(`http://${host}`).hostname
  } catch {
    return null
  }
}

const changes = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
const reads = new Set(['GET', 'HEAD', 'OPTIONS'])
/** Letters of a change as JSON; a paper may be larger, and is no JSON. */
const mostJson = 5_000_000
const mostPaper = 10 * 1024 * 1024
const longestAddress = 4000
const mostWhole = 200_000_000
/** What is no JSON: a paper, and a whole bakery. Bytes. */
const mostOf = (path: string): number | null =>
  /^\/api\/v1\/ingredients\/[^/]+\/files$/.test(path) ? mostPaper : path === '/api/v1/everything' ? mostWhole : null

/** Asked by what stands in front, which may know no name of ours; they tell nothing but that. */
const isAnybodyHome = (path: string): boolean => path === '/health' || path === '/ready'

/** What is wrong with a request by its head alone; null where nothing is. */
export function problemAtTheGate({ method, path, header }: AtTheGate): Turned | null {
  if (method === 'GET' && isAnybodyHome(path)) return null
  const host = header('host') ?? ''
  const name = hostnameOf(host)
  if (name === null || !hostsServed().has(name))
    return {
      status: 421,
      says: 'This server does not go by that name. Its names are set by FAIR_TIN_ADDRESS and FAIR_TIN_HOSTS.',
    }
  if (!isDecodable(path)) return { status: 400, says: 'This address cannot be read.' }
  if (path.length > longestAddress) return { status: 414, says: 'This address is too long.' }
  if (reads.has(method)) return null
  if (!changes.has(method)) return { status: 405, says: 'This is not done that way.' }

  // from a page of ours, and from no other: browsers say so themselves
  const site = header('sec-fetch-site')
  if (site !== null && site !== 'same-origin')
    return { status: 403, says: 'Another site asked for this. Nothing was done.' }
  const origin = header('origin')
  if (origin !== null && hostOf(origin) !== host.toLowerCase())
    return { status: 403, says: 'Another site asked for this. Nothing was done.' }

  const type = (header('content-type') ?? '').split(';')[0]!.trim().toLowerCase()
  const action = header('next-action') !== null
  // the framework would answer it in its own words
  if (action && path.startsWith('/api/')) return { status: 400, says: 'What a page does of itself is not done here.' }
  const large = mostOf(path)
  if (!action && large === null && type !== 'application/json')
    return { status: 415, says: 'A change is sent as application/json.' }
  const length = header('content-length')
  if (length === null || !/^\d{1,12}$/.test(length))
    return { status: 411, says: 'Say how long it is (Content-Length).' }
  const most = large ?? mostJson
  if (Number(length) > most)
    return { status: 413, says: `This is too large: at most ${Math.floor(most / 1_000_000)} MB at once.` }
  return null
}
const isDecodable = (path: string): boolean => {
  try {
    return !decodeURIComponent(path).includes('\u0000')
  } catch {
    return false
  }
}
const hostOf = (origin: string): string | null => {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
