// Is the bakery served? Answers after reading real rows, and says what of them is damaged.
import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../bakery'

export const dynamic = 'force-dynamic'
export async function GET() {
  try {
    const { damaged = [] } = await reading(sql => readWorkbook(sql, today()))
    const words = damaged.map(one => `${one.kind} ${one.id}: ${one.problem}`)
    return new Response(words.length === 0 ? 'ok' : `ok, but damaged:\n${words.join('\n')}`)
  } catch {
    return new Response('the database does not answer', { status: 503 })
  }
}
