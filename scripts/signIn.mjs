// Comes in at a running demo as its owner, by the password that the demo prints, as a browser would.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './install.mjs'

/** The key to put into the cookie “tin_session”. */
export async function signInAt(address) {
  const [{ email, password }] = JSON.parse(readFileSync(path.join(root, 'demo/staff.json'), 'utf8'))
  const answer = await fetch(`${address}/api/v1/door`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ do: 'sign in', email, password }),
  })
  const key = /tin_session=([\w-]+)/.exec(answer.headers.get('set-cookie') ?? '')?.[1]
  if (!key) throw new Error(`Nobody was let in at ${address}: ${await answer.text()}`)
  return key
}
