// What lies on the practice scale: poured, spooned, taken off; and what can go wrong with it.
'use client'
import { useState } from 'react'
import type { PracticeScale } from './practiceScale'

const held = (start: () => void, stop: () => void) => ({
  onPointerDown: start,
  onPointerUp: stop,
  onPointerLeave: stop,
  onKeyDown: (event: React.KeyboardEvent) => {
    if ((event.key === ' ' || event.key === 'Enter') && !event.repeat) start()
  },
  onKeyUp: stop,
})

export function PracticeControls({ scale }: { scale: PracticeScale }) {
  const [lost, setLost] = useState(false)
  const stop = () => scale.pour(0)
  const small = 'do !min-h-[44px] select-none !px-2.5'
  return (
    <fieldset
      className="mt-2 flex flex-wrap items-center gap-2 border-t border-hair pt-2"
      aria-label="On the practice scale"
    >
      <span className="text-[13px] text-quiet">Hold to</span>
      <button type="button" className={small} {...held(() => scale.pour(90), stop)}>
        Pour
      </button>
      <button type="button" className={small} {...held(() => scale.pour(8), stop)}>
        Spoon in
      </button>
      <button type="button" className={small} {...held(() => scale.pour(-30), stop)}>
        Take out
      </button>
      <button type="button" className={small} onClick={scale.empty}>
        Empty it
      </button>
      <button
        type="button"
        className={small}
        onClick={() => {
          if (lost) scale.mend()
          else scale.cut()
          setLost(!lost)
        }}
      >
        {lost ? 'Plug it in again' : 'Pull its plug'}
      </button>
    </fieldset>
  )
}
