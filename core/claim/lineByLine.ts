// A claim judged by what each line is: one verdict a line that touches the food, and one for what is not known of the recipe.
import { byId } from '../model/byId'
import type { ClaimCode } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import { type BillLine, gapMend, wayOf } from '../recipe/bill'
import { type ClaimContext, type ClaimResult, concluded, type Ground, type Verdict } from './verdict'

export type Judged = { verdict: Verdict; fact: string; mend?: string }
export const unsaid = (what: string): Judged => ({
  verdict: 'unproven',
  fact: `nobody has said ${what}`,
  mend: 'Say so in the larder.',
})
export const fine: Judged = { verdict: 'holds', fact: 'nothing stands against it' }

/** Judges every line that touches the food by its ingredient. */
export function lineByLine(
  claim: ClaimCode,
  context: ClaimContext,
  judge: (ingredient: Ingredient, line: BillLine) => Judged,
  note?: string,
  more: Ground[] = [],
  kitchen: Ground[] | null = null,
): ClaimResult {
  const ingredients = byId(context.workbook.ingredients)
  const grounds: Ground[] = []
  for (const [at, line] of context.bill.lines.entries()) {
    if (line.role === 'beside') continue
    const { verdict, ...reason } = judge(ingredients.get(line.ingredient)!, line)
    grounds.push({ verdict, at, reason: { ...wayOf(line), ...reason } })
  }
  for (const gap of context.bill.gaps)
    if (gap.kind === 'component')
      grounds.push({ verdict: 'unproven', at: -1, reason: { ...wayOf(gap), fact: gap.fact, mend: gapMend(gap) } })
  return concluded(claim, context, [...grounds, ...more], kitchen, note)
}
