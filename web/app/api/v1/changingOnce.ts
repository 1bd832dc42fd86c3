// A change that a route does once: sent again under the same key, nothing is done again.

import type { Right } from '@fair-tin/core/model'
import { type BakerySql, once } from '@fair-tin/data'
import { z } from 'zod'
import { changing } from '../../../bakery'
import { Refused } from './answer'

/**
 * Does `work` once under the request's `Idempotency-Key`, a UUID; without one it is simply done. `answer` is what is there then,
 * asked every time; without it the answer of `work` is remembered.
 */
export async function changingOnce<T>(
  right: Right,
  request: Request,
  asked: unknown,
  work: (sql: BakerySql) => Promise<T>,
): Promise<T>
export async function changingOnce<T>(
  right: Right,
  request: Request,
  asked: unknown,
  work: (sql: BakerySql) => Promise<void>,
  answer: (sql: BakerySql) => Promise<T>,
): Promise<T>
export async function changingOnce<T>(
  right: Right,
  request: Request,
  asked: unknown,
  work: (sql: BakerySql) => Promise<T>,
  answer?: (sql: BakerySql) => Promise<T>,
): Promise<T> {
  const key = request.headers.get('idempotency-key') ?? undefined
  if (key !== undefined && !z.uuid().safeParse(key).success)
    throw new Refused(400, 'The key of this change is no UUID.')
  return changing(right, async sql => {
    const done = await once(sql, key, asked, () => work(sql))
    return answer ? answer(sql) : done
  })
}
