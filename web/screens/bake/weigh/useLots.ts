// Lots that may go into a batch: what is on the shelf of it, and whatever bears a code that was scanned.
'use client'
import type { LotOnShelf } from '@fair-tin/core/batch'
import { readElementString } from '@fair-tin/core/exchange'
import { useCallback, useState } from 'react'
import { ask } from '../../ask'

export interface KnownLot extends LotOnShelf {
  /** Of what it is, where it was looked up by its code. */
  name?: string
}
export interface Lots {
  all: readonly KnownLot[]
  /** Reads the lots of a thing that was not to go in. */
  more: (ingredient: string) => Promise<void>
  /** By a code scanned or typed: a lot’s own, or a square code with the lot in it. Words where there is none. */
  byCode: (scanned: string) => Promise<KnownLot[] | { problem: string }>
}
const together = (before: readonly KnownLot[], more: readonly KnownLot[]) => [
  ...before.filter(one => !more.some(other => other.id === one.id)),
  ...more,
]

export function useLots(initial: readonly LotOnShelf[]): Lots {
  const [all, setAll] = useState<readonly KnownLot[]>(initial)
  const more = useCallback(async (ingredient: string) => {
    const said = await ask<{ lots: KnownLot[] }>(`/api/v1/ingredients/${encodeURIComponent(ingredient)}/lots`)
    if ('lots' in said) setAll(before => together(before, said.lots))
  }, [])
  const byCode = useCallback(
    async (scanned: string): Promise<KnownLot[] | { problem: string }> => {
      const code = readElementString(scanned)?.lot ?? scanned.trim()
      if (code === '') return { problem: 'Scan the code, or type it.' }
      const here = all.filter(one => one.lot.toLowerCase() === code.toLowerCase())
      if (here.length > 0) return here
      const said = await ask<{ lots: KnownLot[] }>(`/api/v1/lots?code=${encodeURIComponent(code)}`)
      if ('problem' in said) return said
      if (said.lots.length === 0)
        return { problem: `No lot “${code}” came here. Look at the pack again, or enter the delivery in the larder.` }
      setAll(before => together(before, said.lots))
      return said.lots
    },
    [all],
  )
  return { all, more, byCode }
}
