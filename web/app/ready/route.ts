// Can this process serve? Only where the database answers it.
import { knock } from '@fair-tin/data'

export const dynamic = 'force-dynamic'
export async function GET(): Promise<Response> {
  try {
    await knock()
    return new Response('ok')
  } catch {
    return new Response('the database does not answer', { status: 503 })
  }
}
