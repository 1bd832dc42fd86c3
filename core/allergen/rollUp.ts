// What each allergen's status is over everything that touches the food, with every reason kept.
import { proofOf } from '../ingredient/evidence'
import { mentions } from '../ingredient/lexicon'
import { isFreeByNature } from '../ingredient/nature'
import { spokenIn } from '../ingredient/spoken'
import { textsOf } from '../ingredient/texts'
import type { ExemptKind, RulePack } from '../market/rulePack'
import { type AllergenCode, type AllergenStatus, allergenCodes, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import type { Evidence } from '../model/evidence'
import type { animalTraits, Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import { type Bill, type BillLine, gapMend, type PathStep, wayOf } from '../recipe/bill'
import { keptBeside } from '../words/keptBeside'
import { isExempt } from './exempt'
import { leavesNothing } from './leavesNothing'
import { sulphitesIn } from './sulphites'

/** Why something is so: where, the fact, the proof behind it, and what would mend it. */
export interface Reason {
  path: PathStep[]
  /** More ways than the one named, all as this one. */
  otherWays?: number | undefined
  fact: string
  evidence?: Evidence | undefined
  mend?: string | undefined
}
/** One line's status for one allergen, and whether an absence claim may rest on it. */
export interface Finding {
  status: AllergenStatus
  /** `free` with evidence in force, or free by nature. Only then may an absence claim hold. */
  proven: boolean
  reason: Reason
  /** The words say it is there, the status says it is not. */
  conflict?: true | undefined
  /** Contained in a refined form the market exempts from declaring. */
  exempt?: true | undefined
  /** Evidence in force says that nothing of the line stays on the food. */
  leavesNothing?: true | undefined
  /** Index of the bill line; -1 for a gap in the recipe. */
  at: number
}

/** A word in names, notes or composition that speaks of `code` and is none of `but`; undefined where there is none. */
export const wordFor = (ingredient: Ingredient, code: AllergenCode, but: RegExp): string | undefined =>
  textsOf(ingredient)
    .flatMap(text => mentions(text))
    .find(mention => mention.code === code && !but.test(mention.word))?.word

const madeFrom: Partial<Record<AllergenCode, (typeof animalTraits)[number]>> = {
  milk: 'milk',
  egg: 'egg',
  fish: 'fish',
}

/** What in the ingredient's own words or kind says that it is there, or null. */
function spokenOf(ingredient: Ingredient, code: AllergenCode): string | null {
  const word = spokenIn(ingredient).get(code)
  if (word !== undefined) return `“${word}” speaks of ${allergenName[code]}`
  const animal = madeFrom[code]
  return animal && ingredient.traits.animal?.includes(animal)
    ? `its kind says it is made from ${allergenName[code]}`
    : null
}

/** What of an allergen a market leaves undeclared: exempt derivatives, and sulphites under its limit. */
export type LeftOut = Pick<RulePack['allergens'], 'exempt' | 'sulphites'>
const nothingExempt: readonly ExemptKind[] = []
const nothingLeftOut: LeftOut = { exempt: [], sulphites: null }

/** Status of one ingredient for one allergen, before it is used anywhere. `exempt`: derivatives the market leaves out; none unless said. */
export function statusOf(
  ingredient: Ingredient,
  code: AllergenCode,
  workbook: { today: string; kitchen: Pick<Workbook['kitchen'], 'freeByNature' | 'evidenceYears'> },
  exempt: readonly ExemptKind[] = nothingExempt,
): Omit<Finding, 'at' | 'reason'> & Omit<Reason, 'path'> {
  const said = ingredient.allergens[code]
  const name = allergenName[code]
  if (said?.status === 'contains') {
    if (isExempt(ingredient, code, exempt, workbook.today, workbook.kitchen.evidenceYears))
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
  const proof = proofOf(said.evidence, ingredient.evidence, workbook.today, workbook.kitchen.evidenceYears)
  if (proof.proven) return { status: 'free', proven: true, fact: `free of ${name}`, evidence: proof.evidence }
  return {
    status: 'free',
    proven: false,
    fact: `put down as free of ${name}, but ${proof.fact}`,
    ...(proof.evidence ? { evidence: proof.evidence } : {}),
    mend: proof.mend,
  }
}

type Status = ReturnType<typeof statusOf>
/** The statuses of one ingredient for every allergen, in the order of the codes. */
interface Known {
  exempt: readonly ExemptKind[]
  today: string
  nature: unknown
  years: unknown
  statuses: Status[]
  /** Of the same, how strong each is. */
  ranks: Uint8Array
}
/** Statuses rest on the ingredient, the day, the house list and the market's exemptions: worked out once for each. */
const statusesKnown = new WeakMap<Ingredient, Known[]>()

function knownOf(ingredient: Ingredient, workbook: Workbook, exempt: readonly ExemptKind[]): Known {
  const { today } = workbook
  const { freeByNature: nature, evidenceYears: years } = workbook.kitchen
  const all = statusesKnown.get(ingredient) ?? []
  for (const one of all)
    if (one.exempt === exempt && one.today === today && one.nature === nature && one.years === years) return one
  const statuses = allergenCodes.map(code => statusOf(ingredient, code, workbook, exempt))
  const known = {
    exempt,
    today,
    nature,
    years,
    statuses,
    ranks: Uint8Array.from(statuses, one => strength[one.status]),
  }
  // a day that passed, or a list that was edited, is not asked for again
  statusesKnown.set(ingredient, [known, ...all].slice(0, 6))
  return known
}

const finding = (
  at: number,
  way: { path: PathStep[]; otherWays?: number },
  { status, proven, conflict, exempt, fact, evidence, mend }: Status,
): Finding => ({
  at,
  status,
  proven,
  conflict,
  exempt,
  // one shape for all of them, and no spreading: this is made for every allergen of every line
  reason: { path: way.path, otherWays: way.otherWays, fact, evidence, mend },
})

const leftNothing = (at: number, line: BillLine, evidence: Evidence): Finding => ({
  at,
  status: 'free',
  proven: true,
  leavesNothing: true,
  reason: { ...wayOf(line), fact: 'leaves nothing behind', evidence },
})
const gapFinding = (gap: Bill['gaps'][number]): Finding => ({
  at: -1,
  status: 'unknown',
  proven: false,
  reason: { ...wayOf(gap), fact: gap.fact, mend: gapMend(gap) },
})

/** Sulphites under the limit of the market are not declared, and prove no absence; over it the sum is said. */
function againstLimit(found: Finding[], bill: Bill, workbook: Workbook, { sulphites }: LeftOut): Finding[] {
  if (!found.some(one => one.status === 'contains')) return found
  const sum = sulphitesIn(bill, workbook, sulphites)
  if (sum === null) return found
  return found.map(one => {
    if (one.status !== 'contains') return one
    const reason = { ...one.reason, fact: `${one.reason.fact}; ${sum.fact}` }
    return sum.declared ? { ...one, reason } : { ...one, status: 'unknown', exempt: true as const, reason }
  })
}

export type FindingTable = Record<AllergenCode, Finding[]>

/**
 * Findings for every allergen over every line that touches the food, in bill order, gaps last. Each allergen's are made only
 * when they are asked for: a catalogue is looked through without making most of them.
 */
export function findingsOnDemand(bill: Bill, workbook: Workbook, leftOut: LeftOut = nothingLeftOut): FindingTable {
  return Object.assign(Object.create(onDemand), { bill, workbook, leftOut, lines: null, made: {}, worst: null })
}
/** A line that touches the food: what is known of its ingredient, and what says that nothing of it stays. */
interface Touching {
  at: number
  line: BillLine
  statuses: readonly Status[]
  nothing: ((code: AllergenCode) => Evidence | null) | null
  /** What was found of it, by allergen: made when it is asked for, and kept with the line. */
  found: (Finding | undefined)[]
}
const foundKnown = new WeakMap<BillLine, Touching>()
/** The same as before where line, place and facts are the same: an edit of one line leaves the others be. */
function touchingAs(at: number, line: BillLine, statuses: readonly Status[], nothing: Touching['nothing']): Touching {
  const before = foundKnown.get(line)
  if (before && before.at === at && before.statuses === statuses && !before.nothing && !nothing) return before
  const made = { at, line, statuses, nothing, found: [] }
  foundKnown.set(line, made)
  return made
}
interface OnDemand {
  bill: Bill
  workbook: Workbook
  leftOut: LeftOut
  /** The same for every allergen: looked up once. */
  lines: readonly Touching[] | null
  made: Partial<FindingTable>
  /** The strongest status of each allergen. */
  worst: Uint8Array | null
}
const onDemand = Object.defineProperties(
  {},
  Object.fromEntries(
    allergenCodes.map((code, index) => [
      code,
      {
        get(this: OnDemand): Finding[] {
          this.made[code] ??= findingsFor(this, index)
          return this.made[code]
        },
      },
    ]),
  ),
)
function touching({ bill, workbook, leftOut }: OnDemand): readonly Touching[] {
  const ingredients = byId(workbook.ingredients)
  const all: Touching[] = []
  for (let at = 0; at < bill.lines.length; at++) {
    const line = bill.lines[at]!
    const ingredient = line.role === 'beside' ? undefined : ingredients.get(line.ingredient)
    if (ingredient)
      all.push(
        touchingAs(
          at,
          line,
          knownOf(ingredient, workbook, leftOut.exempt).statuses,
          leavesNothing(line, ingredient, workbook),
        ),
      )
  }
  return all
}
function findingsFor(table: OnDemand, index: number): Finding[] {
  const { bill, workbook, leftOut } = table
  table.lines ??= touching(table)
  const code = allergenCodes[index]!
  const found: Finding[] = []
  for (const one of table.lines) {
    const evidence = one.nothing?.(code)
    if (evidence) found.push(leftNothing(one.at, one.line, evidence))
    else {
      one.found[index] ??= finding(one.at, one.line, one.statuses[index]!)
      found.push(one.found[index])
    }
  }
  for (const gap of bill.gaps) if (gap.kind === 'component') found.push(gapFinding(gap))
  return code === 'sulphites' ? againstLimit(found, bill, workbook, leftOut) : found
}

const keepWorst = keptBeside<readonly BillLine[], Uint8Array>()
/** As it was before, as long as the lines and everything that judges them are the same. */
function worstOf(table: OnDemand): Uint8Array {
  const { bill, workbook, leftOut } = table
  const { freeByNature, evidenceYears } = workbook.kitchen
  const rests = [
    workbook.ingredients,
    workbook.evidence,
    workbook.today,
    freeByNature,
    evidenceYears,
    leftOut.exempt,
    bill.gaps,
  ]
  return keepWorst(bill.lines, 'worst', rests, () => worstIn(table))
}
/** The strongest status of every allergen over all that touches the food, in one pass and without a single finding. */
function worstIn(table: OnDemand): Uint8Array {
  const { bill, workbook, leftOut } = table
  const ingredients = byId(workbook.ingredients)
  const worst = new Uint8Array(allergenCodes.length)
  let any = false
  for (const line of bill.lines) {
    const ingredient = line.role === 'beside' ? undefined : ingredients.get(line.ingredient)
    if (!ingredient) continue
    any = true
    const { ranks } = knownOf(ingredient, workbook, leftOut.exempt)
    const nothing = leavesNothing(line, ingredient, workbook)
    for (let at = 0; at < worst.length; at++) {
      const rank = ranks[at]!
      if (rank > worst[at]! && (nothing === null || !nothing(allergenCodes[at]!))) worst[at] = rank
    }
  }
  // something missing may be anything; nothing at all proves nothing
  if (!any || bill.gaps.some(gap => gap.kind === 'component'))
    for (let at = 0; at < worst.length; at++) worst[at] = Math.max(worst[at]!, strength.unknown)
  return worst
}
/** As `rolledUp` of the same findings, which are not made for it. */
export function statusIn(found: FindingTable, code: AllergenCode): AllergenStatus {
  if (!isOnDemand(found)) return rolledUp(found[code])
  found.worst ??= worstOf(found)
  const status = byStrength[found.worst[placeOf[code]]!]!
  // what is under the market's limit is not declared: that is judged over all of it
  return code === 'sulphites' && status === 'contains' ? rolledUp(found[code]) : status
}
const isOnDemand = (found: FindingTable): found is FindingTable & OnDemand => Object.getPrototypeOf(found) === onDemand
const placeOf = Object.fromEntries(allergenCodes.map((code, at) => [code, at])) as Record<AllergenCode, number>
const byStrength: readonly AllergenStatus[] = ['free', 'unknown', 'mayContain', 'contains']

const conflictsKnown = new WeakMap<readonly Finding[], ReadonlyMap<number, Finding>>()
/** By bill line: the finding whose words and status contradict each other. */
export function conflictsIn(found: readonly Finding[]): ReadonlyMap<number, Finding> {
  const known = conflictsKnown.get(found)
  if (known) return known
  const made = new Map(found.filter(one => one.conflict).map(one => [one.at, one]))
  conflictsKnown.set(found, made)
  return made
}

/** From free to contained. */
export const strength: Record<AllergenStatus, number> = { free: 0, unknown: 1, mayContain: 2, contains: 3 }

/** contains > mayContain > unknown > free. Nothing at all is unknown: an empty recipe proves nothing. */
export function rolledUp(found: readonly Finding[]): AllergenStatus {
  let worst: AllergenStatus = found.length === 0 ? 'unknown' : 'free'
  for (const { status } of found) if (status !== worst && strength[status] > strength[worst]) worst = status
  return worst
}

export type AllergenTable = Record<AllergenCode, { status: AllergenStatus; because: Reason[] }>
/** Every allergen's status with all its reasons, those that are free by proof left out. */
export const allergenTable = (found: FindingTable): AllergenTable =>
  Object.fromEntries(
    allergenCodes.map(code => {
      // made when it is looked at: most are not
      let because: Reason[] | null = null
      return [
        code,
        {
          status: statusIn(found, code),
          get because() {
            because ??= found[code].filter(one => !one.proven).map(one => one.reason)
            return because
          },
        },
      ]
    }),
  ) as AllergenTable
