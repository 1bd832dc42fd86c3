// The ledger: recipe, scaling, costing and check in one grid.
'use client'
import type { Assessment } from '@fair-tin/core/assess'
import { type Evidence, type Ingredient, nameOfClaim } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { moneySign, spokenDay, weighed } from '@fair-tin/core/words'
import { ChevronDown, ChevronRight } from 'lucide-react'
import { type KeyboardEvent, useCallback, useMemo, useRef, useState } from 'react'
import { Choose } from '../../../ui/Choose'
import { verdictClass } from '../../../ui/VerdictMark'
import { InPlace } from '../typed/InPlace'
import type { Hands } from '../typed/useTyped'
import { kitchenMark, MarkButton, MarkReasons, type OpenedMark, type OpenMark, placeOf } from '../verdict/Marks'
import { DragRows } from './DragRows'
import { type Editing, shifted } from './editing'
import { Row, worstMark } from './LedgerRow'
import { LineMenu } from './LineMenu'
import { type LedgerGroup, type LedgerRow, scaled } from './ledgerGroups'
import { figuresOf, headsOf, type LedgerView, views } from './ledgerViews'
import { PriceOf } from './PriceOf'
import { apart, chunkedFrom, chunkSize, RowChunk } from './RowChunk'
import { type Drop, dropEdits } from './rowDrag'
import { type Unweighed, WeightOf } from './WeightOf'
import { WrittenCell } from './WrittenCell'

