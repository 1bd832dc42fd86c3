// One line of the ledger: what was written, what to weigh, its share, its cost, and a mark for each claim.
'use client'
import type { ClaimResult } from '@fair-tin/core/claim'
import type { BillLine } from '@fair-tin/core/recipe'
import { percent, toPlaces, weighed } from '@fair-tin/core/words'
import { memo, useCallback, useState } from 'react'
import type { Hands } from '../typed/useTyped'
import { MarkButton, type OpenMark } from '../verdict/Marks'
import { Grip } from './DragRows'
import type { Editing, WeighTyped } from './editing'
import type { LedgerRow } from './ledgerGroups'
import { answersIn } from './lineWords'
import { WrittenCell } from './WrittenCell'

export interface RowProps {
  row: LedgerRow
  pointed: boolean
  claims: ClaimResult[]
  factor: number
  hands: Hands
  weighs: Editing['weighs']
  onOpen: OpenMark
  onMenu: (row: LedgerRow, element: HTMLElement) => void
  onPrice: (row: LedgerRow, element: HTMLElement) => void
  onWeight: (row: LedgerRow, element: HTMLElement) => void
  /** What the four columns show instead of written, weigh out, share and cost; null for those. */
  figures: Figures | null
}
export type Figures = readonly [string, string, string, string]

const shareOf = (row: LedgerRow): string => (row.share === null || row.line?.unweighed ? '' : percent(row.share))

/** A row whose words, numbers and marks are the same is not drawn again: in a ledger of 400 lines most are. */
function sameRow(a: RowProps, b: RowProps): boolean {
  const [x, y] = [a.row, b.row]
  return (
    x.source === y.source &&
    x.at === y.at &&
    x.name === y.name &&
    x.prep === y.prep &&
    x.form === y.form &&
    x.alternatives === y.alternatives &&
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
    (a.figures === b.figures || (a.figures !== null && b.figures !== null && a.figures.join() === b.figures.join())) &&
    a.factor === b.factor &&
    alikeAt(x.at, a.claims, b.claims)
  )
}
/** The same claims, with the same marks on that line. */
const alikeAt = (at: number, a: readonly ClaimResult[], b: readonly ClaimResult[]): boolean =>
  a.length === b.length &&
  a.every((claim, index) => claim.claim === b[index]!.claim && claim.marks[at] === b[index]!.marks[at])

export const worstMark = (claims: readonly ClaimResult[], at: number) =>
  claims.some(claim => claim.marks[at] === 'breaks') ? 'breaks' : null

export const Row = memo(function Row(props: RowProps) {
  const { row, pointed, claims, onOpen, onMenu } = props
  const broken = worstMark(claims, row.at) === 'breaks' || row.line === null
  const { line, source } = row
  const name = (
    <>
      {row.name}
      {row.form && <span className="text-quiet">, {row.form}</span>}
      {row.alternatives && <span className="text-quiet"> or {row.alternatives}</span>}
      {row.prep && !row.name.includes(row.prep) && row.prep !== row.form && (
        <span className="text-quiet">, {row.prep}</span>
      )}
      {source?.optional && <span className="text-quiet"> (optional)</span>}
      {source && answersIn(source) && <span className="text-quiet"> · {answersIn(source)}</span>}
    </>
  )
  return (
    <tr
      data-line={line?.topLine ?? source?.id}
      className={`group/row h-[24px] pointer-coarse:h-[44px] ${pointed ? 'bg-page ' : ''}${broken ? 'bg-breaks-wash shadow-[inset_4px_0_0_var(--color-breaks)]' : ''}`}
    >
      <td className="relative px-3 py-0">
        {source && <Grip line={source.id} />}
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
      {props.figures ? <Plain figures={props.figures} /> : <Usual {...props} />}
      <MarkCells claims={claims} name={row.name} at={row.at} line={source?.id ?? null} onOpen={onOpen} />
    </tr>
  )
}, sameRow)

