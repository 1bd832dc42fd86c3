// A list of the kitchen's on a page of its own, kept as a whole: claims of the house, label stock, label designs. What is left open is there again;
// where somebody else changed the same entry, both are shown.
'use client'
import { type KitchenSheet, sheetEdits } from '@fair-tin/core/edit'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { type ReactNode, useCallback, useState, useTransition } from 'react'
import { SheetClashes } from '../SheetClashes'
import { useLeftOpen } from '../useLeftOpen'
import { tellKept, useSheet } from '../useSheet'
import { KeepOrLeave } from './KeepOrLeave'

interface Form<V, D> {
  drafts: D[]
  before: V[]
}
export interface EntryProps<D> {
  draft: D
  all: readonly D[]
  problem: string | undefined
  onChange: (to: Partial<D>) => void
  onRemove: () => void
}

/** Of another build, what was left open may have other fields: then it is as it stands in the books. */
function isForm<V, D extends object>(left: unknown, like: D): left is Form<V, D> {
  const { drafts, before } = (left ?? {}) as Partial<Form<V, Record<string, unknown>>>
  const shape = (of: object) =>
    Object.entries(of)
      .map(([key, value]) => `${key} ${Array.isArray(value) ? 'list' : typeof value}`)
      .sort()
      .join()
  return (
    Array.isArray(drafts) &&
    Array.isArray(before) &&
    drafts.every(one => typeof one === 'object' && one !== null && shape(one) === shape(like))
  )
}

export function KitchenList<F extends 'houseRules' | 'labelStocks' | 'labelDesigns', D extends { key: string }>({
  field,
  shelf,
  title,
  intro,
  keeps,
  told,
  add,
  kitchen,
  mayChange,
  draftOf,
  newDraft,
  fromDrafts,
  Entry,
  beside,
  oneEach = false,
}: {
  field: F
  /** Where the browser keeps what is left open. */
  shelf: string
  title: string
  intro: ReactNode
  /** "the claims": what is kept. */
  keeps: string
  /** Told once they are. */
  told: string
  add: string
  kitchen: KitchenSheet
  mayChange: boolean
  draftOf: (value: NonNullable<KitchenSheet[F]>[number]) => D
  newDraft: () => D
  fromDrafts: (
    drafts: readonly D[],
  ) => { values: NonNullable<KitchenSheet[F]>[number][] } | { problems: ReadonlyMap<string, string> }
  Entry: (props: EntryProps<D>) => ReactNode
  /** Stands over the entries. */
  beside?: ReactNode
  /** Each as wide as the page. */
  oneEach?: boolean
}) {
  type Value = NonNullable<KitchenSheet[F]>[number]
  const router = useRouter()
  const [saving, start] = useTransition()
  const values = (kitchen[field] ?? []) as Value[]
  const opened = (of: Value[]): Form<Value, D> => ({ drafts: of.map(draftOf), before: of })
  const again = useCallback((left: unknown) => (isForm<Value, D>(left, newDraft()) ? left : null), [newDraft])
  const { form, open, put, forget, setForm } = useLeftOpen<Form<Value, D>>(shelf, () => opened(values), again)
  const [problems, setProblems] = useState<ReadonlyMap<string, string>>(new Map())
  const { clashes, send, takeBack, settle } = useSheet('kitchen')
  const change = (key: string, to: Partial<D>) => {
    // what was wrong with it may be right now: it is said again when it is kept
    setProblems(now => new Map([...now].filter(([of]) => of !== key)))
    put(now => ({ ...now, drafts: now.drafts.map(one => (one.key === key ? { ...one, ...to } : one)) }))
  }

  const keep = () => {
    const built = fromDrafts(form.drafts)
    setProblems('problems' in built ? built.problems : new Map())
    if ('problems' in built) return
    start(async () => {
      const edits = sheetEdits('kitchen', { [field]: form.before }, { [field]: built.values })
      const sent = await send('kitchen', edits)
      if (!sent.kept) return setProblems(new Map(sent.problems.map(one => ['', one.message])))
      forget()
      setForm(opened(built.values))
      tellKept(told, edits.length > 0 ? () => takeBack('kitchen', edits) : null, () => router.refresh())
      router.refresh()
    })
  }
  const choose = (clash: (typeof clashes)[number], mine: boolean) =>
    start(async () => {
      const sent = await settle('kitchen', clash, mine)
      if (!sent.kept) return setProblems(new Map(sent.problems.map(one => ['', one.message])))
      if (clashes.length === 1) {
        forget()
        router.refresh()
      }
    })

  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">{title}</h1>
        <Link href="/kitchen" className="word-link">
          Back to Kitchen
        </Link>
        <KeepOrLeave
          open={open}
          saving={saving}
          may={mayChange}
          keeps={keeps}
          onKeep={keep}
          onLeave={() => {
            forget()
            setForm(opened(values))
            setProblems(new Map())
          }}
        />
      </div>
      <p className="max-w-prose text-quiet">{intro}</p>
      <SheetClashes clashes={clashes} onMine={one => choose(one, true)} onTheirs={one => choose(one, false)} />
      {problems.get('') && (
        <p role="alert" className="text-breaks">
          {problems.get('')}
        </p>
      )}
      {beside}
      <div className={`grid min-h-0 flex-1 content-start gap-3 overflow-auto ${oneEach ? '' : 'lg:grid-cols-2'}`}>
        {form.drafts.map(draft => (
          <Entry
            key={draft.key}
            draft={draft}
            all={form.drafts}
            problem={problems.get(draft.key)}
            onChange={to => change(draft.key, to)}
            onRemove={() => put(now => ({ ...now, drafts: now.drafts.filter(one => one !== draft) }))}
          />
        ))}
        <button
          type="button"
          className="do self-start justify-self-start"
          onClick={() => put(now => ({ ...now, drafts: [...now.drafts, newDraft()] }))}
        >
          {add}
        </button>
      </div>
    </section>
  )
}
