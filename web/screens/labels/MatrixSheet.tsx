// The allergen matrix on one sheet: products by allergens, from what is signed.
import { spokenDay } from '@fair-tin/core/words'
import Link from 'next/link'
import type { Matrix } from '../../matrix'
import { Caution } from '../../ui/Caution'

export function MatrixSheet({ matrix }: { matrix: Matrix }) {
  const { market, title, heads, rows, asOf } = matrix
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <div className="mr-auto">
          <h1 className="text-3xl">Allergen matrix</h1>
          <p className="text-quiet">
            {title}, {spokenDay(asOf)}. Only what is signed and still so; nothing is said of the rest.
          </p>
        </div>
        <Link href="/labels" className="do print:hidden">
          All labels
        </Link>
        {(['pdf', 'xlsx', 'csv', 'json'] as const).map(form => (
          <a key={form} className="do print:hidden" href={`/labels/matrix.${form}?market=${market}`}>
            As {form.toUpperCase()}
          </a>
        ))}
      </div>
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Matrix">
          <table className="border-collapse text-[13px]">
            <thead className="sticky top-0 bg-pane">
              <tr className="border-b border-hair align-bottom">
                <th className="sticky left-0 bg-pane px-3 py-2 text-left font-semibold">Product</th>
                {heads.map(head => (
                  <th key={head} scope="col" className="px-1 py-2 font-normal">
                    <span className="inline-block max-h-32 rotate-180 whitespace-nowrap [writing-mode:vertical-rl]">
                      {head}
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(row => (
                <tr key={row.product.id} className="border-b border-hair/60">
                  <th scope="row" className="sticky left-0 bg-pane px-3 py-1 text-left font-normal whitespace-nowrap">
                    <Link href={`/labels/${row.product.id}/${market}`} className="word-link">
                      {row.product.name}
                    </Link>
                  </th>
                  {row.cells ? (
                    row.cells.map((cell, at) => (
                      <td key={heads[at]} className="px-1 py-1 text-center">
                        {cell === 'contains' ? (
                          <b className="rounded bg-navy px-1.5 text-white" title={`contains ${heads[at]}`}>
                            yes
                          </b>
                        ) : cell === 'may contain' ? (
                          <span className="rounded border border-navy px-1" title={`may contain ${heads[at]}`}>
                            may
                          </span>
                        ) : (
                          <span className="text-hair" aria-hidden>
                            ·
                          </span>
                        )}
                      </td>
                    ))
                  ) : (
                    <td colSpan={heads.length} className="px-2 py-1 text-unproven">
                      nothing stands signed: ask before you say anything of it
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
          {rows.length === 0 && <p className="p-6 text-quiet">Nothing is sold in this market yet.</p>}
        </section>
      </div>
      <Caution />
    </section>
  )
}
