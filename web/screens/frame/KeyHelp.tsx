// The keys, on `?`.
'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { Modal } from '../../ui/Modal'

const keys: [string, string][] = [
  ['/', 'find anything'],
  ['?', 'this list'],
  ['g then t, r, l, o, b, s, c or k', 'go to Today, Recipes, the Larder, Orders, Bake, Labels, Records or the Kitchen'],
  ['n', 'paste a new recipe (on Recipes), new ingredient (in the Larder)'],
  ['b', 'batch size (on a product)'],
  ['[  and  ]', 'halve and double the batch'],
  ['1 to 8', 'turn the lid: label, cost, proof, method, batch, blend, about the product, nutrition'],
  ['e', 'edit the recipe (on a product)'],
  ['u  and  U', 'undo and redo (on a product)'],
  ['h', 'kept versions (on a product)'],
  ['t', 'trials: try something, beside today (on a product)'],
  ['Alt with ↑ or ↓', 'move the line in focus up or down (on a product)'],
  ['Space and Enter', 'tare the scale, take the weight (at the weigh-out)'],
  ['Tab, arrows, Enter, Esc', 'reach, move, open and close everything'],
]

const stations: Record<string, string> = {
  t: '/',
  r: '/recipes',
  l: '/larder',
  o: '/orders',
  b: '/bake',
  s: '/labels',
  c: '/records',
  k: '/kitchen',
}

/** True where a key is part of what someone is typing. */
export const isTyping = (event: KeyboardEvent): boolean =>
  event.ctrlKey ||
  event.metaKey ||
  event.altKey ||
  (event.target instanceof HTMLElement && /^(?:INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)) ||
  document.querySelector('[role="dialog"],[role="listbox"]') !== null

export function KeyHelp() {
  const [open, setOpen] = useState(false)
  const router = useRouter()
  useEffect(() => {
    let before = ''
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return
      if (event.key === '?') setOpen(true)
      else if (before === 'g' && event.key in stations) router.push(stations[event.key]!)
      else if (event.key === 'n') {
        if (window.location.pathname === '/recipes') router.push('/recipes/new')
        if (window.location.pathname === '/larder') router.push('/larder/new')
      }
      before = event.key
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [router])
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="rounded-md border border-hair bg-pane px-2 py-0.5 font-figure text-[12.5px] text-quiet max-md:hidden"
        aria-label="Keys"
      >
        ?
      </button>
      <Modal open={open} onClose={() => setOpen(false)} title="Keys">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          {keys.map(([key, what]) => (
            <div key={key} className="contents">
              <dt className="figure font-bold">{key}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <button type="button" className="do do-first mt-4" onClick={() => setOpen(false)}>
          Close
        </button>
      </Modal>
    </>
  )
}
