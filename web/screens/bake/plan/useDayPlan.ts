// What is set by hand for a day, on every tablet the same: what is changed here waits in the browser until it is kept, field by field,
// and what others change comes in meanwhile.
'use client'
import { type SheetClash, sheetEdits, takeSheetEdits } from '@fair-tin/core/edit'
import { DayPlan } from '@fair-tin/core/model'
import { useCallback, useEffect, useRef, useState } from 'react'
import { z } from 'zod'
import { ask } from '../../ask'
import { leaveHere, leftHere } from '../../leftHere'
import { useSheet } from '../../useSheet'

/** What the bakery was last heard to have, and what it shall be. */
const Both = z.object({ base: DayPlan, plan: DayPlan })
type Both = z.infer<typeof Both>
const waitingIn = ({ base, plan }: Both) => sheetEdits('day', base, plan)
/** What is heard of the bakery, with what waits here put on top. */
const rebased = (both: Both, base: DayPlan): Both => ({
  base,
  plan: takeSheetEdits('day', base, waitingIn(both)).sheet,
})

/** Milliseconds after a change until it is sent, and between two looks at what others did. */
const [settles, between] = [500, 15_000]

export interface OwnPlan {
  plan: DayPlan
  change: (next: DayPlan) => void
  /** Why what was changed here is not kept yet; '' where it is. */
  trouble: string
  /** Lets go of what is not kept. */
  leave: () => void
  clashes: readonly SheetClash[]
  settle: (clash: SheetClash, mine: boolean) => void
}

export function useDayPlan(day: string, kept: DayPlan): OwnPlan {
  const shelf = `plan of ${day}`
  const [both, setBoth] = useState<Both>({ base: kept, plan: kept })
  const [trouble, setTrouble] = useState('')
  const { clashes, send, settle } = useSheet('day')
  const latest = useRef(both)
  const put = useCallback(
    (next: Both) => {
      latest.current = next
      setBoth(next)
      leaveHere(shelf, waitingIn(next).length > 0 ? next : null)
    },
    [shelf],
  )
  useEffect(() => {
    const left = leftHere(shelf)
    const read = Both.safeParse(left).data ?? { base: {}, plan: DayPlan.safeParse(left).data ?? {} }
    if (waitingIn(read).length > 0) put(rebased(read, latest.current.base))
  }, [shelf, put])

  /** One at a time: what is changed meanwhile goes with the next. */
  const busy = useRef(false)
  const exchange = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    const sending = latest.current
    const edits = waitingIn(sending)
    const sent = edits.length === 0 ? null : await send(day, edits)
    const problem = sent === null || sent.kept ? '' : (sent.problems[0]?.message ?? '')
    setTrouble(problem)
    const heard = problem === '' ? await ask<{ plan: DayPlan }>(`/api/v1/days/${day}`) : { problem }
    if (!('problem' in heard)) {
      // only what was changed since it was sent still waits
      const since = { base: sending.plan, plan: latest.current.plan }
      put(rebased(since, heard.plan))
    }
    busy.current = false
  }, [day, send, put])
  const wanted = JSON.stringify(waitingIn(both))
  useEffect(() => {
    if (wanted === '[]') return
    const timer = setTimeout(() => void exchange(), settles)
    return () => clearTimeout(timer)
  }, [wanted, exchange])
  useEffect(() => {
    const look = () => document.visibilityState === 'visible' && void exchange()
    const timer = setInterval(look, between)
    for (const event of ['online', 'focus']) window.addEventListener(event, look)
    return () => {
      clearInterval(timer)
      for (const event of ['online', 'focus']) window.removeEventListener(event, look)
    }
  }, [exchange])

  return {
    plan: both.plan,
    change: plan => put({ ...latest.current, plan }),
    trouble,
    leave: () => {
      setTrouble('')
      put({ base: latest.current.base, plan: latest.current.base })
    },
    clashes,
    settle: (clash, mine) =>
      void settle(day, clash, mine).then(() => {
        void exchange()
      }),
  }
}
