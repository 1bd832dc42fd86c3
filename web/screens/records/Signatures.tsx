// Who signed which label and when, and who took a signature back.
import type { MarketCode } from '@fair-tin/core/model'
import Link from 'next/link'
import { VerdictMark } from '../../ui/VerdictMark'
import { RecordsNav } from './RecordsNav'

export interface SignatureRow {
  number: number
  product: { id: string; name: string }
  market: MarketCode
  title: string
  deed: 'signed' | 'withdrawn'
  reason: string
  by: string
  /** As it is told here. */
  at: string
  print: string
}

export function Signatures({ rows, full }: { rows: SignatureRow[]; full: boolean }) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Signatures</h1>
        <RecordsNav here="signatures" />
      </div>
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Signatures">
          {rows.length === 0 ? (
            <p className="p-6 text-quiet">
              Nothing was signed here yet. Each label that is read and signed stands here, and each signature taken
              back.{' '}
              <Link href="/labels" className="word-link">
                See the labels
              </Link>
            </p>
          ) : (
            <table className="w-full min-w-[760px] text-left">
              <thead className="sticky top-0 bg-pane text-[13px] text-quiet">
                <tr className="border-b-2 border-hair">
                  {['When', 'Who', 'Label', 'Market', 'What', 'Fingerprint'].map(head => (
                    <th key={head} scope="col" className="px-3 py-1.5 font-normal">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map(one => (
                  <tr key={one.number} className="border-b border-hair/60 align-top">
                    <td className="px-3 py-1.5 whitespace-nowrap">{one.at}</td>
                    <td className="px-3 break-words">{one.by}</td>
                    <td className="px-3 break-words">
                      <Link href={`/labels/${one.product.id}/${one.market}`} className="word-link">
                        {one.product.name}
                      </Link>
                    </td>
                    <td className="px-3">{one.title}</td>
                    <td className="px-3 break-words">
                      <VerdictMark mark={one.deed === 'signed' ? 'holds' : 'unproven'} size={12} />{' '}
                      {one.deed === 'signed' ? 'signed' : `taken back: ${one.reason}`}
                    </td>
                    <td className="figure px-3 text-[12.5px] text-quiet">{one.print.slice(0, 12)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {full && (
            <p className="px-4 py-2 text-quiet">The newest two hundred. Each label’s own page shows all of its own.</p>
          )}
        </section>
      </div>
    </section>
  )
}
