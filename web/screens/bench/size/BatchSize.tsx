// How much to make: by pieces, by tins, or by a factor.
'use client'
import { type Recipe, type TinCount, tinName } from '@fair-tin/core/model'
import { mostMakings, tooLarge } from '@fair-tin/core/recipe'
import { commaDoubt, toPlaces, typedNumber } from '@fair-tin/core/words'
import { ToggleGroup } from 'radix-ui'
import { type PointerEvent, type ReactNode, type RefObject, useRef, useState } from 'react'
import type { Batch } from './batch'

const factors: [string, number][] = [
  ['½', 0.5],
  ['×1', 1],
  ['×2', 2],
  ['×3', 3],
]

export function BatchSize({
  batch,
  onSize,
  recipe,
  pieceName,
  inputRef,
  children,
}: {
  batch: Batch
  onSize: (factor: number) => void
  recipe: Recipe
  pieceName: string
  inputRef: RefObject<HTMLInputElement | null>
  /** Further ways to say it. */
  children: ReactNode
}) {
  const { factor } = batch
  // said of the size in force when it was typed: gone with the next one
  const [refused, setRefused] = useState({ factor: Number.NaN, problem: '' })
  const problem = refused.factor === factor ? refused.problem : ''
  const sizing = { factor, onSize, onProblem: (said: string) => setRefused({ factor, problem: said }) }
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
      {batch.into && <span className="text-quiet">in {tinsText(batch.into)}</span>}
      {recipe.tin && !batch.into && (
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
      {children}
      <span id="batch-problem" role="status" className="text-breaks">
        {problem}
      </span>
    </div>
  )
}

const tinsText = (into: readonly TinCount[]) => into.map(one => `${one.count} × ${tinName(one.tin)}`).join(' and ')
const shownAs = (count: number): string => String(Number(toPlaces(count, count < 10 ? 2 : 1)))
/** Pixels of dragging that make one more. */
const pixelsEach = 6

/** What is typed stays as typed; dragging the number sideways turns it like a dial; a number that cannot be a batch is said, and the last good size stays in force. */
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
  const shown = shownAs(ofOne * factor)
  // what was typed stands as typed for as long as it is what is in force
  const [kept, setKept] = useState({ typed: shown, shows: shown, wrong: false })
  const current = kept.shows === shown
  const typed = current ? kept.typed : shown
  const wrong = current && kept.wrong
  const read = (text: string) => {
    const value = typedNumber(text)
    const next = value / ofOne
    const problem =
      text.trim() === '' || !Number.isFinite(value)
        ? commaDoubt(text) || 'Type a number.'
        : value <= 0
          ? 'A batch is more than nothing.'
          : tooLarge(next)
    setKept({ typed: text, shows: problem === '' ? shownAs(ofOne * next) : shown, wrong: problem !== '' })
    onProblem(problem)
    if (problem === '') onSize(next)
  }
  const drag = useRef<{ x: number; from: number; moved: boolean } | null>(null)
  const onMove = (event: PointerEvent) => {
    const held = drag.current
    if (!held) return
    const steps = Math.round((event.clientX - held.x) / pixelsEach)
    if (steps === 0 && !held.moved) return
    held.moved = true
    const count = Math.min(ofOne * mostMakings, Math.max(1, Math.round(held.from) + steps))
    onSize(count / ofOne)
  }
  return (
    <input
      ref={inputRef}
      inputMode="decimal"
      title="Type a number, or drag it sideways"
      onPointerDown={event => {
        if (event.pointerType !== 'mouse' || document.activeElement === event.currentTarget) return
        drag.current = { x: event.clientX, from: ofOne * factor, moved: false }
        event.currentTarget.setPointerCapture(event.pointerId)
      }}
      onPointerMove={onMove}
      onPointerUp={() => {
        drag.current = null
      }}
      aria-label={label}
      className="figure h-9 w-[62px] cursor-ew-resize focus:cursor-text rounded-xl border-2 border-navy bg-pane text-center text-lg font-bold aria-invalid:border-breaks pointer-coarse:h-[44px]"
      value={typed}
      maxLength={12}
      aria-invalid={wrong || undefined}
      aria-describedby="batch-problem"
      onChange={event => read(event.target.value)}
    />
  )
}
