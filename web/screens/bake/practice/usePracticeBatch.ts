// A batch that nobody keeps: the same as a real one to the screens it is worked on, and gone with the page.
'use client'
import { batchState, type KeptEntry } from '@fair-tin/core/batch'
import type { Batch } from '@fair-tin/core/model'
import { useCallback, useMemo, useState } from 'react'
import { entryOf, type Put } from '../entry'
import type { RunningBatch } from '../useBatch'

const now = () => Date.now()
const nothing = () => {}
export function usePracticeBatch(batch: Batch): RunningBatch {
  const [kept, setKept] = useState<readonly KeptEntry[]>([])
  const put = useCallback((put: Put) => {
    const entry = entryOf(put, now())
    setKept(before => [...before, { entry, by: 'practice' }])
    return entry
  }, [])
  const state = useMemo(() => batchState(batch, kept), [batch, kept])
  return useMemo(
    () => ({ kept, state, put, waiting: 0, refused: [], putAway: nothing, trouble: '', now }),
    [kept, state, put],
  )
}