interface MarkProps {
  claims: ClaimResult[]
  name: string
  at: number
  line: string | null
  onOpen: OpenMark
}
const sameMarks = (a: MarkProps, b: MarkProps): boolean =>
  a.name === b.name && a.at === b.at && a.line === b.line && a.onOpen === b.onOpen && alikeAt(a.at, a.claims, b.claims)

/** A mark for each claim. Another weight or size of batch mostly leaves them as they are. */
const MarkCells = memo(function MarkCells({ claims, name, at, line, onOpen }: MarkProps) {
  return claims.map(({ claim, marks }) => (
    <td key={claim} className="text-center last:pr-3 max-sm:last:pr-1">
      {marks[at] && (
        <MarkButton name={name} claim={claim} mark={marks[at]} at={at} place={null} line={line} onOpen={onOpen} />
      )}
    </td>
  ))
}, sameMarks)

/** Written, weigh out, share, cost: the first and the last are edited where they stand. */
function Usual({ row, factor, hands, weighs, onPrice, onWeight }: RowProps) {
  const { source } = row
  // what is being typed is weighed here and now
  const [typed, setTyped] = useState<BillLine | null>(null)
  const onTyped = useCallback<WeighTyped>((id, edits) => setTyped(edits && weighs(id, edits)), [weighs])
  const line = typed ?? row.line
  return (
    <>
      <td className="py-0 pr-2 text-right whitespace-nowrap max-sm:hidden">
        {source ? (
          <WrittenCell
            line={source}
            name={row.name}
            text={row.written}
            factor={factor}
            hands={hands}
            onTyped={onTyped}
          />
        ) : (
          <span className="figure px-1 text-quiet">{row.written}</span>
        )}
      </td>
      <td className={`figure py-0 pr-3 text-right font-bold whitespace-nowrap ${typed ? 'relative' : ''}`}>
        {typed ? (
          <>
            {/* holds the width, so that no column moves under the fingers */}
            <span className="invisible">{row.line && weighed(row.line.grams)}</span>
            <span className="absolute inset-0 flex items-center justify-end pr-3 [contain:size_layout]">
              <WeighOut line={typed} row={row} onWeight={onWeight} />
            </span>
          </>
        ) : (
          <WeighOut line={row.line} row={row} onWeight={onWeight} />
        )}
      </td>
      <td className="figure py-0 pr-3 text-right whitespace-nowrap max-xl:hidden">{shareOf(row)}</td>
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
    </>
  )
}

function WeighOut({ line, row, onWeight }: { line: BillLine | null } & Pick<RowProps, 'row' | 'onWeight'>) {
  if (line === null) return <span className="font-text font-normal text-breaks">no longer in the larder</span>
  if (line.unweighed && row.source && row.ingredient)
    return (
      <button
        type="button"
        aria-haspopup="dialog"
        aria-label={`No weight of ${row.name}: ${line.unweighed}. Give it`}
        className="min-h-[24px] rounded px-1 font-text font-normal text-unproven underline decoration-dotted hover:bg-hair/60 pointer-coarse:min-h-[44px]"
        title={line.unweighed}
        onClick={event => onWeight(row, event.currentTarget)}
      >
        no weight
      </button>
    )
  if (line.unweighed)
    return (
      <span className="font-text font-normal text-unproven" title={line.unweighed}>
        no weight
      </span>
    )
  if (!line.estimate) return weighed(line.grams)
  return (
    <span className="border-b border-dotted border-unproven" title={line.how}>
      ≈ {weighed(line.grams)}
    </span>
  )
}

const Plain = ({ figures: [a, b, c, d] }: { figures: Figures }) => (
  <>
    <td className="figure py-0 pr-2 text-right whitespace-nowrap max-sm:hidden">{a}</td>
    <td className="figure py-0 pr-3 text-right font-bold whitespace-nowrap">{b}</td>
    <td className="figure py-0 pr-3 text-right whitespace-nowrap max-xl:hidden">{c}</td>
    <td className="figure py-0 pr-1 text-right whitespace-nowrap max-md:hidden">{d}</td>
  </>
)
