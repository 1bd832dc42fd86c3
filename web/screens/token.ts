// Sends a change with what shows that it comes from a page of this session; the gate turns away what does not.
import { personOfPage } from './leftHere'

let held: string | undefined
const token = () => (held ??= document.querySelector<HTMLMetaElement>('meta[name="fair-tin-token"]')?.content ?? '')

/** `fetch` for changes. Where the same person signed in again since the page was opened, it is sent once more; another's hands do not do it. */
export async function send(
  address: string,
  init: RequestInit & { headers?: Record<string, string> },
): Promise<Response> {
  const once = () => fetch(address, { ...init, headers: { ...init.headers, 'x-fair-tin-token': token() } })
  const answer = await once()
  if (answer.headers.get('x-fair-tin-token') !== 'stale') return answer
  const said = (await (await fetch('/api/v1/token')).json()) as { token?: string; person?: string | null }
  if (!said.token) return answer
  if (said.person !== personOfPage())
    return Response.json(
      {
        problem:
          'Somebody else is signed in here now. What you typed waits for you: sign in again, and it goes through.',
      },
      { status: 401 },
    )
  held = said.token
  return once()
}
