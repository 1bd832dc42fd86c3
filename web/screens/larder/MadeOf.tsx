// What it is made of: the list as on the pack, read into a tree to put right, and the allergens its words speak of.
'use client'
import { kindQuestion, readStatement } from '@fair-tin/core/ingredient'
import { compositionText } from '@fair-tin/core/label'
import { type AllergenCode, allergenName } from '@fair-tin/core/model'
import { useMemo } from 'react'
import { Choose } from '../../ui/Choose'
import { Group } from '../../ui/Group'
import { StatementTree } from './StatementTree'
import type { Sheet } from './sheet'

export function MadeOf({
  sheet,
  put,
  refusal,
}: {
  sheet: Sheet
  put: (change: Partial<Sheet>) => void
  refusal: (path: string) => string | undefined
}) {
  const read = useMemo(
    () => (sheet.madeOf === 'list' && sheet.statement.trim() ? readStatement(sheet.statement) : null),
    [sheet.madeOf, sheet.statement],
  )
  const tree = sheet.tree ?? read?.components ?? []
  const proposals: [AllergenCode, 'contains' | 'mayContain'][] = read
    ? [
        ...read.contains.map(code => [code, 'contains'] as [AllergenCode, 'contains']),
        ...read.mayContain.map(code => [code, 'mayContain'] as [AllergenCode, 'mayContain']),
      ]
    : []
  const open = proposals.filter(([code, status]) => {
    const now = sheet.allergens[code].status
    return now !== status && now !== 'contains'
  })
  return (
    <Group title="What it is made of">
      <div className="mb-2 w-64">
        <Choose
          label="Made of"
          value={sheet.madeOf}
          onChange={madeOf => put({ madeOf: madeOf as Sheet['madeOf'] })}
          options={[
            { value: 'unknown', label: 'Nobody has said' },
            { value: 'single', label: 'One single thing' },
            { value: 'list', label: 'The list on its pack' },
          ]}
        />
      </div>
      {sheet.madeOf === 'list' && (
        <label className="flex flex-col text-[13px] text-quiet">
          The ingredient list, as on the pack, with its warnings
          <textarea
            className="field min-h-16 text-[14px] text-ink"
            value={sheet.statement}
            aria-invalid={refusal('statement') ? true : undefined}
            onChange={event => put({ statement: event.target.value, tree: null })}
            maxLength={6000}
          />
          {refusal('statement') && <span className="text-breaks">{refusal('statement')}</span>}
        </label>
      )}
      {read && (
        <>
          {read.doubts.map(doubt => (
            <p key={doubt} className="mt-1 text-[13px] text-unproven">
              {doubt}
            </p>
          ))}
          <p className="mt-1 text-[13px] text-quiet">
            Read as {tree.length} {tree.length === 1 ? 'thing' : 'things'}. Put right what is read wrongly:
          </p>
          <StatementTree components={tree} onChange={next => put({ tree: next, statement: compositionText(next) })} />
          {open.length > 0 && (
            <div className="mt-2 rounded-lg border-2 border-unproven bg-[#fdf7e8] px-3 py-2 text-[13.5px]">
              <p>
                Its words speak of{' '}
                {open.map(([code, status], at) => (
                  <span key={code}>
                    {at > 0 && ', '}
                    <b>{allergenName[code]}</b> {status === 'mayContain' && '(may contain) '}
                    <span className="text-quiet">“{read.words[code]}”</span>
                  </span>
                ))}
                .{' '}
                <button
                  type="button"
                  className="word-link"
                  onClick={() => {
                    const next = { ...sheet.allergens }
                    for (const [code, status] of open) next[code] = { ...next[code], status }
                    put({ allergens: next })
                  }}
                >
                  Put that down
                </button>
              </p>
              <p className="text-quiet">What it does not mention stays unknown until somebody answers for it.</p>
            </div>
          )}
          {read.groups
            .filter(({ codes }) => !codes.some(code => sheet.allergens[code].status === 'contains'))
            .map(group => (
              <p key={kindQuestion(group)} className="mt-1 text-[13px] text-unproven">
                {kindQuestion(group)}
              </p>
            ))}
          {read.unread.length > 0 && (
            <p className="mt-1 text-[13px] text-quiet">Left as text, and proof of nothing: {read.unread.join(' ')}</p>
          )}
        </>
      )}
    </Group>
  )
}
