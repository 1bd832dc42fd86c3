// Work that follows once what was just changed is on the screen and the hand rests a moment; of several only the newest.
import { startTransition } from 'react'

/** A hand that types on within this many milliseconds is not disturbed … */
export const rest = 32
/** … and what follows is never older than this. */
export const latest = 120

export function afterPaint(): { put: (work: () => void) => void; drop: () => void } {
  let newest: (() => void) | null = null
  let due = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let frame = 0
  const run = () => {
    const work = newest
    newest = null
    if (work) startTransition(work)
  }
  return {
    put: work => {
      if (newest === null) due = performance.now() + latest
      newest = work
      cancelAnimationFrame(frame)
      clearTimeout(timer)
      frame = requestAnimationFrame(() => {
        timer = setTimeout(run, Math.max(0, Math.min(rest, due - performance.now())))
      })
    },
    drop: () => {
      newest = null
      cancelAnimationFrame(frame)
      clearTimeout(timer)
    },
  }
}
