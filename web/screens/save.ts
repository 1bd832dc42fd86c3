// What every save shares: it must be theirs to do, and a failure comes back in words.
import 'server-only'
import type { Right } from '@fair-tin/core/model'
import { type BakerySql, DamagedRow, KeptOtherwise, once } from '@fair-tin/data'
import { ZodError, z } from 'zod'
import { changing, NotTheirs, SignedOut } from '../bakery'
import { tellFailure } from '../log'
import { type Outcome, type Refusal, refused, signedOut } from './outcome'

export const refusals = (error: ZodError): { saved: false; problems: Refusal[] } => ({
  saved: false,
  problems: error.issues.map(issue => ({ path: issue.path.join('.'), message: issue.message })),
})

/** Carries an outcome out of a transaction that must not be kept. */
class NotKept<T> extends Error {
  constructor(readonly outcome: Outcome<T>) {
    super('not kept')
  }
}

/**
 * Runs a change; what was `sent` under a deed is done once. Whatever is refused or overtaken is undone whole; a database that is away, or any other failure,
 * becomes a refusal.
 */
export async function saving<T>(
  right: Right,
  work: (sql: BakerySql) => Promise<Outcome<T>>,
  sent?: { deed: string; asked: unknown },
): Promise<Outcome<T>> {
  try {
    if (sent && !z.uuid().safeParse(sent.deed).success) return refused('This change cannot be read. Reload the page.')
    return await changing(right, async sql => {
      const outcome = await once(sql, sent?.deed, sent?.asked, () => work(sql))
      if (!outcome.saved) throw new NotKept(outcome)
      return outcome
    })
  } catch (error) {
    if (error instanceof NotKept) return error.outcome
    if (error instanceof SignedOut) return refused(signedOut)
    if (error instanceof NotTheirs) return refused(error.message)
    if (error instanceof DamagedRow || error instanceof KeptOtherwise) return refused(error.message)
    if (error instanceof ZodError) return refusals(error)
    await tellFailure('a save failed', error)
    return {
      ...refused(
        'It could not be saved: the database did not take it. What you typed is still here; try again in a moment.',
      ),
      unsure: true,
    }
  }
}
