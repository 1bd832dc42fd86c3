// How a route answers when it cannot do what was asked: in words, with a status.

import { DamagedRow, KeptOtherwise } from '@fair-tin/data'
import { ZodError } from 'zod'
import { NotTheirs, SignedOut } from '../../../bakery'
import { tell, tellFailure } from '../../../log'
import { signedOut } from '../../../screens/outcome'

export const problem = (status: number, message: string): Response => Response.json({ problem: message }, { status })

/** Thrown inside a change to undo it whole and say why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}

export async function refusal(error: unknown): Promise<Response> {
  if (error instanceof SignedOut) return problem(401, signedOut)
  if (error instanceof NotTheirs) {
    await tell('not theirs to do')
    return problem(403, error.message)
  }
  if (error instanceof Refused) return problem(error.status, error.message)
  if (error instanceof DamagedRow || error instanceof KeptOtherwise) return problem(409, error.message)
  if (error instanceof ZodError) return problem(422, error.issues[0]?.message ?? 'This cannot be kept.')
  await tellFailure('a request failed', error)
  if (isDenied(error)) return problem(403, 'The database holds this to be not yours to change. Nothing was kept.')
  return isAway(error)
    ? problem(503, 'The database did not answer.')
    : problem(500, 'Fair Tin failed at this, and nothing of it was kept. What you typed is still here.')
}
const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : ''
const isDenied = (error: unknown) => codeOf(error) === '42501'
/** No connection, or one that was cut; shutting down, starting up, or full (SQLSTATE classes 08, 53, 57). */
const isAway = (error: unknown) =>
  /^(?:08|53|57)...$|^(?:CONNECT|ECONN|EPIPE|ETIMEDOUT|EHOSTUNREACH|ENOTFOUND)/.test(codeOf(error))
