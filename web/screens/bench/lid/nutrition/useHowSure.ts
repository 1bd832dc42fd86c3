// Asks a worker how sure the table is, each time what it rests on is another; an older question is dropped.
'use client'
import type { HowSure } from '@fair-tin/core/assess'
import type { MarketCode, Workbook } from '@fair-tin/core/model'
import { proxy, wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { HowSureWorker } from '../../../../workers/howSure'

export interface Asked {
  /** The last answer, also while another is drawn; null where there is no table. */
  answer: HowSure | null
  state: 'drawing' | 'there' | 'failed'
  drawn: number
}

export function useHowSure(workbook: Workbook, productId: string, market: MarketCode): Asked {
  const [asked, setAsked] = useState<Asked>({ answer: null, state: 'drawing', drawn: 0 })
  useEffect(() => {
    let worker: Worker | null = null
    const fail = () => setAsked(before => ({ ...before, state: 'failed' }))
    const timer = setTimeout(() => {
      setAsked(before => ({ ...before, state: 'drawing', drawn: 0 }))
      worker = new Worker(new URL('../../../../workers/howSure.ts', import.meta.url), { type: 'module' })
      // one that cannot even be loaded answers nothing
      worker.onerror = fail
      wrap<HowSureWorker>(worker)
        .find(
          workbook,
          productId,
          market,
          proxy((drawn: number) => setAsked(before => ({ ...before, drawn }))),
        )
        .then(answer => setAsked({ answer, state: 'there', drawn: answer?.draws ?? 0 }), fail)
    }, 200)
    return () => {
      clearTimeout(timer)
      worker?.terminate()
    }
  }, [workbook, productId, market])
  return asked
}
