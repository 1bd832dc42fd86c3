// Sends a change with what shows that it comes from a page of this session; the gate turns away what does not.

let held: string | undefined
const token = () => (held ??= document.querySelector<HTMLMetaElement>('meta[name="fair-tin-token"]')?.content ?? '')

/** `fetch` for changes. Where somebody signed in again since the page was opened, it is sent once more in their name. */
export async function send(
  address: string,
  init: RequestInit & { headers?: Record<string, string> },
): Promise<Response> {
  const once = () => fetch(address, { ...init, headers: { ...init.headers, 'x-fair-tin-token': token() } })
  const answer = await once()
  if (answer.headers.get('x-fair-tin-token') !== 'stale') return answer
  const said = (await (await fetch('/api/v1/token')).json()) as { token?: string }
  if (!said.token) return answer
  held = said.token
  return once()
}
