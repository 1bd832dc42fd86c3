// Off the main thread: how sure the nutrition table of a product is.
import { howSure } from '@fair-tin/core/assess'
import type { MarketCode, Workbook } from '@fair-tin/core/model'
import { expose } from 'comlink'

const sure = {
  find: (workbook: Workbook, productId: string, market: MarketCode, onProgress: (drawn: number, all: number) => void) =>
    howSure(workbook, productId, market, undefined, (drawn, all) => {
      onProgress(drawn, all)
      return true
    }),
}
export type HowSureWorker = typeof sure
expose(sure)
