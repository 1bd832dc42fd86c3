// What each allergen's status is over everything that touches the food, with every reason kept.
import { byId } from '../ingredient/byId'
import { type Evidence, proofOf } from '../ingredient/evidence'
import type { animalTraits, Component, Ingredient } from '../ingredient/ingredient'
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

const madeFrom: Partial<Record<AllergenCode, (typeof animalTraits)[number]>> = {
  milk: 'milk',
  egg: 'egg',
  fish: 'fish',
}

/** What in the ingredient's own words or kind says that it is there, or null. */
function spokenOf(ingredient: Ingredient, code: AllergenCode): string | null {
  const word = wordsIn(ingredient).get(code)
  if (word !== undefined) return `“${word}” speaks of ${allergenName[code]}`
  const animal = madeFrom[code]
  return animal && ingredient.traits.animal?.includes(animal)
    ? `its kind says it is made from ${allergenName[code]}`
    : null
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
  const spoken = spokenOf(ingredient, code)
  if (said?.status === 'mayContain') {
    const evidence = ingredient.evidence.find(one => one.id === said.evidence)
    return {
      status: 'mayContain',
      proven: false,
      fact: spoken ? `put down as may contain ${name}, yet ${spoken}` : `may contain ${name}`,
      ...(spoken ? { conflict: true as const } : {}),
      ...(evidence ? { evidence } : {}),
      mend: spoken ? `Settle the ${name} status in the larder.` : `Find one that is free of ${name}.`,
    }
  }
  if (spoken !== null) {
    const fact =
      said?.status === 'free'
        ? `${spoken}, yet it is put down as free of it`
        : `${spoken}, and nobody has said whether it is there`
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

/** A status taken apart as a finding wants it: built once, put together for every line. */
interface Status {
  head: Pick<Finding, 'status' | 'proven' | 'conflict' | 'exempt'>
  tail: Omit<Reason, 'path'>
}
/** Statuses rest on the ingredient, the day and the house list alone, so they are worked out once for each. */
const statusesKnown = new WeakMap<
  Ingredient,
  { today: string; nature: unknown; exempt: Map<AllergenCode, Status>; plain: Map<AllergenCode, Status> }
>()

function knownStatus(ingredient: Ingredient, code: AllergenCode, workbook: Workbook, exemptable: boolean): Status {
  let known = statusesKnown.get(ingredient)
  if (!known || known.today !== workbook.today || known.nature !== workbook.kitchen.freeByNature) {
    known = { today: workbook.today, nature: workbook.kitchen.freeByNature, exempt: new Map(), plain: new Map() }
    statusesKnown.set(ingredient, known)
  }
  const table = exemptable ? known.exempt : known.plain
  let status = table.get(code)
  if (!status) {
    const judged = exemptable || !ingredient.exemptAllergens ? ingredient : withoutExemptions(ingredient)
    const { status: said, proven, conflict, exempt, ...tail } = statusOf(judged, code, workbook)
    status = {
      head: { status: said, proven, ...(conflict ? { conflict } : {}), ...(exempt ? { exempt } : {}) },
      tail,
    }
    table.set(code, status)
  }
  return status
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
  const ingredients = byId(workbook.ingredients)
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
    const { head, tail } = knownStatus(ingredient, code, workbook, exemptable.includes(code))
    found.push({ at, ...head, reason: { path: line.path, ...tail } })
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
