// Is it sold, in what pack, how does it keep, and what does it claim? What is decided here goes to the product.
'use client'
import type { ReactNode } from 'react'
import { Choose } from '../../ui/Choose'
import { ClaimTicks } from './ClaimTicks'
import type { DraftField } from './DraftField'
import type { Draft } from './draft'

const marks = [
  { value: 'bestBefore', label: 'best before: for quality' },
  { value: 'useBy', label: 'use by: for safety' },
]

export function SellIt({
  draft,
  edit,
  field,
  markProblem,
}: {
  draft: Draft
  edit: (change: (draft: Draft) => Draft) => void
  field: DraftField
  markProblem: string | undefined
}): ReactNode {
  return (
    <>
      {draft.sell && <ClaimTicks claims={draft.claims} onChange={claims => edit(now => ({ ...now, claims }))} />}
      <div className="flex flex-wrap items-start gap-x-3 gap-y-2">
        <label className="flex items-center gap-2 self-center">
          <input
            type="checkbox"
            className="size-[24px] accent-damson"
            checked={draft.sell}
            onChange={event => edit(now => ({ ...now, sell: event.target.checked }))}
          />
          I sell it, in packs of
        </label>
        {draft.sell && (
          <>
            {field('packPieces', 'pieces', 'w-20')}
            {field('packGrams', 'net weight, g', 'w-40', 'follows the recipe')}
            {field('keepsDays', 'keeps, days', 'w-24', 'not said')}
            {draft.keepsDays.trim() !== '' && (
              <>
                <div className="flex w-44 flex-col text-[13px] text-quiet">
                  its date is
                  <Choose
                    label="Its date is"
                    value={draft.keepsMark}
                    placeholder="choose"
                    options={marks}
                    onChange={mark => edit(now => ({ ...now, keepsMark: mark as Draft['keepsMark'] }))}
                  />
                  {markProblem && <span className="text-breaks">{markProblem}</span>}
                </div>
                {field('keepsStorage', 'kept', 'min-w-48 flex-1', 'in an airtight tin')}
              </>
            )}
          </>
        )}
      </div>
    </>
  )
}
