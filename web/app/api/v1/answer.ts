// How a route answers when it cannot do what was asked: in words, with a status.

import { DamagedRow, KeptOtherwise } from '@fair-tin/data'
import { ZodError } from 'zod'
import { NobodyAtTheBench } from '../../../bakery'
import { nobodyAtTheBench } from '../../../screens/outcome'

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

export function refusal(error: unknown): Response {
  if (error instanceof NobodyAtTheBench) return problem(401, nobodyAtTheBench)
  if (error instanceof Refused) return problem(error.status, error.message)
  if (error instanceof DamagedRow || error instanceof KeptOtherwise) return problem(409, error.message)
  if (error instanceof ZodError) return problem(422, error.issues[0]?.message ?? 'This cannot be kept.')
  console.error(error)
  return problem(503, 'The database did not answer.')
}
