// Finds the ingredient or part a line means, or starts a new ingredient with what is typed.
'use client'
import type { Named } from '@fair-tin/core/ingredient'
import { Popover } from 'radix-ui'
import { useState } from 'react'
import type { DraftLine } from './draft'
import type { Larder } from './ReadingTable'

type Of = DraftLine['of']
const nameOf = (of: Of, { ingredients, parts }: Larder): { name: string; kind: string } => {
  if ('fresh' in of) return { name: of.fresh, kind: 'new in the larder' }
  if ('recipe' in of)
    return { name: parts.find(one => one.id === of.recipe)?.name ?? 'a recipe that is gone', kind: 'part' }
  return { name: ingredients.find(one => one.id === of.ingredient)?.name ?? 'an ingredient that is gone', kind: '' }
}

export function Pick({
  of,
  larder,
  label,
  asks,
  onPick,
}: {
  of: Of
  larder: Larder
  label: string
  asks: boolean
  onPick: (of: Of) => void
}) {
  const [open, setOpen] = useState(false)
  const [typed, setTyped] = useState('')
  const now = nameOf(of, larder)
  const wanted = typed.trim().toLowerCase()
  const fits = (one: Named) =>
    [one.name, one.standsFor ?? '', one.labelName ?? ''].some(name => name.toLowerCase().includes(wanted))
  const found: { of: Of; name: string; kind: string }[] = [
    ...larder.parts.filter(fits).map(one => ({ of: { recipe: one.id }, name: one.name, kind: 'part' })),
    ...larder.ingredients.filter(fits).map(one => ({ of: { ingredient: one.id }, name: one.name, kind: '' })),
  ].slice(0, 40)
  const choose = (next: Of) => {
    onPick(next)
    setOpen(false)
  }
  return (
    <Popover.Root
      open={open}
      onOpenChange={next => {
        setOpen(next)
        if (next) setTyped('')
      }}
    >
      <Popover.Trigger
        aria-label={`${label}: ${now.name}`}
        className={`field text-left ${asks ? '!border-unproven' : ''}`}
      >
        <span className="break-words">{now.name || 'choose'}</span>
        {now.kind && <span className="ml-1.5 text-[12.5px] text-quiet">{now.kind}</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={label}
          align="start"
          sideOffset={4}
          className="z-50 w-80 rounded-lg border-2 border-navy bg-pane p-2 shadow-float"
        >
          <input
            className="field mb-1"
            placeholder="Type to find, or to name a new one"
            aria-label="Find in the larder"
            value={typed}
            maxLength={200}
            onChange={event => setTyped(event.target.value)}
            onKeyDown={event => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              const first = found[0]
              if (wanted && first && first.name.toLowerCase() === wanted) choose(first.of)
              else if (wanted) choose({ fresh: typed.trim() })
            }}
          />
          <ul className="max-h-64 overflow-auto">
            {found.map(one => (
              <li key={`${one.kind}${one.name}${JSON.stringify(one.of)}`}>
                <button
                  type="button"
                  className="w-full rounded px-2 py-1 text-left hover:bg-navy hover:text-white focus-visible:bg-navy focus-visible:text-white"
                  onClick={() => choose(one.of)}
                >
                  {one.name} {one.kind && <span className="text-[12.5px] opacity-70">{one.kind}</span>}
                </button>
              </li>
            ))}
            {found.length === 0 && <li className="px-2 py-1 text-quiet">Nothing by that name.</li>}
          </ul>
          {wanted && (
            <button type="button" className="do mt-1 w-full" onClick={() => choose({ fresh: typed.trim() })}>
              New in the larder: {typed.trim()}
            </button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
