// The same product under another market's rules, beside this one: both labels, and what differs and why.
'use client'
import { type Assessment, assess, marketDifferences } from '@fair-tin/core/assess'
import { marketsServed, rulesOf } from '@fair-tin/core/market'
import type { MarketCode, Workbook } from '@fair-tin/core/model'
import { useMemo, useState } from 'react'
import { LabelSvg } from '../../../label/LabelSvg'
import { layOut } from '../../../label/layout'
import { Choose } from '../../../ui/Choose'
import { Modal } from '../../../ui/Modal'

/** A market whose label has another form, else just another. */
const mostUnlike = (here: MarketCode): MarketCode =>
  marketsServed.find(one => rulesOf(one).table.kind !== rulesOf(here).table.kind) ??
  marketsServed.find(one => one !== here)!

export function MarketCompare({
  workbook,
  productId,
  assessment,
  onClose,
}: {
  workbook: Workbook
  productId: string
  assessment: Assessment
  onClose: () => void
}) {
  const here = assessment.declaration.market
  const [there, setThere] = useState<MarketCode>(() => mostUnlike(here))
  const other = useMemo(
    () => assess(workbook, productId, there, { factor: assessment.bill.factor }),
    [workbook, productId, there, assessment.bill.factor],
  )
  const differences = useMemo(() => marketDifferences(assessment, other), [assessment, other])
  return (
    <Modal open onClose={onClose} title={`${rulesOf(here).title} beside another market`} wide>
      <div className="mb-3 flex items-center gap-2">
        Beside
        <span className="w-56">
          <Choose
            label="Beside which market"
            value={there}
            options={marketsServed.filter(one => one !== here).map(one => ({ value: one, label: rulesOf(one).title }))}
            onChange={value => setThere(value as MarketCode)}
          />
        </span>
      </div>
      <div className="grid grid-cols-2 items-start gap-4 max-sm:grid-cols-1">
        {[assessment, other].map(({ declaration }) => (
          <div key={declaration.market}>
            <h3 className="text-[15px]">{rulesOf(declaration.market).title}</h3>
            <SmallLabel declaration={declaration} />
          </div>
        ))}
      </div>
      <h3 className="mt-4 text-[15px]">What differs, and why</h3>
      {differences.length === 0 ? (
        <p className="text-quiet">Nothing: for this product the two markets ask for the same.</p>
      ) : (
        <ul>
          {differences.map(one => (
            <li key={one.about} className="border-b border-hair py-2 last:border-0">
              <b className="first-letter:uppercase inline-block">{one.about}</b>
              <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
                <span>{one.here}</span>
                <span>{one.there}</span>
              </div>
              <span className="text-[13px] text-quiet">{one.why}.</span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-[12.5px] text-quiet">
        The rules of both were written down from memory of the texts they name: verify them before you rely on them.
      </p>
    </Modal>
  )
}

function SmallLabel({ declaration }: { declaration: Assessment['declaration'] }) {
  const laid = useMemo(() => layOut(declaration), [declaration])
  if ('tooMuch' in laid) return <p className="rounded border-2 border-breaks bg-breaks-wash p-2">{laid.tooMuch}</p>
  return (
    <div className="border border-hair">
      <LabelSvg layout={laid} />
    </div>
  )
}
