// What a label says, part by part, in words: what is read before it is signed, and compared ever after. The date, the lot and the
// price are of each batch and no part of it.
import type { Assessment } from '../assess/assess'
import type { Run } from '../label/run'
import { rulesOf } from '../market/market'
import type { Product } from '../model/product'

export const saidParts = [
  'name',
  'ingredients',
  'second language',
  'statements',
  'claims',
  'nutrition',
  'net quantity',
  'keeping',
  'business',
] as const
export type SaidPart = (typeof saidParts)[number]
export interface Said {
  part: SaidPart
  /** Emphasised words stand between asterisks. */
  words: string
}

const marked = (runs: readonly Run[]): string =>
  runs.map(run => (run.strong && run.text.trim() !== '' ? `*${run.text}*` : run.text)).join('')

/** Every part that has words, in the order of a label. Pure: the same label says the same. */
export function saidBy({ declaration }: Assessment, product: Pick<Product, 'keeps'>): Said[] {
  const { words } = rulesOf(declaration.market, declaration.day)
  const { table, panel, front, second, particulars } = declaration
  const rows =
    'rows' in table
      ? table.rows.map(row =>
          [row.label, row.per100g, row.perServing, row.percent, row.perUnit, row.unitPercent]
            .filter(cell => cell !== undefined)
            .join(' | '),
        )
      : []
  if (rows.length > 0 && !panel)
    rows.unshift([words.table.typical, words.table.per100g, particulars.serving].join(' | '))
  const keeps = product.keeps
    ? `${product.keeps.mark === 'useBy' ? words.useBy : words.bestBefore}: ${product.keeps.days} ${product.keeps.days === 1 ? 'day' : 'days'} from baking. ${product.keeps.storage}`
    : ''
  const all: Record<SaidPart, string> = {
    name: [declaration.name, declaration.byName].filter(Boolean).join('\n'),
    ingredients: `${words.ingredients}${marked(declaration.ingredients)}.`,
    'second language': second ? [second.name, second.ingredients, second.storage].filter(Boolean).join('\n') : '',
    statements: declaration.statements.map(marked).join('\n'),
    claims: declaration.claims.join(', '),
    nutrition:
      'missing' in table && table.leftOut !== undefined
        ? `No table: ${table.leftOut}.`
        : [
            panel?.servings,
            ...(panel && panel.per.length > 0 ? panel.per : [panel?.servingSize]),
            ...rows,
            ...(front
              ? [
                  front.lead,
                  ...front.cells.map(one =>
                    [one.name, ...one.amounts, one.level, one.percent].filter(Boolean).join(' | '),
                  ),
                ]
              : []),
          ]
            .filter(Boolean)
            .join('\n'),
    'net quantity': [particulars.netQuantity, particulars.portions].filter(Boolean).join('\n'),
    keeping: keeps.trim(),
    business: [particulars.operator, particulars.origin, particulars.gtin && `Article number ${particulars.gtin}`]
      .filter(Boolean)
      .join('\n'),
  }
  return saidParts.flatMap(part => (all[part] === '' ? [] : [{ part, words: all[part] }]))
}

export interface Altered {
  part: SaidPart
  /** Null: it said nothing there. */
  was: string | null
  now: string | null
}
/** The parts that say something else now. None where the words are the same, whatever else was changed. */
export function alteredIn(was: readonly Said[], now: readonly Said[]): Altered[] {
  const [before, after] = [was, now].map(said => new Map(said.map(one => [one.part, one.words])))
  return saidParts.flatMap(part => {
    const [old, next] = [before!.get(part) ?? null, after!.get(part) ?? null]
    return old === next ? [] : [{ part, was: old, now: next }]
  })
}
