// Work that follows once what was just changed is on the screen; of several only the newest.
import { startTransition } from 'react'

export function afterPaint(): { put: (work: () => void) => void; drop: () => void } {
  let newest: (() => void) | null = null
  let frame = 0
  const run = () => {
    const work = newest
    newest = null
    if (work) startTransition(work)
  }
  return {
    put: work => {
      newest = work
      cancelAnimationFrame(frame)
      frame = requestAnimationFrame(() => void setTimeout(run))
    },
    drop: () => {
      newest = null
    },
  }
}
