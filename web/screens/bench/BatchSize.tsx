// How much to make: by pieces, or by a factor.
'use client'
import { toPlaces } from '@fair-tin/core'
import { ToggleGroup } from 'radix-ui'
import { type RefObject, useEffect, useState } from 'react'

const factors: [string, number][] = [
  ['½', 0.5],
  ['×1', 1],
  ['×2', 2],
  ['×3', 3],
]
export const mostMakings = 1000

/** What is typed stays as typed; a number that cannot be a batch is said, and the last good size stays in force. */
export function BatchSize({
  factor,
  onSize,
  piecesOfOne,
  pieceName,
  inputRef,
}: {
  factor: number
  onSize: (factor: number) => void
  piecesOfOne: number | null
  pieceName: string
  inputRef: RefObject<HTMLInputElement | null>
}) {
  const shown = piecesOfOne === null ? toPlaces(factor, 2) : String(Number(toPlaces(piecesOfOne * factor, 1)))
  const [typed, setTyped] = useState(shown)
  const [problem, setProblem] = useState('')
  useEffect(() => {
    setTyped(shown)
    setProblem('')
  }, [shown])
  const read = (text: string) => {
    setTyped(text)
    const value = Number(text.trim().replace(',', '.'))
    const next = piecesOfOne === null ? value : value / piecesOfOne
    if (text.trim() === '' || !Number.isFinite(value)) return setProblem('Type a number.')
    if (value <= 0) return setProblem('A batch is more than nothing.')
    if (next > mostMakings) return setProblem(`That is over ${mostMakings} makings at once.`)
    setProblem('')
    onSize(next)
  }
  return (
    <div className="flex flex-wrap items-center gap-2">
      <label className="flex items-center gap-2">
        Make
        <input
          ref={inputRef}
          inputMode="decimal"
          className="figure h-9 w-[74px] rounded-xl border-2 border-navy bg-pane text-center text-lg font-bold"
          value={typed}
          aria-invalid={problem !== ''}
          aria-describedby="batch-problem"
          onChange={event => read(event.target.value)}
        />
        {piecesOfOne === null ? 'makings' : `${pieceName}s`}
      </label>
      <ToggleGroup.Root
        type="single"
        aria-label="Times the recipe"
        value={factors.find(([, value]) => value === factor)?.[0] ?? ''}
        onValueChange={name => name && onSize(factors.find(([label]) => label === name)![1])}
        className="flex overflow-hidden rounded-xl border-[1.5px] border-hair bg-pane"
      >
        {factors.map(([name]) => (
          <ToggleGroup.Item
            key={name}
            value={name}
            className="figure h-8 px-2.5 outline-offset-[-3px] data-[state=on]:bg-damson data-[state=on]:font-bold data-[state=on]:text-white"
          >
            {name}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <span id="batch-problem" role="status" className="text-breaks">
        {problem}
      </span>
    </div>
  )
}
