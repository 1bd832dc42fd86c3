// The journal: every change, who made it and when, of which fields. What they were before and after stands with the thing itself.

import { fullList } from '@fair-tin/core/words'
import type { JournalLine } from '@fair-tin/data'
import Link from 'next/link'
import { RecordsNav } from './RecordsNav'

export interface JournalRow extends JournalLine {
  /** What it is called. */
  name: string
  href: string | null
  /** As it is told here. */
  when: string
}

const kindWords: Record<string, string> = {
  ingredient: 'ingredient',
  pack: 'price of',
  recipe: 'recipe',
  recipe_version: 'version of',
  product: 'product',
  product_money: 'pricing of',
  kitchen: 'kitchen record',
  kitchen_money: 'what the kitchen costs',
  delivery: 'delivery of',
  stock_entry: 'stock',
  hold_entry: 'lot held or let go',
  part_entry: 'part on the shelf',
  order_line: 'order',
  price_list: 'price list of',
  trial: 'trial',
  batch: 'batch',
  batch_entry: 'entry of a batch',
  sign_off: 'signature',
  evidence_file: 'paper of',
  picture: 'picture',
  practice_entry: 'practice',
  cleaning_entry: 'cleaning or test',
  staff: 'who works here',
}
const changeWords = { insert: 'put down', update: 'changed', delete: 'taken out' } as const
/** "bakeLoss" as one reads it. */
const spoken = (field: string) =>
  field.replace(/_/g, ' ').replace(/([a-z])([A-Z])/g, (_, a, b) => `${a} ${b.toLowerCase()}`)

export function Journal({ rows, older }: { rows: JournalRow[]; older: number | null }) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Journal</h1>
        <RecordsNav here="journal" />
      </div>
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Journal">
          {rows.length === 0 && <p className="p-6 text-quiet">Nothing was changed yet.</p>}
          <ol>
            {rows.map(one => (
              <li
                key={one.entry}
                className="grid grid-cols-[150px_minmax(110px,180px)_1fr] gap-x-4 border-b border-hair/60 px-4 py-1.5 last:border-0 max-sm:grid-cols-1"
              >
                <span className="text-quiet">{one.when}</span>
                <span className="break-words">{one.person}</span>
                <span className="min-w-0 break-words">
                  <Subject {...one} /> {changeWords[one.change]}
                  {one.fields.length > 0 && <span className="text-quiet">: {fullList(one.fields.map(spoken))}</span>}
                </span>
              </li>
            ))}
          </ol>
          {older !== null && (
            <p className="px-4 py-2">
              <Link href={`/records/journal?before=${older}`} className="word-link">
                Further back
              </Link>
            </p>
          )}
        </section>
      </div>
    </section>
  )
}

/** "ingredient teff flour"; what has no name of its own is told by what it is. */
function Subject({ kind, name, href }: Pick<JournalRow, 'kind' | 'name' | 'href'>) {
  const what = kindWords[kind] ?? spoken(kind)
  const called = name || what.replace(/ of$/, '')
  return (
    <>
      {name && `${what} `}
      {href ? (
        <Link href={href} className="word-link">
          {called}
        </Link>
      ) : (
        <b className="font-semibold">{called}</b>
      )}
    </>
  )
}
