// What each allergen's status is over everything that touches the food, with every reason kept.
import { type Evidence, proofOf } from '../ingredient/evidence'
import type { Component, Ingredient } from '../ingredient/ingredient'
import { mentions } from '../ingredient/lexicon'
import { isFreeByNature } from '../ingredient/nature'
import type { Bill, BillLine, PathStep } from '../recipe/bill'
import type { Workbook } from '../workbook'
import { type AllergenCode, type AllergenStatus, allergenCodes, allergenName } from './codes'

/** Why something is so: where, the fact, the proof behind it, and what would mend it. */
export interface Reason {
  path: PathStep[]
  fact: string
  evidence?: Evidence
  mend?: string
}
/** One line's status for one allergen, and whether an absence claim may rest on it. */
export interface Finding {
  status: AllergenStatus
  /** `free` with evidence in force, or free by nature. Only then may an absence claim hold. */
  proven: boolean
  reason: Reason
  /** The words say it is there, the status says it is not. */
  conflict?: true
  /** Contained in a refined form the market exempts from declaring. */
  exempt?: true
  /** Index of the bill line; -1 for a gap in the recipe. */
  at: number
}

const componentWords = (components: readonly Component[] = []): string[] =>
  components.flatMap(component => [component.name, ...componentWords(component.components)])

/** Ingredients are plain data and never changed in place, so the words found in one are kept with it. */
const wordsFound = new WeakMap<Ingredient, Map<AllergenCode, string>>()

/** For each allergen the first word in names and composition that gives it away. */
function wordsIn(ingredient: Ingredient): Map<AllergenCode, string> {
  const known = wordsFound.get(ingredient)
  if (known) return known
  const words = new Map<AllergenCode, string>()
  for (const text of [ingredient.name, ingredient.labelName ?? '', ...componentWords(ingredient.composition)])
    for (const mention of mentions(text)) if (!words.has(mention.code)) words.set(mention.code, mention.word)
  wordsFound.set(ingredient, words)
  return words
}

/** Status of one ingredient for one allergen, before it is used anywhere. `exempt`: derivatives the market leaves out. */
export function statusOf(
  ingredient: Ingredient,
  code: AllergenCode,
  workbook: Workbook,
): Omit<Finding, 'at' | 'reason'> & Omit<Reason, 'path'> {
  const said = ingredient.allergens[code]
  const name = allergenName[code]
  if (said?.status === 'contains') {
    if (ingredient.exemptAllergens?.includes(code))
      return {
        status: 'unknown',
        proven: false,
        exempt: true,
        fact: `made from ${name}, in a form exempt from declaring; that proves no absence`,
      }
    const evidence = ingredient.evidence.find(one => one.id === said.evidence)
    return {
      status: 'contains',
      proven: false,
      fact: `contains ${name}`,
      ...(evidence ? { evidence } : {}),
      mend: `Use something without ${name}.`,
    }
  }
  if (said?.status === 'mayContain') {
    const evidence = ingredient.evidence.find(one => one.id === said.evidence)
    return {
      status: 'mayContain',
      proven: false,
      fact: `may contain ${name}`,
      ...(evidence ? { evidence } : {}),
      mend: `Find one that is free of ${name}.`,
    }
  }
  const word = wordsIn(ingredient).get(code)
  if (word !== undefined) {
    const fact =
      said?.status === 'free'
        ? `“${word}” speaks of ${name}, yet it is put down as free of it`
        : `“${word}” speaks of ${name}, and nobody has said whether it is there`
    return { status: 'unknown', proven: false, conflict: true, fact, mend: `Settle the ${name} status in the larder.` }
  }
  if (said === undefined || said.status === 'unknown')
    return {
      status: 'unknown',
      proven: false,
      fact: `nobody has said whether it carries ${name}`,
      mend: 'Ask the supplier, and put the answer in the larder.',
    }
  if (said.evidence === undefined && isFreeByNature(ingredient, workbook.kitchen.freeByNature))
    return { status: 'free', proven: true, fact: `free of ${name} by nature` }
  const proof = proofOf(said.evidence, ingredient.evidence, workbook.today)
  if (proof.proven) return { status: 'free', proven: true, fact: `free of ${name}`, evidence: proof.evidence }
  return {
    status: 'free',
    proven: false,
    fact: `put down as free of ${name}, but ${proof.fact}`,
    ...(proof.evidence ? { evidence: proof.evidence } : {}),
    mend: proof.mend,
  }
}

