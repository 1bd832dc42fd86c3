// The bill as a ledger: groups of rows in the order she works, each with what was written and what to weigh.
import {
  type Assessment,
  type BillLine,
  type Line,
  type Recipe,
  type Role,
  type Workbook,
  writtenAmount,
} from '@fair-tin/core'

export interface LedgerRow {
  /** Index of the bill line. */
  at: number
  /** The line of this recipe that can be edited here; null inside a part. */
  source: Line | null
  name: string
  prep: string
  written: string
  line: BillLine
  /** Of all that touches the food; null for what is served beside. */
  share: number | null
  cost: string | null
}
export interface LedgerGroup {
  key: string
  title: string
  note: string
  kind: 'bowl' | 'part' | Role
  rows: LedgerRow[]
}

const roleTitle: Partial<Record<Role, [string, string]>> = {
  finish: ['Finish', 'on top'],
  release: ['Tin release', 'stays on the food: it counts'],
  drained: ['Drained off', 'leaves its allergens behind unless proven otherwise'],
  beside: ['Served beside', 'not sold with it, and in no weight'],
}
const roleOrder: LedgerGroup['kind'][] = ['bowl', 'part', 'mix', 'finish', 'drained', 'release', 'beside']

/** The written amount for a batch of `factor` makings. */
export const scaled = (line: Line, factor: number): string => {
  if (line.amount === null) return line.text && line.approximate ? 'not measured' : 'not said'
  const times = (amount: NonNullable<Line['amount']>) => ({
    ...amount,
    value: amount.value * factor,
    ...(amount.upTo === undefined ? {} : { upTo: amount.upTo * factor }),
  })
  return [line.amount, ...(line.plus ?? [])]
    .map((amount, at) =>
      at === 0
        ? writtenAmount(times(amount))
        : amount.value < 0
          ? `− ${writtenAmount(times({ ...amount, value: -amount.value }))}`
          : `+ ${writtenAmount(times(amount))}`,
    )
    .join(' ')
}

/** Rows grouped by part, heading and role. Pure; weights and costs are the assessment's. */
export function ledgerOf(assessment: Assessment, workbook: Workbook, recipe: Recipe): LedgerGroup[] {
  const recipes = new Map(workbook.recipes.map(one => [one.id, one]))
  const ingredients = new Map(workbook.ingredients.map(one => [one.id, one]))
  const costs = new Map(assessment.cost.lines.map(line => [line.at, line.cost]))
  const { bill } = assessment
  const groups = new Map<string, LedgerGroup>()
  for (const [at, line] of bill.lines.entries()) {
    const holder = recipes.get(line.path.at(-2)!.id)
    const source = holder?.lines.find(one => one.id === line.line)
    const top =
      line.path.length > 2 ? recipe.lines.find(one => 'recipe' in one.of && one.of.recipe === line.path[1]!.id) : source
    const aside = line.role !== 'mix' ? roleTitle[line.role] : undefined
    const part = line.path.length > 2 ? line.path[1]! : null
    const key = aside ? `role ${line.role}` : part ? `part ${part.id}` : `heading ${top?.heading ?? ''}`
    let group = groups.get(key)
    if (!group) {
      group = aside
        ? { key, title: aside[0], note: aside[1], kind: line.role, rows: [] }
        : part
          ? {
              key,
              title: part.name,
              note: `part${top?.amount ? ` · ${scaled(top, bill.factor)}` : ''}`,
              kind: 'part',
              rows: [],
            }
          : { key, title: top?.heading || 'In the bowl', note: '', kind: 'bowl', rows: [] }
      groups.set(key, group)
    }
    group.rows.push({
      at,
      source: part ? null : (source ?? null),
      line,
      name: ingredients.get(line.ingredient)?.name ?? line.ingredient,
      prep: source?.prep ?? '',
      written: part ? '' : source ? scaled(source, bill.factor) : '',
      share: line.role === 'beside' || bill.ingoing === 0 ? null : line.grams / bill.ingoing,
      cost: costs.get(at) ?? null,
    })
  }
  const rank = (group: LedgerGroup) => Math.max(2, roleOrder.indexOf(group.kind))
  return [...groups.values()]
    .map((group, at) => ({ group, at }))
    .sort((a, b) => rank(a.group) - rank(b.group) || a.at - b.at)
    .map(({ group }) => group)
}
