// Can this process serve? Only where the database answers it, and not while it is being stopped.
import { knock } from '@fair-tin/data'
import { isStopping } from '../../stopping'

export const dynamic = 'force-dynamic'
export async function GET(): Promise<Response> {
  if (isStopping()) return new Response('it is being stopped', { status: 503 })
  try {
    await knock()
    return new Response('ok')
  } catch {
    return new Response('the database does not answer', { status: 503 })
  }
}
