// Documents with their dates: what a status or a record rests on.
'use client'
import { type Evidence, evidenceKindName, evidenceKinds } from '@fair-tin/core/model'
import { v4 } from 'uuid'
import { Choose } from './Choose'
import { DayField } from './DayField'

export interface EvidenceRow {
  id: string
  kind: Evidence['kind']
  reference: string
  dated: string
  expires: string
  reviewed: string
  reviewedBy: string
}
export const newEvidence = (): EvidenceRow => ({
  id: `e-${v4()}`,
  kind: 'specification',
  reference: '',
  dated: '',
  expires: '',
  reviewed: '',
  reviewedBy: '',
})
export const rowOf = ({ id, kind, reference, dated, expires, reviewed, reviewedBy }: Evidence): EvidenceRow => ({
  id,
  kind,
  reference,
  dated,
  expires: expires ?? '',
  reviewed: reviewed ?? '',
  reviewedBy: reviewedBy ?? '',
})
/** The row as evidence; what the row does not show is kept from what it was. */
export function evidenceOf(row: EvidenceRow, before: readonly Evidence[]): Evidence {
  const { expires: _, reviewed: __, reviewedBy: ___, ...old } = before.find(known => known.id === row.id) ?? {}
  return {
    ...old,
    id: row.id,
    kind: row.kind,
    reference: row.reference.trim(),
    dated: row.dated,
    ...(row.expires ? { expires: row.expires } : {}),
    ...(row.reviewed ? { reviewed: row.reviewed } : {}),
    ...(row.reviewedBy.trim() ? { reviewedBy: row.reviewedBy.trim() } : {}),
  }
}

export function EvidenceRows({
  rows,
  onChange,
  refusal,
}: {
  rows: readonly EvidenceRow[]
  onChange: (rows: EvidenceRow[]) => void
  refusal: (path: string) => string | undefined
}) {
  const set = (at: number, change: Partial<EvidenceRow>) =>
    onChange(rows.map((row, index) => (index === at ? { ...row, ...change } : row)))
  const words = (at: number, name: 'reference' | 'reviewedBy', label: string) => (
    <label className="flex flex-col text-[13px] text-quiet">
      {label}
      <input
        className="field text-ink"
        value={rows[at]![name]}
        maxLength={200}
        aria-invalid={refusal(`evidence.${at}.${name}`) ? true : undefined}
        onChange={event => set(at, { [name]: event.target.value })}
      />
      {refusal(`evidence.${at}.${name}`) && <span className="text-breaks">{refusal(`evidence.${at}.${name}`)}</span>}
    </label>
  )
  const day = (at: number, name: 'dated' | 'expires' | 'reviewed', label: string) => (
    <DayField
      label={label}
      value={rows[at]![name]}
      problem={refusal(`evidence.${at}.${name}`)}
      onChange={iso => set(at, { [name]: iso })}
    />
  )
  return (
    <div className="@container">
      {rows.map((row, at) => (
        <div key={row.id} className="mb-1.5 grid grid-cols-2 items-end gap-2 border-b border-hair pb-2 @lg:grid-cols-4">
          <div className="text-[13px] text-quiet">
            Kind
            <Choose
              label="Kind of proof"
              value={row.kind}
              onChange={kind => set(at, { kind: kind as Evidence['kind'] })}
              options={evidenceKinds.map(kind => ({ value: kind, label: evidenceKindName[kind] }))}
            />
          </div>
          {words(at, 'reference', 'Reference')}
          {day(at, 'dated', 'Dated')}
          {day(at, 'expires', 'Runs out')}
          {day(at, 'reviewed', 'Read over on')}
          {words(at, 'reviewedBy', 'By')}
          <button
            type="button"
            className="word-link justify-self-start pb-1.5"
            onClick={() => onChange(rows.filter((_, index) => index !== at))}
          >
            Remove
          </button>
        </div>
      ))}
      <button type="button" className="do" onClick={() => onChange([...rows, newEvidence()])}>
        Add a document
      </button>
    </div>
  )
}