export function Ledger({
  groups,
  assessment,
  currency,
  editing,
  pointed,
  ingredients,
  scales,
}: {
  groups: LedgerGroup[]
  assessment: Assessment
  currency: string
  editing: Editing
  /** The ingredient pointed at in the ribbon. */
  pointed: string | null
  ingredients: readonly Ingredient[]
  scales: readonly Scale[] | undefined
}) {
  const { claims, bill } = assessment
  const { recipe, factor, hands } = editing
  const [opened, setOpened] = useState<OpenedMark | null>(null)
  const [menu, setMenu] = useState<Pick<LedgerRow, 'name' | 'source' | 'ingredient' | 'line'> | null>(null)
  const [priced, setPriced] = useState<string | null>(null)
  const [missing, setMissing] = useState<Unweighed | null>(null)
  const [view, setView] = useState<LedgerView>('usual')
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set())
  const table = useRef<HTMLTableElement>(null)
  const figuresAt = useMemo(() => figuresOf(view, bill, ingredients, scales), [view, bill, ingredients, scales])
  const drop = (to: Drop) => {
    const edits = dropEdits(recipe, to)
    if (edits.length > 0) hands.onEdit(...edits)
  }
  const fold = useCallback(
    (key: string) =>
      setFolded(before => {
        const next = new Set(before)
        if (!next.delete(key)) next.add(key)
        return next
      }),
    [],
  )
  const anchor = useRef<HTMLElement>(null!)
  const opening = useCallback(
    <T,>(set: (value: T) => void) =>
      (value: T, element: HTMLElement) => {
        anchor.current = element
        set(value)
      },
    [],
  )
  const openMenu = useMemo(() => opening(setMenu), [opening])
  const open = useMemo<OpenMark>(() => opening(setOpened), [opening])
  const openPrice = useMemo(() => {
    const openId = opening(setPriced)
    return (row: LedgerRow, element: HTMLElement) => row.ingredient && openId(row.ingredient.id, element)
  }, [opening])
  const openWeight = useMemo(() => {
    const openMissing = opening(setMissing)
    return (row: LedgerRow, element: HTMLElement) =>
      row.ingredient &&
      row.source &&
      openMissing({ ingredient: row.ingredient, line: row.source, why: row.line?.unweighed ?? '' }, element)
  }, [opening])
  const pricedIngredient = groups
    .flatMap(group => group.rows)
    .find(row => row.ingredient && row.ingredient.id === priced)?.ingredient
  // written, share and cost are hidden on narrow screens: what spans columns leaves them out and stands beside their cells
  const columns = 2 + claims.length

  /** Alt with an arrow moves the line that has the focus. */
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
    const id = (event.target as HTMLElement).closest<HTMLElement>('[data-line]')?.dataset.line
    const edit = id === undefined ? null : shifted(recipe, id, event.key === 'ArrowUp' ? -1 : 1)
    if (!edit) return
    event.preventDefault()
    hands.onEdit(edit)
    const focused = event.target as HTMLElement
    requestAnimationFrame(() => focused.focus())
  }
  const long = bill.lines.length > chunkedFrom
  const drawn = (row: LedgerRow) => (
    <Row
      key={row.key}
      row={row}
      pointed={pointed !== null && pointed === row.ingredient?.id}
      claims={claims}
      onOpen={open}
      onMenu={openMenu}
      onPrice={openPrice}
      onWeight={openWeight}
      figures={row.at < 0 ? null : (figuresAt?.[row.at] ?? null)}
      factor={factor}
      hands={hands}
      weighs={editing.weighs}
    />
  )
  const heads = headsOf(view, moneySign(currency))
  const places = [...new Set(claims.flatMap(claim => claim.kitchenGrounds.map(placeOf)))].sort()
  return (
    <>
      <LineMenu row={menu} editing={editing} anchor={anchor} onEdit={hands.onEdit} onClose={() => setMenu(null)} />
      <WeightOf missing={missing} recipe={recipe} anchor={anchor} hands={hands} onClose={() => setMissing(null)} />
      <PriceOf
        ingredient={pricedIngredient ?? null}
        currency={currency}
        today={editing.today}
        anchor={anchor}
        hands={hands}
        onClose={() => setPriced(null)}
      />
      <MarkReasons
        opened={opened}
        anchor={anchor}
        claims={claims}
        ingredientAt={at => bill.lines[at]?.ingredient ?? null}
        swapsFor={editing.swapsFor}
        onSwap={(line, swap) => {
          const was = recipe.lines.find(one => one.id === line)?.of
          if (was) hands.onEdit({ kind: 'of', line, was, to: { ingredient: swap.ingredient } })
          setOpened(null)
        }}
        onClose={() => setOpened(null)}
      />
      <DragRows
        table={table}
        nameOf={id => groups.flatMap(group => group.rows).find(row => row.source?.id === id)?.name ?? 'A line'}
        onDrop={drop}
      >
        <table ref={table} className="w-full border-collapse text-left" onKeyDown={onKeyDown}>
          <thead className="sticky top-0 z-10 bg-pane">
            <tr className="border-b border-hair align-bottom text-quiet">
              <th className="px-3 py-1 font-normal">
                <span className="sr-only">Part and line</span>
                <span className="inline-block w-40">
                  <Choose label="Columns" value={view} options={views} onChange={next => setView(next as LedgerView)} />
                </span>
              </th>
              <th className="py-2 pr-3 text-right font-normal max-sm:hidden">{heads[0]}</th>
              <th className="py-2 pr-3 text-right font-normal">{heads[1]}</th>
              <th className="py-2 pr-3 text-right font-normal max-xl:hidden">{heads[2]}</th>
              <th className="py-2 pr-2 text-right font-normal max-md:hidden">{heads[3]}</th>
              {claims.map(claim => (
                <th
                  key={claim.claim}
                  className="w-[64px] px-0.5 py-1.5 text-center text-[12.5px] leading-tight font-normal last:pr-3 max-xl:w-[54px] max-sm:w-[36px] max-sm:last:pr-1"
                >
                  {/* on a phone the columns are narrow, so their heads stand upright */}
                  <span className="max-sm:inline-block max-sm:rotate-180 max-sm:whitespace-nowrap max-sm:[writing-mode:vertical-rl]">
                    {nameOfClaim(claim.claim)
                      .split(/[- ](?=\S+$)/)
                      .map(word => (
                        <span key={word} className="sm:block">
                          {word}{' '}
                        </span>
                      ))}
                    <span className={`font-bold sm:block ${verdictClass[claim.verdict]}`}>{claim.verdict}</span>
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          {groups.flatMap(group => [
            <tbody key={group.key} className={`${apart} ${long ? '' : 'border-b border-hair'}`}>
              <GroupHead
                group={group}
                columns={columns}
                broken={group.kind === 'release' && group.rows.some(row => worstMark(claims, row.at) === 'breaks')}
                factor={factor}
                hands={hands}
                onMenu={openMenu}
                usual={view === 'usual'}
                folded={folded.has(group.key)}
                onFold={fold}
              />
              {!long && !folded.has(group.key) && group.rows.map(drawn)}
            </tbody>,
            ...(long && !folded.has(group.key)
              ? Array.from({ length: Math.ceil(group.rows.length / chunkSize) }, (_, at) => {
                  const part = group.rows.slice(at * chunkSize, (at + 1) * chunkSize)
                  return (
                    <RowChunk key={`${group.key} ${at}`} rows={part.length} columns={columns + 3}>
                      {() => part.map(drawn)}
                    </RowChunk>
                  )
                })
              : []),
          ])}
          {places.length > 0 && (
            <tbody className={apart}>
              <tr>
                <th colSpan={columns} className="px-4 pt-1.5 pb-0.5 font-normal">
                  <span className="font-head text-[15px] font-bold text-navy">The kitchen itself</span>
                  <span className="ml-2 text-[13px] text-quiet">cross-contact{reviewed(claims)}</span>
                </th>
                <HiddenWhereNarrow />
              </tr>
              {places.map(place => (
                <tr key={place} className="h-[24px] pointer-coarse:h-[44px]">
                  <td className="px-4" colSpan={2}>
                    {place || 'the whole kitchen'}
                  </td>
                  <HiddenWhereNarrow />
                  {claims.map(claim => {
                    const mark = kitchenMark(claim, place)
                    return (
                      <td key={claim.claim} className="text-center last:pr-3 max-sm:last:pr-1">
                        {mark && (
                          <MarkButton
                            name={place || 'the kitchen itself'}
                            claim={claim.claim}
                            mark={mark}
                            at={-1}
                            place={place}
                            line={null}
                            onOpen={open}
                          />
                        )}
                      </td>
                    )
                  })}
                </tr>
              ))}
            </tbody>
          )}
        </table>
      </DragRows>
    </>
  )
}

/** ", last reviewed on 2 November 2026", from the newest proof behind the kitchen's own marks. */
function reviewed(claims: Assessment['claims']): string {
  const days = claims
    .flatMap(claim => claim.kitchenGrounds.map(ground => ground.reason.evidence))
    .filter((one): one is Evidence => one !== undefined)
    .map(one => one.reviewed ?? one.dated)
  const last = days.sort().at(-1)
  return last === undefined ? '' : `, last reviewed on ${spokenDay(last)}`
}

/** A group's head: a heading that can be renamed, or a part with its amount, edited in place. */
function GroupHead({
  group,
  columns,
  broken,
  factor,
  hands,
  onMenu,
  usual,
  folded,
  onFold,
}: {
  group: LedgerGroup
  columns: number
  broken: boolean
  factor: number
  hands: Hands
  onMenu: (row: Pick<LedgerRow, 'name' | 'source' | 'ingredient' | 'line'>, element: HTMLElement) => void
  /** The columns are written and weigh out; others have no figure for a whole part. */
  usual: boolean
  folded: boolean
  onFold: (key: string) => void
}) {
  const fold = group.rows.length > 0 && (
    <button
      type="button"
      aria-expanded={!folded}
      aria-label={`Lines of ${group.title}`}
      className="-ml-1 inline-flex size-[24px] shrink-0 items-center justify-center rounded align-middle text-quiet hover:bg-hair/60 pointer-coarse:h-[44px] pointer-coarse:w-[34px]"
      onClick={() => onFold(group.key)}
    >
      {folded ? <ChevronRight size={15} aria-hidden /> : <ChevronDown size={15} aria-hidden />}
    </button>
  )
  const hidden = folded && (
    <span className="ml-2 text-[13px] text-quiet">
      {group.rows.length} {group.rows.length === 1 ? 'line' : 'lines'}
    </span>
  )
  const title = `font-head text-[15px] font-bold ${broken ? 'text-breaks' : 'text-navy'}`
  const note = group.note && <span className="ml-2 text-[13px] text-quiet">{group.note}</span>
  const { part } = group
  if (part) {
    const grams = group.rows.reduce((sum, row) => sum + (row.line?.grams ?? 0), 0)
    return (
      <tr data-line={part.id}>
        <th className="px-3 pt-1.5 pb-0.5 font-normal">
          <span className="inline-flex items-center">
            {fold}
            <button
              type="button"
              aria-haspopup="dialog"
              className={`rounded px-1 text-left hover:bg-hair/60 pointer-coarse:min-h-[44px] ${title}`}
              onClick={event =>
                onMenu({ name: group.title, source: part, ingredient: null, line: null }, event.currentTarget)
              }
            >
              {group.title}
            </button>
          </span>
          {note}
          {hidden}
          {group.rows.length === 0 && <span className="ml-2 text-[13px] text-unproven">nothing in it yet</span>}
        </th>
        <td className="pt-1.5 pr-2 text-right max-sm:hidden">
          {usual && (
            <WrittenCell line={part} name={group.title} text={scaled(part, factor)} factor={factor} hands={hands} />
          )}
        </td>
        <td className="figure pt-1.5 pr-3 text-right text-quiet">{usual && grams > 0 ? weighed(grams) : ''}</td>
        <td className="max-xl:hidden" />
        <td className="max-md:hidden" />
        <td colSpan={columns - 2} />
      </tr>
    )
  }
  if (group.kind !== 'bowl')
    return (
      <tr>
        <th colSpan={columns} className="px-3 pt-1.5 pb-0.5 font-normal">
          {fold}
          <span className={`px-1 ${title}`}>{group.title}</span>
          {note}
          {hidden}
        </th>
        <HiddenWhereNarrow />
      </tr>
    )
  const lines = group.rows.flatMap(row => (row.source ? [row.source] : []))
  return (
    <tr>
      <th colSpan={columns} className="px-3 pt-1.5 pb-0.5 font-normal">
        {fold}
        <span className="inline-block max-w-80">
          <InPlace
            label={`Group ${group.title}`}
            text={group.heading ?? ''}
            hands={hands}
            inputClass={title}
            className={title}
            read={typed => ({
              edits: lines.map(line => ({
                kind: 'heading',
                line: line.id,
                was: line.heading ?? null,
                to: typed.trim() || null,
              })),
            })}
          >
            {group.title}
          </InPlace>
        </span>
        {note}
        {hidden}
      </th>
      <HiddenWhereNarrow />
    </tr>
  )
}

/** The cells of the columns that narrow screens do without: written, share, cost. */
const HiddenWhereNarrow = () => (
  <>
    <td className="max-sm:hidden" />
    <td className="max-xl:hidden" />
    <td className="max-md:hidden" />
  </>
)
