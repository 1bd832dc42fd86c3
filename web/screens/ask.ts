// Asks a route of our own: its answer, or in words why there is none. Nothing typed is lost on the way.
import type { SheetKind } from '@fair-tin/core/edit'
import type { Deed } from './deed'
import { send } from './token'

/** Where changes of a thing go, and where its history is. */
export const editsOf = (kind: SheetKind | 'product' | 'part', id: string): string =>
  `/api/v1/edits/${kind}/${encodeURIComponent(id)}`

export const noAnswer = 'The server does not answer. What you typed is still here: try again in a moment.'

/**
 * GET without a body, else POST of JSON, under the id of a deed where it is one: then it is done once, however often it is sent.
 * Every route answers with what was asked or `{ problem }`.
 */
export async function ask<T extends object>(
  address: string,
  body?: unknown,
  deed?: Pick<Deed, 'id' | 'answered'>,
): Promise<T | { problem: string }> {
  try {
    const answer =
      body === undefined
        ? await fetch(address)
        : await send(address, {
            method: 'POST',
            headers: { 'content-type': 'application/json', ...(deed ? { 'idempotency-key': deed.id() } : {}) },
            body: JSON.stringify(body),
          })
    const said = (await answer.json()) as T | { problem: string }
    // the server itself being away is no answer
    if (answer.status < 500) deed?.answered()
    return said
  } catch {
    return { problem: noAnswer }
  }
}
