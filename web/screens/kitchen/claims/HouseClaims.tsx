// Claims that no law defines, each by a list that she makes: what must not be in it, and how much carbohydrate.
'use client'
import type { KitchenSheet } from '@fair-tin/core/edit'
import {
  addedTo,
  carbohydrateCounts,
  carbohydrateFormula,
  claimName,
  type NamedClaim,
  refusedKindName,
  refusedKinds,
  ruledClaims,
} from '@fair-tin/core/model'
import { fullList } from '@fair-tin/core/words'
import { useCallback } from 'react'
import { Choose } from '../../../ui/Choose'
import { type EntryProps, KitchenList } from '../KitchenList'
import { claimOfDraft, newRule, type RuleDraft, ruleDraft, rulesFrom, startingWith } from './draft'

export function HouseClaims({
  kitchen,
  usedBy,
  mayChange,
}: {
  kitchen: KitchenSheet
  /** Products by claim. */
  usedBy: Record<string, string[]>
  mayChange: boolean
}) {
  const Entry = useCallback(
    ({ draft, all, ...rest }: EntryProps<RuleDraft>) => (
      <Rule
        draft={draft}
        users={usedBy[claimOfDraft(draft)] ?? []}
        taken={all.flatMap(one => (one === draft || one.known === '' ? [] : [one.known]))}
        {...rest}
      />
    ),
    [usedBy],
  )
  return (
    <KitchenList
      field="houseRules"
      shelf="house-claims"
      title="Claims of the house"
      intro={`No law says what these mean, so you do: the list stands beside every verdict. What nobody has said of an ingredient leaves them unproven, like any other claim. A claim the law defines cannot be had under another name.${mayChange ? '' : ' The owner, and whoever signs, can change them.'}`}
      keeps="the claims"
      told="The claims of the house are kept. Every product was checked again."
      add="Make another claim"
      kitchen={kitchen}
      mayChange={mayChange}
      draftOf={ruleDraft}
      newDraft={newRule}
      fromDrafts={rulesFrom}
      Entry={Entry}
    />
  )
}

function Rule({
  draft,
  problem,
  users,
  taken,
  onChange,
  onRemove,
}: {
  draft: RuleDraft
  problem: string | undefined
  users: readonly string[]
  taken: readonly NamedClaim[]
  onChange: (to: Partial<RuleDraft>) => void
  onRemove: () => void
}) {
  const title = draft.known === '' ? draft.name.trim() || 'A new claim' : claimName[draft.known]
  return (
    <fieldset className="flex flex-col gap-2 rounded-lg border border-hair bg-pane p-3" aria-label={title}>
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-52">
          <span className="text-[13px] text-quiet">What it is about</span>
          <Choose
            label="What it is about"
            value={draft.known === '' ? 'own' : draft.known}
            options={[
              { value: 'own', label: 'a claim of our own' },
              ...ruledClaims
                .filter(one => !taken.includes(one))
                .map(one => ({
                  value: one,
                  label: addedTo.includes(one) ? `more for ${claimName[one]}` : claimName[one],
                })),
            ]}
            onChange={known => onChange(startingWith(draft, known === 'own' ? '' : (known as NamedClaim)))}
          />
        </div>
        {draft.known === '' && (
          <label className="min-w-48 flex-1 text-[13px] text-quiet">
            As it is said
            <input
              className="field text-ink"
              maxLength={60}
              placeholder="no white flour"
              value={draft.name}
              onChange={event => onChange({ name: event.target.value })}
            />
          </label>
        )}
        <button type="button" className="do" aria-label={`Take out ${title}`} onClick={onRemove}>
          Take out
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-2 gap-2">
        {(
          [
            ['words', 'Words it may not hold, one a row', 'white flour'],
            ['but', 'What only sounds like one', 'flour paper'],
          ] as const
        ).map(([field, label, hint]) => (
          <label key={field} className="text-[13px] text-quiet">
            {label}
            <textarea
              className="field min-h-24 text-ink"
              maxLength={6000}
              placeholder={hint}
              value={draft[field]}
              onChange={event => onChange({ [field]: event.target.value })}
            />
          </label>
        ))}
      </div>
      <fieldset className="grid grid-cols-2 gap-x-3 gap-y-0.5">
        <legend className="text-[13px] text-quiet">Kinds it may not hold</legend>
        {refusedKinds.map(kind => (
          <label key={kind} className="flex min-h-[24px] items-center gap-1.5 pointer-coarse:min-h-[44px]">
            <input
              type="checkbox"
              className="size-[20px] shrink-0 accent-damson"
              checked={draft.kinds.includes(kind)}
              onChange={event =>
                onChange({
                  kinds: refusedKinds.filter(one => (one === kind ? event.target.checked : draft.kinds.includes(one))),
                })
              }
            />
            {refusedKindName[kind]}
          </label>
        ))}
      </fieldset>
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-80">
          <span className="text-[13px] text-quiet">Carbohydrate at most, counted as</span>
          <Choose
            label="Carbohydrate at most, counted as"
            value={draft.counted === '' ? 'no' : draft.counted}
            options={[
              { value: 'no', label: 'not asked' },
              ...carbohydrateCounts.map(one => ({ value: one, label: carbohydrateFormula[one] })),
            ]}
            onChange={counted => onChange({ counted: counted === 'no' ? '' : (counted as RuleDraft['counted']) })}
          />
        </div>
        {draft.counted !== '' && (
          <>
            <label className="w-20 text-[13px] text-quiet">
              grams
              <input
                className="field text-ink"
                inputMode="decimal"
                maxLength={6}
                value={draft.atMost}
                onChange={event => onChange({ atMost: event.target.value })}
              />
            </label>
            <div className="w-28">
              <span className="text-[13px] text-quiet">in</span>
              <Choose
                label="in"
                value={draft.per}
                options={[
                  { value: '100g', label: '100 g' },
                  { value: 'piece', label: 'a piece' },
                ]}
                onChange={per => onChange({ per: per as RuleDraft['per'] })}
              />
            </div>
          </>
        )}
      </div>
      <p className="text-[13px] text-quiet">
        {users.length > 0
          ? `Claimed by ${fullList(users)}.`
          : 'No product claims it. It is ticked on a bench, under About.'}
      </p>
    </fieldset>
  )
}
