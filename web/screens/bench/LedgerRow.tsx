// One line of the ledger: what was written, what to weigh, its share, its cost, and a mark for each claim.
'use client'
import { type ClaimResult, percent, toPlaces, weighed } from '@fair-tin/core'
import { memo } from 'react'
import type { LedgerRow } from './ledgerGroups'
import { MarkButton, type OpenMark } from './Marks'
import type { Hands } from './useTyped'
import { WrittenCell } from './WrittenCell'

export interface RowProps {
  row: LedgerRow
  pointed: boolean
  claims: ClaimResult[]
  factor: number
  hands: Hands
  onOpen: OpenMark
  onMenu: (row: LedgerRow, element: HTMLElement) => void
  onPrice: (row: LedgerRow, element: HTMLElement) => void
}

const shareOf = (row: LedgerRow): string => (row.share === null || row.line?.unweighed ? '' : percent(row.share))

/** A row whose words, numbers and marks are the same is not drawn again: in a ledger of 400 lines most are. */
function sameRow(a: RowProps, b: RowProps): boolean {
  const [x, y] = [a.row, b.row]
  return (
    x.source === y.source &&
    x.at === y.at &&
    x.name === y.name &&
    x.prep === y.prep &&
    x.written === y.written &&
    shareOf(x) === shareOf(y) &&
    x.cost === y.cost &&
    x.ingredient === y.ingredient &&
    x.line?.grams === y.line?.grams &&
    x.line?.unweighed === y.line?.unweighed &&
    x.line?.how === y.line?.how &&
    x.line?.role === y.line?.role &&
    x.line?.estimate === y.line?.estimate &&
    a.pointed === b.pointed &&
    a.factor === b.factor &&
    a.claims.length === b.claims.length &&
    a.claims.every(
      (claim, index) => claim.claim === b.claims[index]!.claim && claim.marks[x.at] === b.claims[index]!.marks[x.at],
    )
  )
}

export const worstMark = (claims: readonly ClaimResult[], at: number) =>
  claims.some(claim => claim.marks[at] === 'breaks') ? 'breaks' : null

export const Row = memo(function Row({ row, pointed, claims, factor, hands, onOpen, onMenu, onPrice }: RowProps) {
  const broken = worstMark(claims, row.at) === 'breaks' || row.line === null
  const { line, source } = row
  const name = (
    <>
      {row.name}
      {row.prep && !row.name.includes(row.prep) && <span className="text-quiet">, {row.prep}</span>}
    </>
  )
  return (
    <tr
      data-line={line?.topLine ?? source?.id}
      className={`h-[24px] pointer-coarse:h-[44px] ${pointed ? 'bg-page ' : ''}${broken ? 'bg-breaks-wash shadow-[inset_4px_0_0_var(--color-breaks)]' : ''}`}
    >
      <td className="px-3 py-0">
        <button
          type="button"
          aria-haspopup="dialog"
          aria-keyshortcuts={source ? 'Alt+ArrowUp Alt+ArrowDown' : undefined}
          className="min-h-[24px] rounded px-1 text-left hover:bg-hair/60 pointer-coarse:min-h-[44px]"
          onClick={event => onMenu(row, event.currentTarget)}
        >
          {name}
        </button>
        <span className="figure block px-1 text-quiet sm:hidden">{source ? row.written : ''}</span>
      </td>
      <td className="py-0 pr-2 text-right whitespace-nowrap max-sm:hidden">
        {source ? (
          <WrittenCell line={source} name={row.name} text={row.written} factor={factor} hands={hands} />
        ) : (
          <span className="figure px-1 text-quiet">{row.written}</span>
        )}
      </td>
      <td className="figure py-0 pr-3 text-right font-bold whitespace-nowrap">
        {line === null ? (
          <span className="font-text font-normal text-breaks">no longer in the larder</span>
        ) : line.unweighed ? (
          <span className="font-text font-normal text-unproven" title={line.unweighed}>
            no weight
          </span>
        ) : line.estimate ? (
          <span className="border-b border-dotted border-unproven" title={line.how}>
            ≈ {weighed(line.grams)}
          </span>
        ) : (
          weighed(line.grams)
        )}
      </td>
      <td className="figure py-0 pr-3 text-right max-xl:hidden">{shareOf(row)}</td>
      <td className="py-0 pr-1 text-right max-md:hidden">
        {row.ingredient && line?.role !== 'beside' && (
          <button
            type="button"
            aria-haspopup="dialog"
            aria-label={`Price of ${row.name}${row.cost === null ? ', not known' : ''}`}
            title={row.cost === null ? 'no price, or no weight' : undefined}
            className={`figure min-h-[24px] rounded px-1 hover:bg-hair/60 pointer-coarse:min-h-[44px] ${row.cost === null ? 'text-unproven' : ''}`}
            onClick={event => onPrice(row, event.currentTarget)}
          >
            {row.cost === null ? '?' : toPlaces(Number(row.cost), 2)}
          </button>
        )}
      </td>
      {claims.map(claim => (
        <td key={claim.claim} className="text-center last:pr-3 max-sm:last:pr-1">
          {claim.marks[row.at] && (
            <MarkButton
              name={row.name}
              claim={claim.claim}
              mark={claim.marks[row.at]!}
              at={row.at}
              place={null}
              line={source?.id ?? null}
              onOpen={onOpen}
            />
          )}
        </td>
      ))}
    </tr>
  )
}, sameRow)
