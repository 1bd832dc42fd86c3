// What the server says of itself: a line of JSON each, to standard output, with the request it belongs to. No bodies, no keys,
// no addresses of people: what a thief could use is not written down.
import { headers } from 'next/headers'
import pino from 'pino'

export const log = pino({
  base: null,
  timestamp: pino.stdTimeFunctions.isoTime,
  level: process.env.FAIR_TIN_LOG ?? 'info',
})
/** Set by the gate. */
export const requestHeader = 'x-fair-tin-request'

export async function tell(what: string, more: Record<string, string | number | undefined> = {}): Promise<void> {
  log.info({ request: (await headers()).get(requestHeader) ?? undefined, ...more }, what)
}
export async function tellFailure(what: string, error: unknown): Promise<void> {
  const { name, message, stack } =
    error instanceof Error ? error : { name: 'not an error', message: String(error), stack: undefined }
  log.error({ request: (await headers()).get(requestHeader) ?? undefined, error: { name, message, stack } }, what)
}
