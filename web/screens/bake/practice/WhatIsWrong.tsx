// What it was stopped for: one of three, or look again.
'use client'
import type { Card } from '@fair-tin/core/practice'

export function WhatIsWrong({
  card,
  onSay,
  onLook,
}: {
  card: Card
  onSay: (because: string) => void
  onLook: () => void
}) {
  return (
    <fieldset className="mt-auto flex flex-col gap-3" aria-label="What is wrong?">
      <h3 className="text-[20px]">What is wrong?</h3>
      {card.answers.map(one => (
        <button key={one.id} type="button" className="slab" onClick={() => onSay(one.id)}>
          {one.title}
        </button>
      ))}
      <button type="button" className="word-link min-h-[44px] self-start text-[17px]" onClick={onLook}>
        None of these: look again
      </button>
    </fieldset>
  )
}
