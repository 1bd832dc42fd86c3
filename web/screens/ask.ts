// Asks a route of our own: its answer, or in words why there is none. Nothing typed is lost on the way.
import type { SheetKind } from '@fair-tin/core/edit'
import type { Deed } from './deed'
import { send } from './token'

/** Where changes of a thing go, and where its history is. */
export const editsOf = (kind: SheetKind | 'product' | 'part', id: string): string =>
  `/api/v1/edits/${kind}/${encodeURIComponent(id)}`

export const noAnswer = 'The server does not answer. What you typed is still here: try again in a moment.'

export interface Unanswered {
  problem: string
  /** Asked again as it is, it would be refused again. */
  refused?: true
}
/**
 * GET without a body, else POST of JSON, under the id of a deed where it is one: then it is done once, however often it is sent.
 * Every route answers with what was asked or `{ problem }`.
 */
export async function ask<T extends object>(
  address: string,
  body?: unknown,
  deed?: Pick<Deed, 'id' | 'answered'>,
): Promise<T | Unanswered> {
  try {
    const answer =
      body === undefined
        ? await fetch(address)
        : await send(address, {
            method: 'POST',
            headers: { 'content-type': 'application/json', ...(deed ? { 'idempotency-key': deed.id() } : {}) },
            body: JSON.stringify(body),
          })
    const said = (await answer.json()) as T | Unanswered
    // the server itself being away is no answer
    const { status } = answer
    if (status < 500) deed?.answered()
    return 'problem' in said && status >= 400 && status < 500 && status !== 429 ? { ...said, refused: true } : said
  } catch {
    return { problem: noAnswer }
  }
}
