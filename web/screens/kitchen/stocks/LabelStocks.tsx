// What labels are printed on: rolls and sheets, each by its millimetres, with a picture of the sheet.
'use client'
import { type KitchenSheet, sheetEdits } from '@fair-tin/core/edit'
import { LabelStock } from '@fair-tin/core/model'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useState, useTransition } from 'react'
import { perSheet, placesOn } from '../../../label/sheet'
import { SheetClashes } from '../../SheetClashes'
import { useLeftOpen } from '../../useLeftOpen'
import { tellKept, useSheet } from '../../useSheet'
import { KeepOrLeave } from '../KeepOrLeave'
import {
  labelFields,
  newStock,
  type StockDraft,
  type StockField,
  sheetFields,
  stockDraft,
  stockOf,
  stocksFrom,
} from './draft'

const shelf = 'label-stock'
interface Form {
  drafts: StockDraft[]
  before: LabelStock[]
}
const opened = (stocks: LabelStock[]): Form => ({ drafts: stocks.map(stockDraft), before: stocks })

export function LabelStocks({ kitchen, mayChange }: { kitchen: KitchenSheet; mayChange: boolean }) {
  const router = useRouter()
  const [saving, start] = useTransition()
  const stocks = kitchen.labelStocks ?? []
  const again = useCallback((left: unknown) => left as Form, [])
  const { form, open, put, forget, setForm } = useLeftOpen<Form>(shelf, () => opened(stocks), again)
  const [problems, setProblems] = useState<ReadonlyMap<string, string>>(new Map())
  const { clashes, send, takeBack, settle } = useSheet('kitchen')
  const change = (key: string, to: Partial<StockDraft>) =>
    put(now => ({ ...now, drafts: now.drafts.map(one => (one.key === key ? { ...one, ...to } : one)) }))

  const keep = () => {
    const built = stocksFrom(form.drafts)
    setProblems('problems' in built ? built.problems : new Map())
    if ('problems' in built) return
    start(async () => {
      const edits = sheetEdits('kitchen', { labelStocks: form.before }, { labelStocks: built.stocks })
      const sent = await send('kitchen', edits)
      if (!sent.kept) return setProblems(new Map(sent.problems.map(one => ['', one.message])))
      forget()
      setForm(opened(built.stocks))
      tellKept(
        'The label stock is kept. It is offered on every bench, under Label.',
        edits.length > 0 ? () => takeBack('kitchen', edits) : null,
        () => router.refresh(),
      )
      router.refresh()
    })
  }
  const choose = (clash: (typeof clashes)[number], mine: boolean) =>
    start(async () => {
      const sent = await settle('kitchen', clash, mine)
      if (!sent.kept) return setProblems(new Map(sent.problems.map(one => ['', one.message])))
      if (clashes.length === 1) {
        forget()
        router.refresh()
      }
    })

  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Label stock</h1>
        <Link href="/kitchen" className="word-link">
          Back to Kitchen
        </Link>
        <KeepOrLeave
          open={open}
          saving={saving}
          may={mayChange}
          keeps="the stock"
          onKeep={keep}
          onLeave={() => {
            forget()
            setForm(opened(stocks))
            setProblems(new Map())
          }}
        />
      </div>
      <p className="max-w-prose text-quiet">
        Measure them, or read the millimetres off the box. Print one sheet on plain paper first and hold it against the
        labels: printers shift and shrink, so print at true size, never fitted to the page.
      </p>
      <SheetClashes clashes={clashes} onMine={one => choose(one, true)} onTheirs={one => choose(one, false)} />
      {problems.get('') && (
        <p role="alert" className="text-breaks">
          {problems.get('')}
        </p>
      )}
      <div className="grid min-h-0 flex-1 content-start gap-3 overflow-auto lg:grid-cols-2">
        {form.drafts.map(draft => (
          <Stock
            key={draft.key}
            draft={draft}
            problem={problems.get(draft.key)}
            onChange={to => change(draft.key, to)}
            onRemove={() => put(now => ({ ...now, drafts: now.drafts.filter(one => one !== draft) }))}
          />
        ))}
        <button
          type="button"
          className="do self-start justify-self-start"
          onClick={() => put(now => ({ ...now, drafts: [...now.drafts, newStock()] }))}
        >
          Add a stock
        </button>
      </div>
    </section>
  )
}

