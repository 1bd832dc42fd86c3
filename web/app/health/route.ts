import { reading } from '../../bakery'

export const dynamic = 'force-dynamic'
export async function GET() {
  try {
    await reading(sql => sql`select 1`)
    return new Response('ok')
  } catch {
    return new Response('the database does not answer', { status: 503 })
  }
}
