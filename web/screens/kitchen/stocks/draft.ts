// Label stock as a form: text while it is edited, millimetres again when it is kept.
import { LabelStock } from '@fair-tin/core/model'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { v4 } from 'uuid'

export const labelFields = ['width', 'height'] as const
export const sheetFields = [
  'sheetWidth',
  'sheetHeight',
  'across',
  'down',
  'left',
  'top',
  'stepAcross',
  'stepDown',
] as const
export type StockField = (typeof labelFields)[number] | (typeof sheetFields)[number]
export interface StockDraft extends Record<StockField, string> {
  key: string
  name: string
  onSheets: boolean
}

const text = (value: number | undefined) => (value === undefined ? '' : String(value))
export const stockDraft = ({ id, name, width, height, sheet }: LabelStock): StockDraft => ({
  key: id,
  name,
  width: text(width),
  height: text(height),
  onSheets: sheet !== undefined,
  sheetWidth: text(sheet?.width ?? 210),
  sheetHeight: text(sheet?.height ?? 297),
  across: text(sheet?.across ?? 2),
  down: text(sheet?.down ?? 4),
  left: text(sheet?.left ?? 5),
  top: text(sheet?.top ?? 8),
  stepAcross: text(sheet?.stepAcross ?? 100),
  stepDown: text(sheet?.stepDown ?? 70),
})
/** Labels of 100 × 70 mm on a sheet of A4: a beginning, to be written over by what the box says. */
export const newStock = (): StockDraft => ({
  ...stockDraft({ id: v4(), name: '', width: 100, height: 70 }),
  onSheets: true,
})

export function stockOf(draft: StockDraft): unknown {
  const mm = (field: StockField) => typedNumber(draft[field])
  return {
    id: draft.key,
    name: draft.name,
    width: mm('width'),
    height: mm('height'),
    ...(draft.onSheets
      ? {
          sheet: {
            width: mm('sheetWidth'),
            height: mm('sheetHeight'),
            across: mm('across'),
            down: mm('down'),
            left: mm('left'),
            top: mm('top'),
            stepAcross: mm('stepAcross'),
            stepDown: mm('stepDown'),
          },
        }
      : {}),
  }
}

/** All of them, or what is wrong with which, by its key. */
export function stocksFrom(
  drafts: readonly StockDraft[],
): { values: LabelStock[] } | { problems: ReadonlyMap<string, string> } {
  const problems = new Map<string, string>()
  const stocks = drafts.flatMap(draft => {
    const read = LabelStock.safeParse(stockOf(draft))
    const doubt = [...labelFields, ...(draft.onSheets ? sheetFields : [])]
      .map(field => commaDoubt(draft[field]))
      .find(Boolean)
    if (read.success && !doubt) return [read.data]
    problems.set(draft.key, doubt ?? read.error!.issues[0]!.message)
    return []
  })
  return problems.size > 0 ? { problems } : { values: stocks }
}
