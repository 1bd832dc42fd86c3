// The ledger: recipe, scaling, costing and check in one grid.
'use client'
import {
  type Assessment,
  type ClaimCode,
  type ClaimResult,
  type Edit,
  type Mark,
  nameOfClaim,
  percent,
  type Recipe,
  toPlaces,
  weighed,
} from '@fair-tin/core'
import { Popover } from 'radix-ui'
import { memo, type RefObject, useCallback, useRef, useState } from 'react'
import { moneySign } from '../../ui/money'
import { markWord, VerdictMark, verdictClass } from '../../ui/VerdictMark'
import { LineMenu } from './LineMenu'
import type { LedgerGroup, LedgerRow } from './ledger'
import { ReasonList } from './ReasonList'
import { WrittenCell } from './WrittenCell'

export interface Editing {
  recipe: Recipe
  factor: number
  onPreview: (edit: Edit | null) => void
  onEdit: (edit: Edit) => void
}

export function Ledger({
  groups,
  assessment,
  currency,
  editing,
  pointed,
}: {
  groups: LedgerGroup[]
  assessment: Assessment
  currency: string
  editing: Editing
  /** The ingredient pointed at in the ribbon. */
  pointed: string | null
}) {
  const { claims } = assessment
  const [opened, setOpened] = useState<Opened | null>(null)
  const anchor = useRef<HTMLElement>(null!)
  const [menu, setMenu] = useState<LedgerRow | null>(null)
  const openMenu = useCallback((row: LedgerRow, element: HTMLElement) => {
    anchor.current = element
    setMenu(row)
  }, [])
  const menuLine = menu && (editing.recipe.lines.find(line => line.id === menu.source?.id) ?? null)
  const open = useCallback<Open>((next, element) => {
    anchor.current = element
    setOpened(next)
  }, [])
  const columns = 5 + claims.length
  return (
    <>
      <LineMenu
        line={menuLine}
        name={menu?.name ?? ''}
        recipe={editing.recipe}
        anchor={anchor}
        onEdit={editing.onEdit}
        onClose={() => setMenu(null)}
      />
      <Reasons opened={opened} anchor={anchor} claims={claims} onClose={() => setOpened(null)} />
      <table className="w-full border-collapse text-left">
        <thead className="sticky top-0 z-10 bg-pane">
          <tr className="border-b border-hair align-bottom text-quiet">
            <th className="px-4 py-2 font-normal">Part and line</th>
            <th className="py-2 pr-3 text-right font-normal max-sm:hidden">Written</th>
            <th className="py-2 pr-3 text-right font-normal">Weigh out</th>
            <th className="py-2 pr-3 text-right font-normal max-md:hidden">Of the bowl</th>
            <th className="py-2 pr-2 text-right font-normal max-md:hidden">{moneySign(currency)}</th>
            {claims.map(claim => (
              <th
                key={claim.claim}
                className="w-[64px] px-0.5 py-1.5 text-center last:pr-3 text-[12.5px] leading-tight font-normal"
              >
                {nameOfClaim(claim.claim)
                  .split(/[- ](?=\S+$)/)
                  .map(word => (
                    <span key={word} className="block">
                      {word}
                    </span>
                  ))}
                <span className={`block font-bold ${verdictClass[claim.verdict]}`}>{claim.verdict}</span>
              </th>
            ))}
          </tr>
        </thead>
        {groups.map(group => (
          <tbody key={group.key} className="border-b border-hair">
            <tr>
              <th colSpan={columns} className="px-4 pt-1.5 pb-0.5 font-normal">
                <span
                  className={`font-head text-[15px] font-bold ${group.rows.some(row => worst(claims, row.at) === 'breaks') && group.kind === 'release' ? 'text-breaks' : 'text-navy'}`}
                >
                  {group.title}
                </span>
                {group.note && <span className="ml-2 text-[13px] text-quiet">{group.note}</span>}
              </th>
            </tr>
            {group.rows.map(row => (
              <Row
                key={row.at}
                row={row}
                pointed={pointed === row.line.ingredient}
                claims={claims}
                onOpen={open}
                onMenu={openMenu}
                factor={editing.factor}
                onPreview={editing.onPreview}
                onEdit={editing.onEdit}
              />
            ))}
          </tbody>
        ))}
        {claims.some(claim => claim.kitchen !== null) && (
          <tbody>
            <tr>
              <th colSpan={5} className="px-4 pt-1.5 pb-1.5 font-normal">
                <span className="font-head text-[15px] font-bold text-navy">The kitchen itself</span>
                <span className="ml-2 text-[13px] text-quiet">cross-contact</span>
              </th>
              {claims.map(claim => (
                <td key={claim.claim} className="text-center last:pr-3">
                  {claim.kitchen && <MarkButton claim={claim} at={-1} name="the kitchen itself" onOpen={open} />}
                </td>
              ))}
            </tr>
          </tbody>
        )}
      </table>
    </>
  )
}

const worst = (claims: readonly ClaimResult[], at: number) =>
  claims.some(claim => claim.marks[at] === 'breaks') ? 'breaks' : null

interface RowProps {
  row: LedgerRow
  pointed: boolean
  claims: ClaimResult[]
  factor: number
  onOpen: Open
  onMenu: (row: LedgerRow, element: HTMLElement) => void
  onPreview: (edit: Edit | null) => void
  onEdit: (edit: Edit) => void
}

