// One thing of the larder, by a few letters of its name; what the recipe itself names stands first.
'use client'
import type { Ingredient } from '@fair-tin/core/model'
import { useState } from 'react'

const most = 12
/** Every word typed begins a word of the name. */
export function found(larder: readonly Ingredient[], typed: string, first: readonly string[]): Ingredient[] {
  const wanted = typed.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const words = (one: Ingredient) => one.name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const fits = larder.filter(one => wanted.every(start => words(one).some(word => word.startsWith(start))))
  const rank = (one: Ingredient) => (first.includes(one.id) ? 0 : words(one)[0]?.startsWith(wanted[0] ?? '') ? 1 : 2)
  return fits.sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name, 'en'))
}

export function ChooseThing({
  larder,
  trouble,
  first,
  chosen,
  onChoose,
  label,
}: {
  /** Null until it is read. */
  larder: readonly Ingredient[] | null
  trouble: string
  first: readonly string[]
  chosen: Ingredient | null
  onChoose: (thing: Ingredient | null) => void
  label: string
}) {
  const [typed, setTyped] = useState('')
  const all = larder && (typed.trim() !== '' || first.length > 0) ? found(larder, typed, first) : []
  const shown = (typed.trim() === '' ? all.filter(one => first.includes(one.id)) : all).slice(0, most)
  if (chosen)
    return (
      <p className="flex min-h-[52px] items-center gap-3">
        <b className="text-[20px]">{chosen.name}</b>
        <button type="button" className="word-link min-h-[44px]" onClick={() => onChoose(null)}>
          Choose another
        </button>
      </p>
    )
  return (
    <div>
      <label className="text-quiet">
        {label}
        <input
          className="field !min-h-[52px] text-[18px] text-ink"
          autoComplete="off"
          maxLength={80}
          value={typed}
          onChange={event => setTyped(event.target.value)}
          placeholder="a few letters"
        />
      </label>
      {larder === null && <p className="text-quiet">{trouble || 'Reading the larder …'}</p>}
      <ul className="mt-2 flex flex-wrap gap-2">
        {shown.map(one => (
          <li key={one.id}>
            <button type="button" className="slab !min-h-[48px] !px-3 !text-[16px]" onClick={() => onChoose(one)}>
              {one.name}
            </button>
          </li>
        ))}
      </ul>
      {larder !== null && typed.trim() !== '' && all.length === 0 && (
        <p className="text-unproven">
          Nothing of that name is in the larder. Put it there first, so that its allergens are known.
        </p>
      )}
      {all.length > most && typed.trim() !== '' && (
        <p className="text-quiet">And {all.length - most} more: type another letter.</p>
      )}
    </div>
  )
}
