// Which scale stands at this bench.
'use client'
import { useEffect, useState } from 'react'
import { canUseSerial } from './serialScale'
import type { ChosenScale, ScaleChoice } from './useScale'

export function ScaleChooser({ scale: { choice, choose, problem } }: { scale: ChosenScale }) {
  const [serial, setSerial] = useState(false)
  useEffect(() => setSerial(canUseSerial()), [])
  return (
    <>
      <label className="flex items-center gap-2">
        Scale
        <select
          className="field !w-auto"
          value={choice}
          onChange={event => void choose(event.target.value as ScaleChoice)}
        >
          <option value="typed">typed by hand</option>
          <option value="practice">practice scale</option>
          {serial && <option value="serial">a scale on this computer</option>}
        </select>
      </label>
      {problem && <span className="text-breaks">{problem}</span>}
    </>
  )
}
