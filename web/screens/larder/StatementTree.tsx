// What a bought thing is made of, as the tree that was read: each name and share can be put right.
'use client'
import { mentions } from '@fair-tin/core/ingredient'
import type { Component } from '@fair-tin/core/model'
import { typedNumber } from '@fair-tin/core/words'

export function StatementTree({
  components,
  onChange,
  depth = 0,
}: {
  components: readonly Component[]
  onChange: (components: Component[]) => void
  depth?: number
}) {
  const set = (at: number, next: Component | null) =>
    onChange(components.flatMap((one, index) => (index === at ? (next ? [next] : []) : [one])))
  return (
    <ul
      className={depth === 0 ? 'mt-1' : 'ml-3 border-l border-hair pl-3'}
      aria-label={depth === 0 ? 'Read as' : undefined}
    >
      {components.map((one, at) => (
        <li key={at} className="py-0.5">
          <div className="flex items-center gap-1.5">
            {one.functionClass && <span className="shrink-0 text-[12.5px] text-quiet">{one.functionClass}</span>}
            <input
              className={`field !min-h-[24px] !py-0 ${mentions(one.name).length > 0 ? 'font-bold' : ''}`}
              aria-label={`Name of part ${at + 1}`}
              value={one.name}
              maxLength={200}
              onChange={event => set(at, { ...one, name: event.target.value })}
            />
            {one.eNumber && one.eNumber !== one.name && (
              <span className="shrink-0 text-[12.5px] text-quiet">{one.eNumber}</span>
            )}
            <input
              className="field figure !min-h-[24px] !w-16 !py-0 text-right"
              aria-label={`Share of ${one.name}, %`}
              inputMode="decimal"
              placeholder="%"
              value={one.percent ?? ''}
              onChange={event => {
                const { percent: _, ...rest } = one
                const value = typedNumber(event.target.value)
                set(
                  at,
                  event.target.value.trim() === '' || !(value >= 0 && value <= 100) ? rest : { ...one, percent: value },
                )
              }}
            />
            <button
              type="button"
              className="word-link min-h-[24px] shrink-0 text-[13px]"
              aria-label={`Take out ${one.name}`}
              onClick={() => set(at, null)}
            >
              Remove
            </button>
          </div>
          {one.components && (
            <StatementTree
              components={one.components}
              depth={depth + 1}
              onChange={inner => {
                const { components: _, ...rest } = one
                set(at, inner.length > 0 ? { ...one, components: inner } : rest)
              }}
            />
          )}
        </li>
      ))}
    </ul>
  )
}