const shareOf = (row: LedgerRow): string => (row.share === null || row.line.unweighed ? '' : percent(row.share))

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
    x.line.grams === y.line.grams &&
    x.line.unweighed === y.line.unweighed &&
    x.line.how === y.line.how &&
    x.line.role === y.line.role &&
    x.line.estimate === y.line.estimate &&
    a.pointed === b.pointed &&
    a.factor === b.factor &&
    a.claims.length === b.claims.length &&
    a.claims.every(
      (claim, index) => claim.claim === b.claims[index]!.claim && claim.marks[x.at] === b.claims[index]!.marks[x.at],
    )
  )
}

const Row = memo(function Row({ row, pointed, claims, factor, onOpen, onMenu, onPreview, onEdit }: RowProps) {
  const broken = worst(claims, row.at) === 'breaks'
  const cost = row.cost === null ? null : toPlaces(Number(row.cost), 2)
  return (
    <tr
      className={`h-[24px] pointer-coarse:h-[44px] ${pointed ? 'bg-page ' : ''}${broken ? 'bg-breaks-wash shadow-[inset_4px_0_0_var(--color-breaks)]' : ''}`}
    >
      <td className="px-3 py-0">
        {row.source ? (
          <button
            type="button"
            aria-haspopup="dialog"
            className="min-h-[24px] rounded px-1 text-left hover:bg-hair/60 pointer-coarse:min-h-[44px]"
            onClick={event => onMenu(row, event.currentTarget)}
          >
            {row.name}
            {row.prep && !row.name.includes(row.prep) && <span className="text-quiet">, {row.prep}</span>}
          </button>
        ) : (
          <span className="block px-1">{row.name}</span>
        )}
      </td>
      <td className="py-0 pr-2 text-right max-sm:hidden">
        {row.source ? (
          <WrittenCell
            line={row.source}
            name={row.name}
            text={row.written}
            factor={factor}
            onPreview={onPreview}
            onEdit={onEdit}
          />
        ) : (
          <span className="figure text-quiet">{row.written}</span>
        )}
      </td>
      <td className="figure py-0 pr-3 text-right font-bold whitespace-nowrap">
        {row.line.unweighed ? (
          <span className="font-text font-normal text-unproven" title={row.line.unweighed}>
            no weight
          </span>
        ) : row.line.estimate ? (
          <span className="border-b border-dotted border-unproven" title={row.line.how}>
            ≈ {weighed(row.line.grams)}
          </span>
        ) : (
          weighed(row.line.grams)
        )}
      </td>
      <td className="figure py-0 pr-3 text-right max-md:hidden">{shareOf(row)}</td>
      <td className="figure py-0 pr-2 text-right max-md:hidden">
        {cost ??
          (row.line.role === 'beside' ? (
            ''
          ) : (
            <span className="text-unproven" title="no price, or no weight">
              ?
            </span>
          ))}
      </td>
      {claims.map(claim => (
        <td key={claim.claim} className="text-center last:pr-3">
          {claim.marks[row.at] && <MarkButton claim={claim} at={row.at} name={row.name} onOpen={onOpen} />}
        </td>
      ))}
    </tr>
  )
}, sameRow)

interface Opened {
  claim: ClaimCode
  at: number
  name: string
}
type Open = (opened: Opened, anchor: HTMLElement) => void

/** One mark; opening it shows the reasons. All marks share one popover: a ledger of 400 lines has 1600 of them. */
function MarkButton({ claim, at, name, onOpen }: { claim: ClaimResult; at: number; name: string; onOpen: Open }) {
  const mark = at < 0 ? claim.kitchen! : claim.marks[at]!
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-label={markTitle(name, claim, mark)}
      className="inline-flex size-[24px] items-center justify-center rounded hover:bg-hair/60 pointer-coarse:size-[44px]"
      onClick={event => onOpen({ claim: claim.claim, at, name }, event.currentTarget)}
    >
      <VerdictMark mark={mark} />
    </button>
  )
}
const markTitle = (name: string, claim: ClaimResult, mark: Mark) =>
  `${name}: ${nameOfClaim(claim.claim)} ${markWord[mark]}`

/** The reasons of the mark that is open, at its mark. */
function Reasons({
  opened,
  anchor,
  claims,
  onClose,
}: {
  opened: Opened | null
  anchor: RefObject<HTMLElement>
  claims: ClaimResult[]
  onClose: () => void
}) {
  const claim = opened && claims.find(one => one.claim === opened.claim)
  const mark = opened && claim && (opened.at < 0 ? claim.kitchen : claim.marks[opened.at])
  return (
    <Popover.Root open={Boolean(mark)} onOpenChange={open => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        {opened && claim && mark && (
          <Popover.Content
            aria-label={markTitle(opened.name, claim, mark)}
            sideOffset={2}
            collisionPadding={8}
            onCloseAutoFocus={event => {
              event.preventDefault()
              anchor.current?.focus()
            }}
            className="z-50 max-h-[60dvh] w-96 max-w-[94vw] overflow-auto rounded-lg border-2 border-navy bg-pane p-3 shadow-float"
          >
            <p className="font-head font-bold">
              {opened.name}, {nameOfClaim(claim.claim)}: <span className={verdictClass[mark]}>{markWord[mark]}</span>
            </p>
            <ReasonList
              grounds={opened.at < 0 ? claim.kitchenGrounds : claim.grounds.filter(ground => ground.at === opened.at)}
            />
            {claim.note && <p className="mt-1 text-[13px] text-quiet">{claim.note}</p>}
          </Popover.Content>
        )}
      </Popover.Portal>
    </Popover.Root>
  )
}
