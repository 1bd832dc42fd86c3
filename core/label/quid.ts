// QUID: the share of an ingredient in the name or picture (Regulation (EU) 1169/2011, Art. 22 and Annex VIII).

import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { toPlaces } from '../words/rounding'
import { stems } from '../words/stem'
import { filled } from '../words/template'

export interface Quid {
  /** Printed share by ingredient id, "45 %". Empty where shares must be said as weights. */
  shares: Map<string, string>
  /** "Prepared with 120 g of damsons per 100 g of finished product." where a share passes 100 %. */
  statements: string[]
  problems: { what: string; mend?: string }[]
}

const printed = (share: number): string => `${toPlaces(share * 100, share < 0.0095 ? 1 : 0)} %`

/** Ingoing weight over finished weight, for each highlighted ingredient. `overWhole`: the sentence where shares pass 100 %. */
export function quidOf(
  product: Product,
  bill: Bill,
  workbook: Workbook,
  nameOf: (id: string) => string,
  overWhole: string,
): Quid {
  const quid: Quid = { shares: new Map(), statements: [], problems: [] }
  const known: [string, number][] = []
  // one missing weight makes the finished weight, and so every share, wrong
  const weightMissing =
    bill.lines.some(line => line.unweighed && line.role !== 'beside') || bill.gaps.some(gap => gap.kind === 'component')
  for (const id of product.highlighted ?? []) {
    const lines = bill.lines.filter(line => line.ingredient === id && line.role !== 'beside')
    if (lines.length === 0) {
      const name = workbook.ingredients.find(ingredient => ingredient.id === id)?.name ?? id
      quid.problems.push({
        what: `${name} is highlighted, but there is none in the recipe.`,
        mend: 'Take it off the list of highlighted ingredients, or add it.',
      })
    } else if (weightMissing || !(bill.finished > 0))
      quid.problems.push({
        what: `The share of ${nameOf(id)} (QUID) cannot be given while a weight is unknown.`,
        mend: 'Give every line a weight.',
      })
    else known.push([id, lines.reduce((sum, line) => sum + line.grams * line.retained, 0) / bill.finished])
  }
  const sum = known.reduce((total, [, share]) => total + share, 0)
  for (const [id, share] of known)
    if (sum > 1) quid.statements.push(filled(overWhole, { n: toPlaces(share * 100, 0), name: nameOf(id) }))
    else quid.shares.set(id, printed(share))
  return quid
}

/** Shorter words than this name nothing. */
const letters = 4

/** Highlighted or not, an ingredient whose name stands in the product's name needs its share. */
export function namedButNotHighlighted(product: Product, bill: Bill, workbook: Workbook): string[] {
  const words = new Set(stems(`${product.name} ${product.legalName ?? ''}`, letters))
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const covered = new Set(
    workbook.ingredients.filter(one => product.highlighted?.includes(one.id)).flatMap(one => stems(one.name, letters)),
  )
  const vague = new Set([
    'flour',
    'sugar',
    'free',
    'plain',
    'house',
    'slice',
    'cake',
    'seed',
    'light',
    'dark',
    'butter',
    'powder',
    'ground',
  ])
  return workbook.ingredients
    .filter(ingredient => used.has(ingredient.id) && !product.highlighted?.includes(ingredient.id))
    .filter(ingredient =>
      stems(ingredient.name, letters).some(stem => !vague.has(stem) && !covered.has(stem) && words.has(stem)),
    )
    .map(ingredient => ingredient.name)
}
