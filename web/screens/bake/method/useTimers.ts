// The clocks of a method that run, told anew each second; what falls due is sounded.
'use client'
import { type MethodStep, type Timer, timersOf } from '@fair-tin/core/batch'
import { useEffect, useState } from 'react'
import { sayAloud, sound } from '../aloud'
import type { RunningBatch } from '../useBatch'

export function useTimers(running: RunningBatch, steps: readonly MethodStep[], aloud: boolean): readonly Timer[] {
  const [timers, setTimers] = useState<readonly Timer[]>([])
  useEffect(() => {
    const tell = () => setTimers(timersOf(running.state, steps, running.now()))
    tell()
    const timer = setInterval(tell, 1000)
    return () => clearInterval(timer)
  }, [running.state, running.now, steps])
  const due = timers
    .filter(one => one.due.inMinutes <= 0)
    .map(one => `${one.due.what} ${one.step.key}`)
    .join('\n')
  useEffect(() => {
    if (due === '') return
    const call = () => {
      sound()
      if (aloud)
        sayAloud(
          due
            .split('\n')
            .map(one => one.split(' ').slice(0, 2).join(' '))
            .join('. '),
        )
    }
    call()
    const timer = setInterval(call, 8000)
    return () => clearInterval(timer)
  }, [due, aloud])
  return timers
}
