// What the server finds by a name, asked while it is typed.
'use client'
import type { Findable } from '@fair-tin/data'
import { useLatest } from '../useLatest'

export function useFound(typed: string, wanted: boolean) {
  const address = wanted ? `/api/v1/find?name=${encodeURIComponent(typed)}` : null
  const answer = useLatest<{ found: Findable[] }>(address)
  return { found: answer?.said?.found ?? [], problem: answer?.problem ?? '', settled: answer?.to === address }
}
