import { wellFormed } from '@fair-tin/core/words'
import { reading, today } from '../../../bakery'
import { Trace } from '../../../screens/records/Trace'
import { traceOf } from '../../../trace'

export const metadata = { title: 'Trace' }
export default async function TracePage({ searchParams }: { searchParams: Promise<{ code?: string }> }) {
  const code = wellFormed((await searchParams).code ?? '')
    .trim()
    .slice(0, 60)
  return <Trace code={code} traced={code === '' ? [] : await reading(sql => traceOf(sql, code, today()))} />
}
