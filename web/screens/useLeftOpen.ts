// A form that is being filled in, kept in this browser until it is kept for good: left open, it is there again.
'use client'
import { type SetStateAction, useCallback, useEffect, useState } from 'react'
import { leaveHere, leftHere } from './leftHere'

/**
 * `open`: something is filled in that is not kept yet. `again` lays what was left over the thing as it is now; null where it cannot be read any more. The effect runs once for each
 * `shelf`, and again when `again` is another.
 */
export function useLeftOpen<T>(shelf: string, fresh: () => T, again: (left: unknown) => T | null) {
  const [form, setForm] = useState(fresh)
  const [open, setOpen] = useState(false)
  useEffect(() => {
    const raw = leftHere(shelf)
    const left = raw === null ? null : again(raw)
    if (left === null) return
    setForm(left)
    setOpen(true)
  }, [shelf, again])
  const put = useCallback(
    (change: SetStateAction<T>) => {
      setOpen(true)
      setForm(before => {
        const next = typeof change === 'function' ? (change as (before: T) => T)(before) : change
        leaveHere(shelf, next)
        return next
      })
    },
    [shelf],
  )
  const forget = useCallback(() => {
    leaveHere(shelf, null)
    setOpen(false)
  }, [shelf])
  return { form, open, put, forget, setForm }
}
