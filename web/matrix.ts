// The allergen matrix of a market: products by allergens, contains and may contain apart, from what is signed and still so.
import 'server-only'
import { declaredCodes, labelNameOf } from '@fair-tin/core/label'
import { rulesOf } from '@fair-tin/core/market'
import type { AllergenCode, MarketCode } from '@fair-tin/core/model'
import { reading, today } from './bakery'
import { labelStates } from './labels'

export interface MatrixRow {
  product: { id: string; name: string }
  /** Null: nothing is signed for it, or what was is out of date. */
  cells: ('contains' | 'may contain' | '')[] | null
  signedBy: string | null
  signedAt: string | null
}
export interface Matrix {
  market: MarketCode
  title: string
  asOf: string
  codes: AllergenCode[]
  heads: string[]
  rows: MatrixRow[]
}
export async function matrixOf(market: MarketCode): Promise<Matrix> {
  const rules = rulesOf(market, today())
  const { workbook, states } = await reading(sql => labelStates(sql))
  const codes = [...declaredCodes(rules)]
  const rows = states
    .filter(one => one.market === market)
    .map(({ product, state, seal, last }): MatrixRow => {
      const so = state === 'signed' ? seal : null
      return {
        product,
        cells:
          so &&
          codes.map(code =>
            so.contains.includes(code) ? 'contains' : so.mayContain.includes(code) ? 'may contain' : '',
          ),
        signedBy: so && last ? last.by : null,
        signedAt: so && last ? last.at : null,
      }
    })
    .sort((a, b) => a.product.name.localeCompare(b.product.name, 'en'))
  return {
    market,
    title: rules.title,
    asOf: workbook.today,
    codes,
    heads: codes.map(code => labelNameOf(code, rules)),
    rows,
  }
}
