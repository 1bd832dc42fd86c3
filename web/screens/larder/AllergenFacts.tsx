// Every allergen's status and what it rests on. Unknown is the start, and never free.
'use client'
import {
  type AllergenCode,
  type AllergenStatus,
  allergenCodes,
  allergenName,
  allergenStatusName,
  evidenceKindName,
} from '@fair-tin/core/model'
import { toast } from 'sonner'
import { Choose, type Option } from '../../ui/Choose'
import { Group } from '../../ui/Group'
import type { Sheet } from './sheet'

const statusOptions = (['unknown', 'free', 'mayContain', 'contains'] satisfies AllergenStatus[]).map(value => ({
  value,
  label: allergenStatusName[value],
}))

/** The documents on file, to choose what a fact rests on. */
export const proofOptions = (sheet: Sheet): Option[] => [
  { value: '-', label: 'no proof' },
  ...sheet.evidence.map(one => ({ value: one.id, label: one.reference || evidenceKindName[one.kind] })),
]

/** `spoken`: for each allergen the word in the names or the statement that speaks of it. */
export function AllergenFacts({
  sheet,
  put,
  spoken,
  refusal,
  exemptHere,
}: {
  sheet: Sheet
  put: (change: Partial<Sheet>) => void
  spoken: ReadonlyMap<AllergenCode, string>
  refusal: (path: string) => string | undefined
  /** Contained in what some market calls an exempt form, and how it calls it. */
  exemptHere: ReadonlyMap<AllergenCode, string>
}) {
  const unknowns = allergenCodes.filter(code => sheet.allergens[code].status === 'unknown').length
  const proofs = proofOptions(sheet)
  const setAllergen = (code: AllergenCode, change: Partial<Sheet['allergens'][AllergenCode]>) =>
    put({ allergens: { ...sheet.allergens, [code]: { ...sheet.allergens[code], ...change } } })
  return (
    <Group
      title="Allergens"
      note={
        unknowns > 0
          ? `${unknowns} unknown. Unknown is never free: it stays unknown until somebody answers for it.`
          : 'Every one is answered.'
      }
    >
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <span className="text-quiet">Where the document names none:</span>
        <button
          type="button"
          className="do"
          disabled={sheet.evidence.length === 0 || unknowns === 0}
          onClick={() => {
            const before = sheet.allergens
            const evidence = sheet.evidence[0]!.id
            put({
              allergens: Object.fromEntries(
                allergenCodes.map(code => [
                  code,
                  before[code].status === 'unknown' && !spoken.has(code) ? { status: 'free', evidence } : before[code],
                ]),
              ) as Sheet['allergens'],
            })
            toast('The unknown ones are free, on that document.', {
              action: { label: 'Undo', onClick: () => put({ allergens: before }) },
            })
          }}
        >
          Put the unknown ones down as free
          {sheet.evidence[0]?.reference ? ` on ${sheet.evidence[0].reference}` : ''}
        </button>
      </div>
      <table className="w-full text-left">
        <thead className="text-quiet">
          <tr>
            <th className="w-28 font-normal">Allergen</th>
            <th className="w-36 font-normal">Status</th>
            <th className="font-normal">Rests on</th>
          </tr>
        </thead>
        <tbody>
          {allergenCodes.map(code => {
            const { status, evidence } = sheet.allergens[code]
            const word = spoken.get(code)
            const conflict = word !== undefined && (status === 'free' || status === 'unknown')
            return (
              <tr key={code} className="align-top">
                <td className="py-0.5">{allergenName[code]}</td>
                <td className="py-0.5 pr-2">
                  <Choose
                    label={`Status for ${allergenName[code]}`}
                    value={status}
                    options={statusOptions}
                    onChange={value => setAllergen(code, { status: value as AllergenStatus })}
                  />
                </td>
                <td className="py-0.5">
                  {status !== 'unknown' && (
                    <Choose
                      label={`Proof for ${allergenName[code]}`}
                      value={evidence || '-'}
                      options={proofs}
                      onChange={value => setAllergen(code, { evidence: value === '-' ? '' : value })}
                    />
                  )}
                  {(sheet.exempt.includes(code) || exemptHere.has(code)) && (
                    <label className="mt-1 flex items-center gap-1.5 text-[13px] text-quiet">
                      <input
                        type="checkbox"
                        className="size-[20px] accent-damson pointer-coarse:size-[28px]"
                        checked={sheet.exempt.includes(code)}
                        onChange={event =>
                          put({
                            exempt: event.target.checked
                              ? [...sheet.exempt, code]
                              : sheet.exempt.filter(one => one !== code),
                          })
                        }
                      />
                      the document says: {exemptHere.get(code) ?? 'a form no market names'}, exempt from declaring
                    </label>
                  )}
                  {code === 'sulphites' && (status === 'contains' || status === 'mayContain') && (
                    <label className="mt-1 flex flex-wrap items-baseline gap-1.5 text-[13px] text-quiet">
                      At most
                      <input
                        className="field !w-20 text-ink"
                        inputMode="decimal"
                        maxLength={10}
                        value={sheet.sulphites}
                        aria-invalid={refusal('sulphites') ? true : undefined}
                        onChange={event => put({ sulphites: event.target.value })}
                      />
                      mg/kg of SO2. Empty is not known, and is declared.
                      {refusal('sulphites') && <span className="text-breaks">{refusal('sulphites')}</span>}
                    </label>
                  )}
                  {conflict && (
                    <p className="text-[13px] text-breaks">
                      “{word}” speaks of {allergenName[code]}. Until that is settled every claim on it is unproven.
                    </p>
                  )}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </Group>
  )
}
