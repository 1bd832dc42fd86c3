// All that is weighed, in order: what is in, what is next, what is still to come.
'use client'
import type { Item } from '@fair-tin/core/batch'
import { weighed } from '@fair-tin/core/words'
import { Check, TriangleAlert } from 'lucide-react'
import { useEffect, useRef } from 'react'

const headNames = { tin: 'For the tin', top: 'On top', after: 'After the bake' } as const
/** Over a place that begins another part of the work; null where it goes on. */
const headOf = (item: Item, before: Item | undefined): string | null => {
  const head = (one: Item) => (one.where === 'bowl' ? (one.part ?? 'In the bowl') : headNames[one.where])
  return !before || head(before) !== head(item) ? head(item) : null
}

export function WeighList({
  items,
  current,
  onChoose,
}: {
  items: readonly Item[]
  current: string
  onChoose: (key: string) => void
}) {
  const here = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' })
  }, [current])
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
    <section className="pane min-h-0 overflow-y-auto max-md:max-h-[30vh]" tabIndex={0} aria-label="What is weighed">
      <ol>
        {items.map((item, at) => {
          const head = headOf(item, items[at - 1])
          const on = item.key === current
          return (
            <li key={item.key}>
              {head && <h3 className="border-b border-hair bg-page px-4 py-1 text-[13px]">{head}</h3>}
              <button
                ref={on ? here : undefined}
                type="button"
                aria-current={on ? 'step' : undefined}
                onClick={() => onChoose(item.key)}
                className={`flex min-h-[46px] w-full items-center gap-2 border-b border-hair px-4 py-1 text-left text-[16px] ${on ? 'bg-navy font-bold text-white' : item.done ? 'text-quiet' : ''}`}
              >
                {item.over ? (
                  <TriangleAlert size={18} aria-label="too much" className="shrink-0" />
                ) : item.done ? (
                  <Check size={18} aria-label="done" className="shrink-0" />
                ) : null}
                <span className="min-w-0 flex-1">
                  <span className="break-words">{item.now?.name ?? item.name}</span>
                  {item.now && (
                    <span className={`block text-[13px] ${on ? '' : 'text-unproven'}`}>instead of {item.name}</span>
                  )}
                </span>
                <span className="figure shrink-0 text-right">
                  {item.target === 0
                    ? 'left out'
                    : item.weighed > 0
                      ? `${weighed(item.weighed)}${item.done ? '' : ` of ${item.target === null ? '?' : weighed(item.target)}`}`
                      : item.target === null
                        ? '?'
                        : weighed(item.target)}
                </span>
              </button>
            </li>
          )
        })}
      </ol>
    </section>
  )
}
