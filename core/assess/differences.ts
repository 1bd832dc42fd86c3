// One product under two markets' rules: what is said otherwise, and the rule that makes it so.
import { declaredCodes } from '../label/emphasis'
import { textOf } from '../label/run'
import { rulesOf } from '../market/market'
import type { RulePack } from '../market/rulePack'
import { allergenName } from '../model/allergen'
import { nameOfClaim } from '../model/claim'
import { toPlaces } from '../words/rounding'
import type { Assessment } from './assess'

export interface Difference {
  about: string
  here: string
  there: string
  /** The rule behind it, with its source. */
  why: string
}

const energy = (of: Assessment): string => {
  const kcal = of.nutrition.per100g.energyKcal
  return kcal ? `${toPlaces(kcal.value, 0)} kcal per 100 g` : 'not known'
}
const list = (names: readonly string[]) => (names.length === 0 ? 'none' : names.join(', '))
const cited = (a: RulePack, b: RulePack, of: (rules: RulePack) => string) =>
  of(a) === of(b) ? of(a) : `${a.title}: ${of(a)}. ${b.title}: ${of(b)}`

/** Only what differs for this product, in the order of a label. Both are assessments of the same workbook and product. */
export function marketDifferences(a: Assessment, b: Assessment): Difference[] {
  const [here, there] = [rulesOf(a.declaration.market), rulesOf(b.declaration.market)]
  const found: Difference[] = []
  const add = (about: string, x: string, y: string, why: string) => {
    if (x !== y) found.push({ about, here: x, there: y, why })
  }
  const verdicts = new Map(b.claims.map(claim => [claim.claim, claim]))
  for (const claim of a.claims) {
    const other = verdicts.get(claim.claim)
    if (!other) continue
    const first = (of: typeof claim) => of.because[0]?.fact ?? 'its rule'
    add(
      nameOfClaim(claim.claim),
      claim.verdict,
      other.verdict,
      `${here.title}: ${first(claim)}. ${there.title}: ${first(other)}`,
    )
  }
  const touched = (rules: RulePack, of: Assessment) =>
    declaredCodes(rules).filter(code => ['contains', 'mayContain'].includes(of.allergens[code].status))
  const [ours, theirs] = [touched(here, a), touched(there, b)]
  const onlyHere = ours.filter(code => !theirs.includes(code))
  const onlyThere = theirs.filter(code => !ours.includes(code))
  if (onlyHere.length + onlyThere.length > 0)
    add(
      'Allergens that must be declared',
      list(ours.map(code => allergenName[code])),
      list(theirs.map(code => allergenName[code])),
      `each market has its own list. ${cited(here, there, rules => rules.allergens.cite)}`,
    )
  const how = (rules: RulePack) =>
    rules.containsStatement ? 'in a “Contains” statement after the list' : 'emphasised inside the list'
  if (ours.length + theirs.length > 0)
    add(
      'How allergens are said',
      how(here),
      how(there),
      cited(here, there, rules => rules.containsStatement?.cite ?? rules.allergens.cite),
    )
  add(
    'Ingredient list',
    textOf(a.declaration.ingredients),
    textOf(b.declaration.ingredients),
    cited(here, there, rules => rules.list.cite),
  )
  const quid = (of: Assessment, rules: RulePack) =>
    rules.quid.asked ? (/%/.test(textOf(of.declaration.ingredients)) ? 'shares printed' : 'asked for') : 'not asked for'
  add(
    'Share of what is in the name (QUID)',
    quid(a, here),
    quid(b, there),
    cited(here, there, rules => rules.quid.cite),
  )
  const table = (of: Assessment) =>
    'rows' in of.declaration.table
      ? of.declaration.panel
        ? `per serving: ${of.declaration.panel.servingSize}`
        : `per 100 g and ${of.declaration.particulars.serving}`
      : 'cannot be given yet'
  add(
    'Nutrition table',
    table(a),
    table(b),
    cited(here, there, rules => rules.table.cite),
  )
  add(
    'Energy, before rounding',
    energy(a),
    energy(b),
    cited(here, there, rules => rules.energy.cite),
  )
  add(
    'Carbohydrate',
    here.table.carbohydrate,
    there.table.carbohydrate,
    cited(here, there, rules => rules.energy.cite),
  )
  add(
    'Rounding',
    here.rounding.how,
    there.rounding.how,
    cited(here, there, rules => rules.rounding.cite),
  )
  add(
    'Net quantity',
    a.declaration.particulars.netQuantity,
    b.declaration.particulars.netQuantity,
    `${here.title} and ${there.title} measure packs in their own units`,
  )
  add(
    'Date',
    a.declaration.particulars.date ?? 'none',
    b.declaration.particulars.date ?? 'none',
    'the words each market uses',
  )
  const said = (of: Assessment) => of.declaration.statements.map(textOf).join(' ')
  add('Statements', said(a) || 'none', said(b) || 'none', 'each stands where its market asks for it')
  return found
}
