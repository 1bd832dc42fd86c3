// How much to make: by pieces, by tins, or by a factor.
'use client'
import { type Recipe, tinName, toPlaces } from '@fair-tin/core'
import { ToggleGroup } from 'radix-ui'
import { type RefObject, useEffect, useState } from 'react'

const factors: [string, number][] = [
  ['½', 0.5],
  ['×1', 1],
  ['×2', 2],
  ['×3', 3],
]
export const mostMakings = 1000

export function BatchSize({
  factor,
  onSize,
  recipe,
  pieceName,
  inputRef,
}: {
  factor: number
  onSize: (factor: number) => void
  recipe: Recipe
  pieceName: string
  inputRef: RefObject<HTMLInputElement | null>
}) {
  const [problem, setProblem] = useState('')
  const sizing = { factor, onSize, onProblem: setProblem }
  const tins = recipe.tins ?? 1
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="flex items-center gap-2">
        Make
        <Count
          {...sizing}
          ofOne={recipe.pieces ?? 1}
          label={recipe.pieces ? `Make, ${pieceName}s` : 'Make, makings'}
          inputRef={inputRef}
        />
        {recipe.pieces ? `${pieceName}s` : 'makings'}
      </span>
      {recipe.tin && (
        <span className="flex items-center gap-2">
          in
          <Count {...sizing} ofOne={tins} label={`In tins, ${tinName(recipe.tin)}`} />
          {tinName(recipe.tin)}
        </span>
      )}
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
            className="figure h-8 px-2.5 outline-offset-[-3px] data-[state=on]:bg-damson data-[state=on]:font-bold data-[state=on]:text-white pointer-coarse:h-[44px] pointer-coarse:px-4"
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

/** What is typed stays as typed; a number that cannot be a batch is said, and the last good size stays in force. */
function Count({
  factor,
  onSize,
  onProblem,
  ofOne,
  label,
  inputRef,
}: {
  factor: number
  onSize: (factor: number) => void
  onProblem: (problem: string) => void
  ofOne: number
  label: string
  inputRef?: RefObject<HTMLInputElement | null>
}) {
  const shown = String(Number(toPlaces(ofOne * factor, ofOne * factor < 10 ? 2 : 1)))
  const [typed, setTyped] = useState(shown)
  const [wrong, setWrong] = useState(false)
  useEffect(() => {
    setTyped(shown)
    setWrong(false)
    onProblem('')
  }, [shown, onProblem])
  const read = (text: string) => {
    setTyped(text)
    const value = Number(text.trim().replace(',', '.'))
    const next = value / ofOne
    const problem =
      text.trim() === '' || !Number.isFinite(value)
        ? 'Type a number.'
        : value <= 0
          ? 'A batch is more than nothing.'
          : next > mostMakings
            ? `That is over ${mostMakings} makings at once.`
            : ''
    setWrong(problem !== '')
    onProblem(problem)
    if (problem === '') onSize(next)
  }
  return (
    <input
      ref={inputRef}
      inputMode="decimal"
      aria-label={label}
      className="figure h-9 w-[62px] rounded-xl border-2 border-navy bg-pane text-center text-lg font-bold aria-invalid:border-breaks pointer-coarse:h-[44px]"
      value={typed}
      maxLength={12}
      aria-invalid={wrong || undefined}
      aria-describedby="batch-problem"
      onChange={event => read(event.target.value)}
    />
  )
}
