// The best order, worked out beside the screen; asked anew when anything of the bakes is another.
'use client'
import type { Cleaning, DayOrder, OrderBake } from '@fair-tin/core/plan'
import { wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { PlanWorker } from '../../../workers/plan'

/** Null while it is worked out. */
export function useBestOrder(bakes: readonly OrderBake[], rules: Cleaning): DayOrder | null {
  const [best, setBest] = useState<{ of: readonly OrderBake[]; order: DayOrder } | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('../../../workers/plan.ts', import.meta.url), { type: 'module' })
    let gone = false
    void wrap<PlanWorker>(worker)
      .best([...bakes], rules)
      .then(order => !gone && setBest({ of: bakes, order }))
    return () => {
      gone = true
      worker.terminate()
    }
  }, [bakes, rules])
  return best?.of === bakes ? best.order : null
}
