// The bill as a ledger: groups of rows in the order she works, each with what was written and what to weigh.
import type { Assessment } from '@fair-tin/core/assess'
import { gramsOf } from '@fair-tin/core/measure'
import { type Ingredient, type Line, partKey, type Recipe, type Role, type Workbook } from '@fair-tin/core/model'
import { type BillLine, countedOf, writtenAmount } from '@fair-tin/core/recipe'

import { answersIn } from './lineWords'

export interface LedgerRow {
  /** Index of the bill line; -1 where the bill has none. */
  at: number
  key: string
  /** The line of this recipe that can be edited here; null inside a part. */
  source: Line | null
  name: string
  prep: string
  /** The part of it that is meant: zest, juice, yolk; empty where it is the thing itself. */
  form: string
  /** What could stand in its place, in words; empty where nothing is written. */
  alternatives: string
  written: string
  line: BillLine | null
  /** Null where it is no longer in the larder. */
  ingredient: Ingredient | null
  /** Of all that touches the food; null for what is served beside. */
  share: number | null
  cost: string | null
}
export interface LedgerGroup {
  key: string
  title: string
  note: string
  kind: 'bowl' | 'part' | Role
  /** The heading its lines share, where the title is one. */
  heading: string | null
  /** The line of this recipe that calls for the part. */
  part: Line | null
  rows: LedgerRow[]
}

const roleTitle: Partial<Record<Role, [string, string]>> = {
  finish: ['Finish', 'on top'],
  release: ['Tin release', 'stays on the food: it counts'],
  drained: ['Drained off', 'leaves its allergens behind unless proven otherwise'],
  beside: ['Served beside', 'not sold with it, and in no weight'],
}
const roleOrder: LedgerGroup['kind'][] = ['bowl', 'part', 'mix', 'finish', 'drained', 'release', 'beside']

/** A share of a part's own amount: nobody wrote it, and the weight beside it is exact. */
const coarse = (value: number): number => (Math.abs(value) < 100 ? Number(value.toPrecision(2)) : Math.round(value))

/** The written amount for a batch of `factor` makings. */
export const scaled = (line: Line, factor: number, inPart = false): string => {
  const by = (value: number) => (inPart ? coarse(value * factor) : value * factor)
  if (line.amount === null) return line.text && line.approximate ? 'not measured' : 'not said'
  const times = (amount: NonNullable<Line['amount']>) => ({
    ...amount,
    value: by(amount.value),
    ...(amount.upTo === undefined ? {} : { upTo: by(amount.upTo) }),
  })
  const all = [line.amount, ...(line.plus ?? [])].map((amount, at) =>
    at === 0
      ? writtenAmount(times(amount))
      : amount.value < 0
        ? `− ${writtenAmount(times({ ...amount, value: -amount.value }))}`
        : `+ ${writtenAmount(times(amount))}`,
  )
  return [...all, countedOf({ ...line, amount: times(line.amount) })].filter(Boolean).join(' ')
}

/** A form that makes another thing of it, where the name does not say so already; ground, grated, melted are how it is made ready. */
const formOf = (form: string | undefined, name: string): string =>
  form !== undefined && /^(?:zest|juice|zest and juice|seeds|yolk|white)$/.test(form) && !name.includes(form)
    ? form
    : ''

/** Rows grouped by part, heading and role. Pure; weights and costs are the assessment's. */
export function ledgerOf(assessment: Assessment, workbook: Workbook, recipe: Recipe): LedgerGroup[] {
  const recipes = new Map(workbook.recipes.map(one => [one.id, one]))
  const ingredients = new Map(workbook.ingredients.map(one => [one.id, one]))
  const costs = new Map(assessment.cost.lines.map(line => [line.at, line.cost]))
  const { bill } = assessment
  const groups = new Map<string, LedgerGroup>()
  const grouped = (group: Omit<LedgerGroup, 'rows'>): LedgerGroup => {
    const known = groups.get(group.key)
    if (known) return known
    const made = { ...group, rows: [] }
    groups.set(group.key, made)
    return made
  }
  const ofRole = (role: Exclude<Role, 'mix'>) =>
    grouped({
      key: `role ${role}`,
      title: roleTitle[role]![0],
      note: roleTitle[role]![1],
      kind: role,
      heading: null,
      part: null,
    })
  const ofHeading = (heading: string | undefined) =>
    grouped({
      key: `heading ${heading ?? ''}`,
      title: heading || 'In the bowl',
      note: '',
      kind: 'bowl',
      heading: heading ?? null,
      part: null,
    })
  const ofPart = (line: Line) => {
    const id = 'recipe' in line.of ? partKey(line.of) : ''
    const place = roleTitle[line.role]
    return grouped({
      key: `part ${line.id}`,
      title: recipes.get(id)?.name ?? line.text ?? id,
      note: `part${place ? ` · ${place[1]}` : ''}${'recipe' in line.of && line.of.version !== undefined ? ' · frozen' : ''}${answersIn(line) ? ` · ${answersIn(line)}` : ''}`,
      kind: 'part',
      heading: null,
      part: line,
    })
  }

  for (const [at, line] of bill.lines.entries()) {
    const top = recipe.lines.find(one => one.id === line.topLine)
    const inside = line.path.length > 2
    const source = inside ? recipes.get(line.path.at(-2)!.id)?.lines.find(one => one.id === line.line) : top
    // what a part puts elsewhere (its own tin release, say) stands with the others of that role
    const own = inside && source?.role !== 'mix' && line.role !== top?.role
    const group =
      inside && top && !own ? ofPart(top) : line.role !== 'mix' ? ofRole(line.role) : ofHeading(top?.heading)
    group.rows.push({
      at,
      key: String(at),
      source: inside ? null : (source ?? null),
      line,
      ingredient: ingredients.get(line.ingredient) ?? null,
      name: ingredients.get(line.ingredient)?.name ?? line.ingredient,
      prep: source?.prep ?? '',
      form: formOf(line.form, ingredients.get(line.ingredient)?.name ?? ''),
      alternatives: (source?.alternatives ?? [])
        .map(one => ingredients.get(one.ingredient)?.name ?? one.ingredient)
        .join(' or '),
      // of a part, the weight to weigh out says it all; a cup or a count is worth showing
      written:
        !source || (inside && source.amount && gramsOf(source.amount.unit) !== null)
          ? ''
          : scaled(source, line.times, inside),
      share: line.role === 'beside' || bill.ingoing === 0 ? null : line.grams / bill.ingoing,
      cost: costs.get(at) ?? null,
    })
  }
  // lines the bill cannot follow are still there to be seen and mended
  for (const line of recipe.lines) {
    if ('recipe' in line.of) ofPart(line)
    else if (!ingredients.has(line.of.ingredient))
      (line.role === 'mix' ? ofHeading(line.heading) : ofRole(line.role)).rows.push({
        at: -1,
        key: line.id,
        source: line,
        line: null,
        ingredient: null,
        name: line.text ?? line.of.ingredient,
        prep: '',
        form: '',
        alternatives: '',
        written: scaled(line, bill.factor),
        share: null,
        cost: null,
      })
  }
  const rank = (group: LedgerGroup) => Math.max(2, roleOrder.indexOf(group.kind))
  const placeOf = new Map(recipe.lines.map((line, at) => [line.id, at]))
  const first = (group: LedgerGroup) =>
    Math.min(
      ...(group.part ? [placeOf.get(group.part.id) ?? 0] : []),
      ...group.rows.map(row => placeOf.get(row.line?.topLine ?? row.source?.id ?? '') ?? 0),
    )
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || first(a) - first(b))
}
