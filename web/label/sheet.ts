// Where labels stand on sheets: row by row, from a label on, so that a sheet begun is used up.
import type { LabelStock } from '@fair-tin/core/model'

export interface Place {
  sheet: number
  /** Of the label’s upper left corner, mm. */
  x: number
  y: number
}
export const perSheet = ({ sheet }: LabelStock): number => (sheet ? sheet.across * sheet.down : 1)

/** `from`: the first label that is not used up, 1 and up; past the end of the sheet a new one is begun. */
export function placesOn(stock: LabelStock, copies: number, from = 1): Place[] {
  const { sheet } = stock
  return Array.from({ length: copies }, (_, copy) => {
    if (!sheet) return { sheet: copy, x: 0, y: 0 }
    const at = from - 1 + copy
    const onSheet = at % perSheet(stock)
    return {
      // sheets before the first that is used are not printed
      sheet: Math.floor(at / perSheet(stock)) - Math.floor((from - 1) / perSheet(stock)),
      x: sheet.left + (onSheet % sheet.across) * sheet.stepAcross,
      y: sheet.top + Math.floor(onSheet / sheet.across) * sheet.stepDown,
    }
  })
}
