// Which scale stands at this bench, and what it says now.
'use client'
import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import { leaveHere, leftHere } from '../../leftHere'
import { type PracticeScale, practiceScale } from './practiceScale'
import type { Heard, LiveScale } from './scale'
import { serialScale } from './serialScale'

export type ScaleChoice = 'typed' | 'practice' | 'serial'
export interface ChosenScale {
  choice: ScaleChoice
  scale: LiveScale | null
  practice: PracticeScale | null
  problem: string
  choose: (choice: ScaleChoice) => Promise<void>
}
const shelf = 'scale at the bench'

/** `remembered`: chosen for the next batch at this bench too, as it is not in practice. `step`: what the scale shows, in grams. A scale that was plugged in is chosen anew after a reload: a browser asks for it by hand. */
export function useScale(step: number, remembered = true): ChosenScale {
  const [choice, setChoice] = useState<ScaleChoice>('typed')
  const [scale, setScale] = useState<LiveScale | null>(null)
  const [problem, setProblem] = useState('')
  const open = useRef<LiveScale | null>(null)
  const put = useCallback((next: LiveScale | null) => {
    open.current?.close()
    open.current = next
    setScale(next)
  }, [])
  const choose = useCallback(
    async (next: ScaleChoice) => {
      setProblem('')
      try {
        const made = next === 'practice' ? practiceScale(step) : next === 'serial' ? await serialScale(step) : null
        put(made)
        setChoice(made === null ? 'typed' : next)
        if (remembered) leaveHere(shelf, made === null || next === 'serial' ? null : next)
      } catch (error) {
        setProblem(error instanceof Error ? error.message : 'The scale could not be connected.')
      }
    },
    [put, step, remembered],
  )
  useEffect(() => {
    if (remembered && leftHere(shelf) === 'practice') void choose('practice')
    return () => open.current?.close()
  }, [choose, remembered])
  return { choice, scale, practice: choice === 'practice' ? (scale as PracticeScale) : null, problem, choose }
}

const never = () => () => {}
const nothing = () => null
/** What the scale said last. Only who asks is drawn again, twenty times a second. */
export const useHeard = (scale: LiveScale | null): Heard | null =>
  useSyncExternalStore(scale?.listen ?? never, scale?.heard ?? nothing, nothing)
