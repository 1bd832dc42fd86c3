// The ingredient list: descending weight as used, compounds in brackets, allergens named as the market asks.
// EU and UK: Regulation (EU) 1169/2011, Art. 18 to 21 and Annex VII. US: 21 CFR 101.4. Both from memory.

import type { FindingTable } from '../allergen/rollUp'
import type { RulePack } from '../market/rulePack'
import { namedIn } from '../market/wording'
import type { AllergenCode } from '../model/allergen'
import { byId } from '../model/byId'
import type { Component, Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import type { Bill, BillLine } from '../recipe/bill'
import { capital } from '../words/listing'
import { declaredCodes, emphasised, inBrackets, labelNameOf } from './emphasis'
import type { Quid } from './quid'
import { joined, plain, type Run, strong, textOf } from './run'

interface Entry {
  runs: Run[]
  grams: number
  /** A sugar, or what sweetens like one. */
  sugar?: boolean
}

/** The name as printed: the label name, else the larder's without a trailing remark ("damsons, stoned" is "damsons"). */
export const printedName = (ingredient: Ingredient): string =>
  ingredient.labelName ?? lowered(ingredient.name.split(/[,(]/)[0]!.trim())
const lowered = (name: string) => (/^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name)

/** "emulsifier: sunflower lecithin, salt": neighbours of one function class stand behind one colon. */
export function compositionText(
  components: readonly Component[],
  functionClasses = true,
  /** Shares as the supplier gives them: to read, never on a label, where a share stands on another base. */
  shares = true,
  /** A class with the numbers of its additives: "thickener (415)", where they are known. */
  numbers = false,
): string {
  const pieces: string[] = []
  for (let at = 0; at < components.length; ) {
    const first = components[at]!
    const same = [first]
    while (
      functionClasses &&
      first.functionClass &&
      components[at + same.length]?.functionClass === first.functionClass
    )
      same.push(components[at + same.length]!)
    const numbered = numbers && functionClasses && same.every(one => one.functionClass && one.eNumber)
    const names = same
      .map(one => (numbered ? numberOf(one.eNumber!) : componentText(one, functionClasses, shares, numbers)))
      .join(', ')
    const plural =
      same.length > 1 && first.functionClass && !first.functionClass.endsWith('s')
        ? `${first.functionClass}s`
        : first.functionClass
    pieces.push(!plural || !functionClasses ? names : numbered ? `${plural} (${names})` : `${plural}: ${names}`)
    at += same.length
  }
  return pieces.join(', ')
}
/** "415" of E415. */
const numberOf = (eNumber: string): string => eNumber.replace(/^E[ -]?/i, '')

const componentText = (component: Component, functionClasses: boolean, shares: boolean, numbers: boolean): string => {
  const share = component.percent === undefined || !shares ? '' : ` (${component.percent} %)`
  const inside = component.components?.length
    ? ` (${compositionText(component.components, functionClasses, shares, numbers)})`
    : ''
  return `${component.name}${share}${inside}`
}

const isWater = (ingredient: Ingredient): boolean =>
  /^(?:tap |boiling |warm |cold |hot |filtered )?water$/i.test(ingredient.standsFor ?? ingredient.name) ||
  /^(?:tap |boiling |warm |cold |hot |filtered )?water$/i.test(ingredient.name)

export interface ListContext {
  bill: Bill
  workbook: Workbook
  rules: RulePack
  found: FindingTable
  quid: Quid
  /** Gets a star that a statement explains: wheat whose gluten was taken out. */
  starred?: ReadonlySet<string>
}

/** The whole list as runs, without its heading. */
export function ingredientList(context: ListContext): Run[] {
  const touching = context.bill.lines.map((line, at) => ({ line, at })).filter(({ line }) => line.role !== 'beside')
  const entries = entriesOf(touching, context)
  const { minor, minorShare } = context.rules.list
  const ingoing = context.bill.ingoing - context.bill.drained
  const isMinor = (entry: Entry) => minor !== null && entry.grams <= ingoing * minorShare
  const main = entries.filter(entry => !isMinor(entry))
  const last = entries.filter(isMinor)
  // one thing alone needs no group, and a list of nothing but small things is a list
  const grouped = main.length > 0 && last.length > 1
  const listed = (of: readonly Entry[]) =>
    joined(
      of.map(entry => entry.runs),
      ', ',
    )
  const runs = grouped ? joined([listed(main), [plain(`, ${minor}: `)], listed(last)]) : listed(entries)
  const first = runs[0]
  if (first) first.text = capital(first.text)
  return runs
}

interface Placed {
  line: BillLine
  at: number
}

function entriesOf(
  placed: readonly Placed[],
  context: ListContext,
  lineCodes = codesByLine(context),
  inside = false,
): Entry[] {
  const { workbook, rules, bill } = context
  const ingredients = byId(workbook.ingredients)
  const groups = new Map<string, Placed[]>()
  for (const one of placed) {
    const ingredient = ingredients.get(one.line.ingredient)
    if (!ingredient) continue
    const compound = inside ? undefined : one.line.compoundAt
    const simple = !ingredient.composition?.length
    const key =
      compound !== undefined
        ? `part ${one.line.path[compound]!.id}`
        : isWater(ingredient)
          ? 'water'
          : simple
            ? `name ${namedIn(rules.words, printedName(ingredient)).toLowerCase()}`
            : `id ${ingredient.id}`
    const group = groups.get(key)
    if (group) group.push(one)
    else groups.set(key, [one])
  }
  const entries: Entry[] = []
  for (const [key, group] of groups) {
    const codes = new Set(group.flatMap(one => lineCodes.get(one.at) ?? []))
    let grams = group.reduce((sum, { line }) => sum + line.grams * line.retained, 0)
    const ingredient = ingredients.get(group[0]!.line.ingredient)!
    if (key === 'water' && !inside && rules.list.waterAsLeft) {
      // added water counts by what is left in the finished food
      const left = Math.min(grams, Math.max(0, bill.finished - (bill.ingoing - bill.drained - grams)))
      if (left <= bill.finished * rules.list.waterLeftOutUpTo && codes.size === 0) continue
      grams = left
    }
    const pouredAway = group.every(({ line }) => line.retained === 0)
    if (pouredAway && codes.size === 0) continue
    if (key.startsWith('part ')) {
      const name = lowered(group[0]!.line.path[group[0]!.line.compoundAt!]!.name)
      const list = joined(
        entriesOf(group, context, lineCodes, true).map(entry => entry.runs),
        ', ',
      )
      const share = context.quid.shares.get(group[0]!.line.path[group[0]!.line.compoundAt!]!.id)
      entries.push({ grams, runs: joined([[plain(`${name}${share ? ` ${share}` : ''} (`)], list, [plain(')')]]) })
    } else {
      const share = group.map(({ line }) => context.quid.shares.get(line.ingredient)).find(Boolean)
      entries.push({ grams, runs: entryRuns(ingredient, codes, share, context), sugar: isSugar(ingredient, rules) })
    }
  }
  // alike to a part in a billion is alike: a batch of another size must not turn two rows about
  const alike = (a: number, b: number) => Math.abs(a - b) <= Math.max(a, b) * 1e-9
  const byWeight = (all: Entry[]) =>
    all.sort((a, b) => (alike(a.grams, b.grams) ? (textOf(a.runs) < textOf(b.runs) ? -1 : 1) : b.grams - a.grams))
  const { sugarsTogether } = rules.list
  const sugars = sugarsTogether === null ? [] : byWeight(entries.filter(one => one.sugar))
  if (sugars.length === 0) return byWeight(entries)
  const list = joined(
    sugars.map(one => one.runs),
    ', ',
  )
  return byWeight([
    ...entries.filter(one => !one.sugar),
    {
      grams: sugars.reduce((sum, one) => sum + one.grams, 0),
      runs: joined([[plain(`${sugarsTogether} (`)], list, [plain(')')]]),
    },
  ])
}

const isSugar = ({ traits }: Ingredient, { claims }: RulePack): boolean =>
  traits.sweetening?.some(kind => (claims.addedSugars.kinds as readonly string[]).includes(kind)) ?? false

/** For each bill line what it contains, or is named after while nobody has settled it: emphasised either way. */
function codesByLine({ found, rules }: ListContext): ReadonlyMap<number, AllergenCode[]> {
  const codes = new Map<number, AllergenCode[]>()
  for (const code of [...declaredCodes(rules), ...rules.list.alsoNamed])
    for (const one of found[code])
      if (one.at >= 0 && (one.status === 'contains' || one.conflict)) {
        const before = codes.get(one.at)
        if (before) before.push(code)
        else codes.set(one.at, [code])
      }
  return codes
}

function entryRuns(
  ingredient: Ingredient,
  codes: ReadonlySet<AllergenCode>,
  share: string | undefined,
  { rules, starred }: ListContext,
): Run[] {
  const { emphasised: inBold, functionClasses, additiveNumbers } = rules.list
  const { functionClass, eNumber } = ingredient
  const ownName = namedIn(rules.words, printedName(ingredient))
  const printed =
    !functionClass || !functionClasses
      ? ownName
      : additiveNumbers && eNumber
        ? `${functionClass} (${numberOf(eNumber)})`
        : `${functionClass}: ${ownName}`
  const name = emphasised(printed, codes)
  const list = ingredient.composition?.length
    ? emphasised(
        namedIn(rules.words, compositionText(ingredient.composition, functionClasses, false, additiveNumbers)),
        codes,
      )
    : null
  const unsaid = [...codes].filter(code => !name.said.has(code) && !list?.said.has(code))
  const percent = share === undefined ? [] : [plain(` (${share})`)]
  const more = unsaid.flatMap(code => [plain(', '), strong(labelNameOf(code, rules))])
  const runs = list
    ? joined([name.runs, percent, [plain(' (')], list.runs, more, [plain(')')]])
    : joined([name.runs, inBrackets(unsaid, rules), percent])
  const marked = starred?.has(ingredient.id) ? withStar(runs) : runs
  return inBold ? marked : [plain(textOf(marked))]
}

/** "wheat* starch": the star stands on the first word that names the cereal. */
function withStar(runs: readonly Run[]): Run[] {
  const at = runs.findIndex(run => wheatWord.test(run.text))
  return runs.map((run, index) => (index === at ? { ...run, text: run.text.replace(wheatWord, '$&*') } : run))
}
const wheatWord = /\bwheat\b/i
