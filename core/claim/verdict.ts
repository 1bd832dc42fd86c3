// A claim's result, with its reasons.
import type { FindingTable, Reason } from '../allergen/rollUp'
import type { RulePack } from '../market/rulePack'
import type { ClaimCode } from '../model/claim'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Nutrition } from '../nutrition/rollUp'
import type { Bill } from '../recipe/bill'

export type Verdict = 'holds' | 'breaks' | 'unproven'
/** The verdict of one line of the bill, for its mark in the ledger. `mayContain`: holds, with a may-contain that is shown. */
export type Mark = Verdict | 'mayContain'

export interface ClaimResult {
  claim: ClaimCode
  verdict: Verdict
  because: Reason[]
  /** One mark for each bill line, by index; lines served beside have none. */
  marks: (Mark | null)[]
  /** The mark of the kitchen itself; null where the claim does not ask about it. */
  kitchen: Mark | null
  /** Every reason, also those that hold, by bill line; -1 for what belongs to no line. */
  grounds: Ground[]
  /** What the kitchen itself adds, for claims that ask. */
  kitchenGrounds: Ground[]
  /** Shown beside the verdict, whatever it is. */
  note?: string
}

/** What every claim rule is given. */
export interface ClaimContext {
  product: Product
  bill: Bill
  workbook: Workbook
  rules: RulePack
  found: FindingTable
  nutrition: Nutrition
}

/** One reason with the weight it has. */
export interface Ground {
  verdict: Mark
  reason: Reason
  at: number
}

/** From good to bad. */
export const severity: Record<Mark, number> = { holds: 0, mayContain: 1, unproven: 2, breaks: 3 }
const worse = <M extends Mark>(a: M, b: M): M => (severity[b] > severity[a] ? b : a)

/** Breaks over unproven over holds; the reasons that decide come first, all are kept. */
export function concluded(
  claim: ClaimCode,
  context: ClaimContext,
  grounds: Ground[],
  kitchen: Ground[] | null = null,
  note?: string,
): ClaimResult {
  const marks: (Mark | null)[] = context.bill.lines.map(line => (line.role === 'beside' ? null : 'holds'))
  for (const ground of grounds)
    if (ground.at >= 0 && marks[ground.at] !== null)
      marks[ground.at] = worse(marks[ground.at] ?? 'holds', ground.verdict)
  const all = [...grounds, ...(kitchen ?? [])]
  if (context.bill.lines.every(line => line.role === 'beside'))
    all.push({
      verdict: 'unproven',
      at: -1,
      reason: { path: [], fact: 'there is nothing in it yet', mend: 'Add the first line.' },
    })
  const worst = all.reduce<Mark>((so, ground) => worse(so, ground.verdict), 'holds')
  const verdict: Verdict = worst === 'mayContain' ? 'holds' : worst
  const because = all
    .filter(ground => ground.verdict !== 'holds' || verdict === 'holds')
    .sort((a, b) => severity[b.verdict] - severity[a.verdict])
    .map(ground => ground.reason)
  const kitchenMark =
    kitchen === null ? null : kitchen.reduce<Mark>((worst, ground) => worse(worst, ground.verdict), 'holds')
  return {
    claim,
    verdict,
    because,
    marks,
    grounds,
    kitchenGrounds: kitchen ?? [],
    kitchen: kitchenMark,
    ...(note ? { note } : {}),
  }
}
