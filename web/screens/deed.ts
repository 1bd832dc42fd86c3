// The id under which a change is sent: the same until somebody answered, so that pressing again after a lost answer does nothing
// twice.
'use client'
import { useCallback, useMemo, useRef } from 'react'
import { v4 } from 'uuid'
import type { Outcome } from './outcome'

export interface Deed {
  /** The id to send under. */
  id: () => string
  /** Somebody answered, well or not: what comes next is another change. */
  answered: () => void
  /** What a change sent under it came to; null where nobody answered. */
  outcome: <T>(work: (id: string) => Promise<Outcome<T>>) => Promise<Outcome<T> | null>
}

export function useDeed(): Deed {
  const open = useRef<string | null>(null)
  const id = useCallback(() => {
    open.current ??= v4()
    return open.current
  }, [])
  const answered = useCallback(() => {
    open.current = null
  }, [])
  const outcome = useCallback(
    async <T>(work: (id: string) => Promise<Outcome<T>>) => {
      const said = await work(id()).catch(() => null)
      if (said && !('unsure' in said)) answered()
      return said
    },
    [id, answered],
  )
  return useMemo(() => ({ id, answered, outcome }), [id, answered, outcome])
}
