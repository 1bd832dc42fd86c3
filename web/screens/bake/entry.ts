// An entry as it is put down at the bench or beside it: its id and its moment come by themselves.
import { BatchEntry, type Put } from '@fair-tin/core/model'
import { v4 } from 'uuid'

export type { Put }

/** `now`: milliseconds. */
export const entryOf = (put: Put, now: number, id: string = v4()): BatchEntry =>
  ({ ...put, id, at: new Date(now).toISOString() }) as BatchEntry

/** The entry as it would be kept, or why it cannot be, in words. */
export function readPut(put: object): { entry: BatchEntry } | { problem: string } {
  const read = BatchEntry.safeParse({ ...put, id: v4(), at: new Date(0).toISOString() })
  return read.success ? { entry: read.data } : { problem: read.error.issues[0]!.message }
}
