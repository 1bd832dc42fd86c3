// For each allergen how it is kept out of the food, where, and with which proof; and what speaks against it.
'use client'
import { proofOf } from '@fair-tin/core/ingredient'
import {
  allergenName,
  type CrossContact,
  controlName,
  type Evidence,
  type Kitchen,
  type OnSite,
} from '@fair-tin/core/model'
import Link from 'next/link'
import { Fragment } from 'react'
import { Choose } from '../../ui/Choose'
import type { EvidenceRow } from '../../ui/EvidenceRows'
import { VerdictMark } from '../../ui/VerdictMark'
import { carries, newRow, type Row } from './draft'

const nameOf = (allergen: Row['allergen']) => (allergen === 'gluten' ? 'gluten' : allergenName[allergen])
const controls = [
  { value: '-', label: 'not assessed' },
  ...(Object.keys(controlName) as CrossContact['control'][]).map(value => ({ value, label: controlName[value] })),
]

const most = 3
/** What shows that an allergen is there although its record says that it is not. */
function Contradicted({ by }: { by: readonly OnSite[] }) {
  return (
    <tr>
      <td />
      <td colSpan={5} className="pb-1.5 text-[13px] text-unproven">
        Not so:{' '}
        {by.slice(0, most).map((one, at) => (
          <Fragment key={`${one.kind} ${one.id}`}>
            {at > 0 && '; '}
            <Link className="underline" href={one.kind === 'recipe' ? `/recipes/${one.id}` : `/larder/${one.id}`}>
              {one.fact}
            </Link>
          </Fragment>
        ))}
        {by.length > most && `; and ${by.length - most} more`}. Say how it is kept out, or take what carries it off the
        site.
      </td>
    </tr>
  )
}

export function CrossContactTable({
  rows,
  onChange,
  papers,
  documents,
  evidenceYears,
  today,
  shown,
}: {
  rows: readonly Row[]
  onChange: (rows: Row[]) => void
  /** What can be chosen as proof, and those of them that can be read. */
  papers: readonly EvidenceRow[]
  documents: readonly Evidence[]
  evidenceYears: Kitchen['evidenceYears']
  today: string
  /** By allergen: what shows that it is on the site. */
  shown: Record<string, readonly OnSite[]>
}) {
  const set = (key: string, change: Partial<Row>) =>
    onChange(rows.map(row => (row.key === key ? { ...row, ...change } : row)))
  const proofs = [
    { value: '-', label: 'no proof' },
    ...papers.map(paper => ({ value: paper.id, label: paper.reference || 'unnamed' })),
  ]
  return (
    <table className="mt-1 w-full min-w-[560px] table-fixed text-left">
      <thead className="text-quiet">
        <tr>
          <th className="w-5">
            <span className="sr-only">State</span>
          </th>
          <th className="w-[19%] font-normal">Allergen</th>
          <th className="w-[24%] font-normal">Kept out by</th>
          <th className="w-[23%] font-normal">Where</th>
          <th className="font-normal">Proof</th>
          <th className="w-8">
            <span className="sr-only">More</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(row => {
          const proof = proofOf(row.evidence || undefined, documents, today, evidenceYears)
          // another record of this sheet is seen as it stands here
          const against =
            row.control === 'notOnSite' ? (shown[row.allergen] ?? []).filter(one => one.kind !== 'kitchen') : []
          const good = carries(row.control) && proof.proven && against.length === 0
          const why =
            row.control === ''
              ? 'not assessed'
              : against.length > 0
                ? 'contradicted: it carries no claim'
                : good
                  ? 'carries a claim'
                  : !carries(row.control)
                    ? 'carries no claim'
                    : proof.proven
                      ? ''
                      : proof.fact
          const name = nameOf(row.allergen)
          return (
            <Fragment key={row.key}>
              <tr className="align-middle">
                <td title={why}>
                  <VerdictMark mark={good ? 'holds' : 'unproven'} label={`${name}: ${why}`} />
                </td>
                <td className="py-0.5 pr-2">{name}</td>
                <td className="py-0.5 pr-2">
                  <Choose
                    label={`How ${name} is kept out`}
                    value={row.control || '-'}
                    options={controls}
                    onChange={value =>
                      set(row.key, { control: value === '-' ? '' : (value as CrossContact['control']) })
                    }
                  />
                </td>
                <td className="py-0.5 pr-2">
                  <input
                    className="field"
                    aria-label={`Where ${name} is kept out`}
                    value={row.equipment}
                    maxLength={120}
                    onChange={event => set(row.key, { equipment: event.target.value })}
                  />
                </td>
                <td className="py-0.5">
                  <Choose
                    label={`Proof for ${name}`}
                    value={row.evidence || '-'}
                    options={proofs}
                    onChange={value => set(row.key, { evidence: value === '-' ? '' : value })}
                  />
                </td>
                <td className="py-0.5 pl-1">
                  <button
                    type="button"
                    className="min-h-[24px] min-w-[24px] rounded border border-hair px-1 font-bold text-damson pointer-coarse:min-h-[44px] pointer-coarse:min-w-[44px]"
                    title="Another place for this allergen"
                    aria-label={`Another place for ${name}`}
                    onClick={() =>
                      onChange(rows.flatMap(one => (one.key === row.key ? [one, newRow(row.allergen)] : [one])))
                    }
                  >
                    +
                  </button>
                </td>
              </tr>
              {against.length > 0 && <Contradicted by={against} />}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}