/** Does evidence in force say that nothing of this line stays on the food? */
function leavesNothing(line: BillLine, ingredient: Ingredient, workbook: Workbook): Evidence | null {
  if (line.leavesNothing === undefined || (line.role !== 'drained' && line.role !== 'release')) return null
  const proof = proofOf(line.leavesNothing, [...workbook.evidence, ...ingredient.evidence], workbook.today)
  return proof.proven ? proof.evidence : null
}

/** Findings for one allergen over every line that touches the food, in bill order, gaps last. */
export function findings(
  bill: Bill,
  workbook: Workbook,
  code: AllergenCode,
  exemptable: readonly AllergenCode[] = [],
): Finding[] {
  const ingredients = new Map(workbook.ingredients.map(ingredient => [ingredient.id, ingredient]))
  const found: Finding[] = []
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside') continue
    const ingredient = ingredients.get(line.ingredient)
    if (!ingredient) continue
    const nothing = leavesNothing(line, ingredient, workbook)
    if (nothing) {
      found.push({
        at,
        status: 'free',
        proven: true,
        reason: { path: line.path, fact: 'leaves nothing behind', evidence: nothing },
      })
      continue
    }
    const known = exemptable.includes(code) || !ingredient.exemptAllergens ? ingredient : withoutExemptions(ingredient)
    const { status, proven, conflict, exempt, ...reason } = statusOf(known, code, workbook)
    found.push({
      at,
      status,
      proven,
      ...(conflict ? { conflict } : {}),
      ...(exempt ? { exempt } : {}),
      reason: { path: line.path, ...reason },
    })
  }
  for (const gap of bill.gaps)
    if (gap.kind === 'component')
      found.push({
        at: -1,
        status: 'unknown',
        proven: false,
        reason: { path: gap.path, fact: gap.fact, mend: 'Mend the recipe.' },
      })
  return found
}

const withoutExemptions = ({ exemptAllergens: _, ...ingredient }: Ingredient): Ingredient => ingredient

const strength: Record<AllergenStatus, number> = { free: 0, unknown: 1, mayContain: 2, contains: 3 }
const stronger = (a: AllergenStatus, b: AllergenStatus) => (strength[b] > strength[a] ? b : a)

/** contains > mayContain > unknown > free. Nothing at all is unknown: an empty recipe proves nothing. */
export const rolledUp = (found: readonly Finding[]): AllergenStatus =>
  found.length === 0 ? 'unknown' : found.reduce<AllergenStatus>((worst, one) => stronger(worst, one.status), 'free')

export type AllergenTable = Record<AllergenCode, { status: AllergenStatus; because: Reason[] }>
export type FindingTable = Record<AllergenCode, Finding[]>

export const allFindings = (bill: Bill, workbook: Workbook, exemptable: readonly AllergenCode[]): FindingTable =>
  Object.fromEntries(allergenCodes.map(code => [code, findings(bill, workbook, code, exemptable)])) as FindingTable

/** Every allergen's status with all its reasons, those that are free by proof left out. */
export const allergenTable = (found: FindingTable): AllergenTable =>
  Object.fromEntries(
    allergenCodes.map(code => {
      const because = found[code].filter(one => !one.proven).map(one => one.reason)
      return [code, { status: rolledUp(found[code]), because }]
    }),
  ) as AllergenTable
