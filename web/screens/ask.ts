// Asks a route of our own: its answer, or in words why there is none. Nothing typed is lost on the way.
export const noAnswer = 'The server does not answer. What you typed is still here: try again in a moment.'

/** GET without a body, else POST of JSON. Every route answers with what was asked or `{ problem }`. */
export async function ask<T extends object>(address: string, body?: unknown): Promise<T | { problem: string }> {
  try {
    const answer = await fetch(
      address,
      body === undefined
        ? {}
        : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
    )
    return (await answer.json()) as T | { problem: string }
  } catch {
    return { problem: noAnswer }
  }
}