const fieldName: Record<StockField, string> = {
  width: 'Label wide, mm',
  height: 'Label high, mm',
  sheetWidth: 'Sheet wide, mm',
  sheetHeight: 'Sheet high, mm',
  across: 'Side by side',
  down: 'One below another',
  left: 'From the left edge, mm',
  top: 'From the top edge, mm',
  stepAcross: 'Step across, mm',
  stepDown: 'Step down, mm',
}

function Stock({
  draft,
  problem,
  onChange,
  onRemove,
}: {
  draft: StockDraft
  problem: string | undefined
  onChange: (to: Partial<StockDraft>) => void
  onRemove: () => void
}) {
  const title = draft.name.trim() || 'A new stock'
  const read = LabelStock.safeParse(stockOf({ ...draft, name: title }))
  return (
    <fieldset className="flex gap-3 rounded-lg border border-hair bg-pane p-3" aria-label={title}>
      <div className="flex min-w-0 flex-1 flex-col gap-2">
        <div className="flex items-end gap-2">
          <label className="min-w-0 flex-1 text-[13px] text-quiet">
            What it is called
            <input
              className="field text-ink"
              maxLength={80}
              placeholder="Cream sheets, 8 on A4"
              value={draft.name}
              onChange={event => onChange({ name: event.target.value })}
            />
          </label>
          <button type="button" className="do" aria-label={`Take out ${title}`} onClick={onRemove}>
            Take out
          </button>
        </div>
        {problem && (
          <p role="alert" className="text-breaks">
            {problem}
          </p>
        )}
        <label className="flex min-h-[24px] items-center gap-1.5 pointer-coarse:min-h-[44px]">
          <input
            type="checkbox"
            className="size-[20px] shrink-0 accent-damson"
            checked={draft.onSheets}
            onChange={event => onChange({ onSheets: event.target.checked })}
          />
          On sheets, not on a roll
        </label>
        <div className="grid grid-cols-2 gap-2">
          {[...labelFields, ...(draft.onSheets ? sheetFields : [])].map(field => (
            <label key={field} className="text-[13px] text-quiet">
              {fieldName[field]}
              <input
                className="field figure text-ink"
                inputMode="decimal"
                maxLength={8}
                value={draft[field]}
                onChange={event => onChange({ [field]: event.target.value })}
              />
            </label>
          ))}
        </div>
      </div>
      <Picture stock={read.success ? read.data : null} />
    </fieldset>
  )
}

/** The sheet, or a label of the roll, as it will be cut. */
function Picture({ stock }: { stock: LabelStock | null }) {
  if (!stock)
    return (
      <p className="w-[130px] shrink-0 self-center text-[13px] text-unproven">As written, no sheet can be cut so.</p>
    )
  const { width, height } = stock.sheet ?? stock
  return (
    <svg
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      className="h-auto max-h-[200px] w-[130px] shrink-0 self-center"
      role="img"
      aria-label={stock.sheet ? `${perSheet(stock)} labels on a sheet` : 'One label of a roll'}
    >
      <rect width={width} height={height} className="fill-page stroke-navy" strokeWidth={1} />
      {stock.sheet &&
        placesOn(stock, perSheet(stock)).map(({ x, y }) => (
          <rect
            key={`${x} ${y}`}
            x={x}
            y={y}
            width={stock.width}
            height={stock.height}
            rx={2}
            className="fill-pane stroke-quiet"
            strokeWidth={0.8}
          />
        ))}
    </svg>
  )
}
