// The same product under another market's rules, beside this one, or under all of them: the labels, and what differs and why.
'use client'
import { type Assessment, assess, marketDifferences, marketsBeside } from '@fair-tin/core/assess'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import type { MarketCode, Workbook } from '@fair-tin/core/model'
import { useMemo, useState } from 'react'
import { Choose } from '../../../ui/Choose'
import { Modal } from '../../../ui/Modal'
import { SmallLabel } from './SmallLabel'

/** A market whose label has another form, else just another. */
const mostUnlike = (here: MarketCode): MarketCode =>
  marketsServed.find(one => rulesAsRead(one).table.kind !== rulesAsRead(here).table.kind) ??
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
  const [there, setThere] = useState<MarketCode | 'all'>(() => mostUnlike(here))
  const others = useMemo(
    () =>
      marketsServed
        .filter(one => one !== here && (there === 'all' || one === there))
        .map(one => assess(workbook, productId, one, { factor: assessment.bill.factor })),
    [workbook, productId, here, there, assessment.bill.factor],
  )
  const all = [assessment, ...others]
  return (
    <Modal
      open
      onClose={onClose}
      title={`${rulesAsRead(here).title} beside ${there === 'all' ? 'every other market' : 'another market'}`}
      wide={there === 'all' ? 'full' : true}
    >
      <div className="mb-3 flex items-center gap-2">
        Beside
        <span className="w-56">
          <Choose
            label="Beside which market"
            value={there}
            options={[
              ...marketsServed.filter(one => one !== here).map(one => ({ value: one, label: rulesAsRead(one).title })),
              { value: 'all', label: 'every other market' },
            ]}
            onChange={value => setThere(value as MarketCode | 'all')}
          />
        </span>
      </div>
      <div
        className={
          there === 'all'
            ? 'grid auto-cols-[minmax(300px,1fr)] grid-flow-col items-start gap-4 overflow-x-auto'
            : 'grid grid-cols-2 items-start gap-4 max-sm:grid-cols-1'
        }
      >
        {all.map(({ declaration }) => (
          <div key={declaration.market}>
            <h3 className="text-[15px]">{rulesAsRead(declaration.market).title}</h3>
            <SmallLabel declaration={declaration} />
          </div>
        ))}
      </div>
      <h3 className="mt-4 text-[15px]">What differs, and why</h3>
      {there === 'all' ? <AllDiffer all={all} /> : <TwoDiffer here={assessment} there={others[0]!} />}
      <p className="mt-3 text-[12.5px] text-quiet">
        The rules were written down from memory of the texts they name: verify them before you rely on them.
      </p>
    </Modal>
  )
}

function TwoDiffer({ here, there }: { here: Assessment; there: Assessment }) {
  const differences = useMemo(() => marketDifferences(here, there), [here, there])
  if (differences.length === 0)
    return <p className="text-quiet">Nothing: for this product the two markets ask for the same.</p>
  return (
    <ul>
      {differences.map(one => (
        <li key={one.about} className="border-b border-hair py-2 last:border-0">
          <b className="inline-block first-letter:uppercase">{one.about}</b>
          <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
            <span>{one.here}</span>
            <span>{one.there}</span>
          </div>
          <span className="text-[13px] text-quiet">{one.why}.</span>
        </li>
      ))}
    </ul>
  )
}

function AllDiffer({ all }: { all: readonly Assessment[] }) {
  const rows = useMemo(() => marketsBeside(all), [all])
  if (rows.length === 0) return <p className="text-quiet">Nothing: for this product all of them ask for the same.</p>
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
    <section className="overflow-x-auto" aria-label="What differs" tabIndex={0}>
      <table className="w-full min-w-[1000px] border-collapse text-[13.5px]">
        <thead>
          <tr className="text-left">
            <th scope="col" className="w-36 py-1 pr-3" />
            {all.map(one => (
              <th key={one.declaration.market} scope="col" className="py-1 pr-3 font-head">
                {rulesAsRead(one.declaration.market).title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ about, cells }) => (
            <tr key={about} className="border-t border-hair align-top">
              <th scope="row" className="py-1.5 pr-3 text-left first-letter:uppercase">
                {about}
              </th>
              {cells.map(cell => (
                <td key={cell.market} className="py-1.5 pr-3">
                  {cell.says} <span className="block text-[12.5px] text-quiet">{cell.why}</span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
