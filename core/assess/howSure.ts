// How sure the nutrition table of one product is in one market, and what to know better first.
import { rulesOf } from '../market/market'
import type { Rounded } from '../market/rulePack'
import { byId } from '../model/byId'
import type { MarketCode } from '../model/market'
import { judgedOn, type Workbook } from '../model/workbook'
import { type RowSpread, type Swing, simulate, swingsOf } from '../nutrition/simulate'
import { spreadOf } from '../nutrition/spread'
import { billOf } from '../recipe/bill'
import { asPacked } from '../recipe/packWeight'

export interface HowSure {
  /** Grams the figures are for. */
  per: number
  draws: number
  rows: RowSpread[]
  swings: Partial<Record<Rounded, Swing[]>>
}
/** Null where there is no table to be sure of, or it was stopped: `onProgress` is told how many were drawn. */
export function howSure(
  workbook: Workbook,
  productId: string,
  market: MarketCode,
  draws = 10_000,
  onProgress?: (drawn: number, all: number) => boolean,
): HowSure | null {
  const stored = byId(workbook.products).get(productId)
  if (!stored) throw new RangeError(`There is no product “${productId}”.`)
  const recipe = byId(workbook.recipes).get(stored.recipe)
  const bill = billOf(workbook, stored.recipe)
  const spread = spreadOf(bill, asPacked(stored, recipe, bill), recipe, workbook, rulesOf(market, judgedOn(workbook)))
  const rows = spread && simulate(spread, draws, undefined, onProgress)
  if (!spread || !rows || rows.length === 0) return null
  return {
    per: spread.per,
    draws,
    rows,
    swings: Object.fromEntries(rows.map(({ nutrient }) => [nutrient, swingsOf(spread, nutrient)])),
  }
}
