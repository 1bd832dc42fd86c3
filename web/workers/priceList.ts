// Off the main thread: reads a price list's cells, and looks its rows through.
import { type PriceColumns, type PriceListContext, readPriceList } from '@fair-tin/core/exchange'
import { expose } from 'comlink'
import { cellsOf } from '../screens/prices/cells'

let rows: string[][] = []
let stopped = false

const priceList = {
  /** The first rows, to name the columns by, and how many there are. */
  async open(bytes: Uint8Array, name: string) {
    const read = await cellsOf(bytes, name)
    if ('problem' in read) return read
    rows = read.rows
    return { head: rows.slice(0, 8), count: rows.length }
  },
  stop() {
    stopped = true
  },
  /** A dry run in slices, so that it can be stopped between them. */
  async look(
    columns: PriceColumns,
    context: Omit<PriceListContext, 'onProgress'>,
    onProgress: (looked: number, all: number) => void,
  ) {
    stopped = false
    const slice = 5000
    const whole = { changes: [], unchanged: 0, refused: [], stopped: false } as ReturnType<typeof readPriceList>
    const taken = new Map<string, number>()
    for (let from = columns.headRows; from < rows.length; from += slice) {
      await new Promise(resolve => setTimeout(resolve))
      if (stopped) return { ...whole, changes: [], stopped: true }
      onProgress(from, rows.length)
      const above = { rows: from, taken }
      const part = readPriceList(rows.slice(from, from + slice), { ...columns, headRows: 0 }, { ...context, above })
      whole.unchanged += part.unchanged
      whole.refused.push(...part.refused)
      whole.changes.push(...part.changes)
    }
    onProgress(rows.length, rows.length)
    return whole
  },
}
export type PriceListWorker = typeof priceList
expose(priceList)
