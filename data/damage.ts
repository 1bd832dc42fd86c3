// Rows read one by one: what cannot be read is told, kept as it is, and keeps nothing else from being read. And what is
// written passes the very schema that will read it.
import type { Damaged } from '@fair-tin/core/model'
import { wellFormedData } from '@fair-tin/core/words'
import { type ZodType, z } from 'zod'

/** Thrown where one thing was asked for and it cannot be read. */
export class DamagedRow extends Error {
  constructor(readonly damage: Damaged) {
    super(
      `${damage.name} is damaged and cannot be changed: ${damage.problem} Put it right first, or put back how it was.`,
    )
  }
}

interface Row {
  id: string
  name: string
}
const problemOf = (error: z.ZodError): string => {
  const [issue] = error.issues
  // the schema's own words are for programmers
  const why = !issue || /^Invalid|expected/i.test(issue.message) ? 'what stands there is nothing known' : issue.message
  return `at “${issue?.path.join('.') ?? ''}”: ${why}`.replace(/[^.]$/, '$&.')
}

/** One row, or the damage of it thrown. */
export function readRow<R extends Row, T>(kind: Damaged['kind'], row: R, read: (row: R) => T): T {
  try {
    return read(row)
  } catch (error) {
    if (!(error instanceof z.ZodError)) throw error
    throw new DamagedRow({ kind, id: row.id, name: row.name, problem: problemOf(error) })
  }
}

/** What is to be written, as it will be read back, in text any database holds. Throws ZodError for what could not be read back. */
export const written = <T>(schema: ZodType<T>, given: unknown): T => schema.parse(wellFormedData(given))
