// Every declaration that is signed and still so, part by part, for other programs.
import 'server-only'
import { assessed } from '@fair-tin/core/assess'
import { labelNameOf } from '@fair-tin/core/label'
import { rulesOf } from '@fair-tin/core/market'
import { judgedOn, type MarketCode } from '@fair-tin/core/model'
import { type DeclarationLd, declarationLd, type SaidPart, saidParts } from '@fair-tin/core/seal'
import { reading } from './bakery'
import { labelStates } from './labels'

export interface Declared {
  product: string
  market: string
  contains: string
  mayContain: string
  /** By part of the label, without the marks of emphasis. */
  says: Partial<Record<SaidPart, string>>
  signedBy: string
  signedOn: string
  data: DeclarationLd
}
/** `market`: of that one alone. What is out of date or unsigned is not among them: it is declared by nobody. */
export async function declarationsOf(
  market: MarketCode | null,
): Promise<{ asOf: string; rows: Declared[]; unsigned: number }> {
  const { workbook, states } = await reading(sql => labelStates(sql))
  const wanted = states.filter(one => market === null || one.market === market)
  const rows = wanted.flatMap(({ state, seal, last, market: of }): Declared[] => {
    if (state !== 'signed' || !seal || !last) return []
    const rules = rulesOf(of, judgedOn(seal.rests))
    const names = (code: (typeof seal.contains)[number]) => labelNameOf(code, rules)
    const { nutrition } = assessed(seal.rests, seal.product.id, of)
    return [
      {
        product: seal.product.name,
        market: rules.title,
        contains: seal.contains.map(names).join(', '),
        mayContain: seal.mayContain.map(names).join(', '),
        says: Object.fromEntries(seal.says.map(one => [one.part, one.words.replaceAll('*', '')])),
        signedBy: last.by,
        signedOn: last.at.slice(0, 10),
        data: declarationLd(seal, nutrition.per100g, names, last),
      },
    ]
  })
  return { asOf: workbook.today, rows, unsigned: wanted.length - rows.length }
}

export const declaredHeads = ['Product', 'Market', 'Contains', 'May contain', ...saidParts, 'Signed by', 'Signed on']
export const declaredCells = (one: Declared): string[] => [
  one.product,
  one.market,
  one.contains,
  one.mayContain,
  ...saidParts.map(part => one.says[part] ?? ''),
  one.signedBy,
  one.signedOn,
]
