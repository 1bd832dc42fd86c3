// What was changed on a sheet, by whom and when, and each change taken back with one press: by new changes, so nothing is lost.
'use client'
import type { SheetEdit, SheetKind } from '@fair-tin/core/edit'
import { capital, spokenDay } from '@fair-tin/core/words'
import type { SheetChange } from '@fair-tin/data'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Group } from '../ui/Group'
import { editsOf } from './ask'
import { fieldWords, SheetClashes, valueWords } from './SheetClashes'
import { useAsked } from './useAsked'
import { useSheet } from './useSheet'

const shownAtOnce = 5
const editWords = ({ at, was, to }: SheetEdit): string =>
  at[0] === 'removed'
    ? to === null
      ? 'Put back'
      : 'Taken out'
    : `${capital(fieldWords(at))}: ${valueWords(was)} → ${valueWords(to)}`

export function SheetHistory({ kind, id }: { kind: SheetKind; id: string }) {
  const router = useRouter()
  const { said, problem } = useAsked<{ changes: SheetChange[] }>(editsOf(kind, id))
  const { clashes, takeBack, settle } = useSheet(kind)
  const [all, setAll] = useState(false)
  const [refused, setRefused] = useState('')
  const [busy, start] = useTransition()
  const act = (work: () => ReturnType<typeof takeBack>, done: string) =>
    start(async () => {
      const sent = await work()
      setRefused(sent.kept ? '' : sent.problems.map(one => one.message).join(' '))
      if (sent.kept) toast(done)
      router.refresh()
    })
  const changes = said?.changes ?? []
  return (
    <Group title="What was changed">
      {problem && <p className="text-unproven">{problem}</p>}
      {!said && !problem && <p className="text-quiet">Reading …</p>}
      {said && changes.length === 0 && <p className="text-quiet">Nothing since it was made.</p>}
      <SheetClashes
        clashes={clashes}
        onMine={clash => act(() => settle(id, clash, true), 'It is taken back.')}
        onTheirs={clash => void settle(id, clash, false)}
      />
      {refused && (
        <p role="alert" className="text-breaks">
          {refused}
        </p>
      )}
      <ul>
        {changes.slice(0, all ? changes.length : shownAtOnce).map(change => (
          <li
            key={change.entry}
            className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-3 border-t border-hair/60 py-1 first:border-0"
          >
            <div className="min-w-0">
              <p className="text-[13px] text-quiet">
                {change.person}, {spokenDay(change.at.slice(0, 10))}
              </p>
              {change.edits.map(edit => (
                <p key={JSON.stringify(edit.at)} className="break-words">
                  {editWords(edit)}
                </p>
              ))}
            </div>
            <button
              type="button"
              className="word-link"
              disabled={busy}
              aria-label={`Take back: ${change.edits.map(editWords).join('; ')}`}
              onClick={() => act(() => takeBack(id, change.edits), 'It is taken back.')}
            >
              Take back
            </button>
          </li>
        ))}
      </ul>
      {!all && changes.length > shownAtOnce && (
        <button type="button" className="word-link" onClick={() => setAll(true)}>
          {changes.length - shownAtOnce} more
        </button>
      )}
    </Group>
  )
}
