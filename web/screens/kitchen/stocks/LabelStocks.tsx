// What labels are printed on: rolls and sheets, each by its millimetres, with a picture of the sheet.
'use client'
import type { KitchenSheet } from '@fair-tin/core/edit'
import { LabelStock } from '@fair-tin/core/model'
import { perSheet, placesOn } from '../../../label/sheet'
import { type EntryProps, KitchenList } from '../KitchenList'
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

export const LabelStocks = ({ kitchen, mayChange }: { kitchen: KitchenSheet; mayChange: boolean }) => (
  <KitchenList
    field="labelStocks"
    shelf="label-stock"
    title="Label stock"
    intro="Measure them, or read the millimetres off the box. Print one sheet on plain paper first and hold it against the labels: printers shift and shrink, so print at true size, never fitted to the page."
    keeps="the stock"
    told="The label stock is kept. It is offered on every bench, under Label."
    add="Add a stock"
    kitchen={kitchen}
    mayChange={mayChange}
    draftOf={stockDraft}
    newDraft={newStock}
    fromDrafts={stocksFrom}
    Entry={Stock}
  />
)

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

function Stock({ draft, problem, onChange, onRemove }: EntryProps<StockDraft>) {
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
      className="h-auto max-h-[200px] w-[130px] shrink-0 self-center max-sm:hidden"
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
