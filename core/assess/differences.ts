// One product under the rules of several markets: what is said otherwise, and the rule that makes it so.
import { declaredCodes } from '../label/emphasis'
import { textOf } from '../label/run'
import { rulesAsRead, rulesOf } from '../market/market'
import type { RulePack } from '../market/rulePack'
import { allergenCodes, allergenName } from '../model/allergen'
import { nameOfClaim } from '../model/claim'
import type { MarketCode } from '../model/market'
import { toPlaces } from '../words/rounding'
import type { Assessment } from './assess'

export interface Difference {
  about: string
  here: string
  there: string
  /** The rule behind it, with its source. */
  why: string
}
/** What one market makes of one matter, and by which rule. */
export interface Point {
  about: string
  says: string
  why: string
}
export interface MarketsRow {
  about: string
  /** In the order asked. */
  cells: { market: MarketCode; says: string; why: string }[]
}

const list = (names: readonly string[]) => (names.length === 0 ? 'none' : names.join(', '))
const touchedBy = (of: Assessment, rules: RulePack) => {
  const declared = declaredCodes(rules)
  return allergenCodes.filter(
    code => declared.includes(code) && ['contains', 'mayContain'].includes(of.allergens[code].status),
  )
}
const tableOf = ({ declaration }: Assessment): string =>
  'rows' in declaration.table
    ? declaration.panel
      ? `per serving: ${declaration.panel.servingSize}`
      : `per 100 g and ${declaration.particulars.serving}`
    : declaration.table.leftOut === undefined
      ? 'cannot be given yet'
      : `left out: ${declaration.table.leftOut}`
const quidOf = ({ declaration }: Assessment, rules: RulePack): string =>
  rules.quid.asked ? (/%/.test(textOf(declaration.ingredients)) ? 'shares printed' : 'asked for') : 'not asked for'

/** All that is said of a product in one market, in the order of a label. */
function pointsOf(of: Assessment): Point[] {
  const { declaration } = of
  const rules = rulesOf(declaration.market, declaration.day)
  const kcal = of.nutrition.per100g.energyKcal
  const point = (about: string, says: string, why: string): Point => ({ about, says, why })
  return [
    ...of.claims.map(claim => point(nameOfClaim(claim.claim), claim.verdict, claim.because[0]?.fact ?? 'its rule')),
    point(
      'Allergens that must be declared',
      list(touchedBy(of, rules).map(code => allergenName[code])),
      `its own list: ${rules.allergens.cite}`,
    ),
    point(
      'How allergens are said',
      rules.containsStatement ? 'in a “Contains” statement after the list' : 'emphasised inside the list',
      rules.containsStatement?.cite ?? rules.allergens.cite,
    ),
    point('Ingredient list', textOf(declaration.ingredients), rules.list.cite),
    point('Share of what is in the name (QUID)', quidOf(of, rules), rules.quid.cite),
    point('Nutrition table', tableOf(of), rules.table.cite),
    point(
      'Energy, before rounding',
      kcal ? `${toPlaces(kcal.value, 0)} kcal per 100 g` : 'not known',
      rules.energy.cite,
    ),
    point('Carbohydrate', rules.table.carbohydrate, rules.energy.cite),
    point('Rounding', rules.rounding.how, rules.rounding.cite),
    point('Net quantity', declaration.particulars.netQuantity, 'each market measures packs in its own units'),
    point(
      'Where it was made',
      declaration.particulars.origin ?? 'not said',
      `${rules.origin.when}: ${rules.origin.cite}`,
    ),
    point('Price', declaration.particulars.price ?? 'not on it', rules.prices.cite),
    point('Date', declaration.particulars.date ?? 'none', 'the words each market uses'),
    point(
      'Statements',
      declaration.statements.map(textOf).join(' ') || 'none',
      'each stands where its market asks for it',
    ),
  ]
}

/** Only what is not the same in all of them. Assessments of one workbook and product, each for another market. */
export function marketsBeside(all: readonly Assessment[]): MarketsRow[] {
  const points = all.map(one => pointsOf(one))
  const anyTouched = all.some(one => touchedBy(one, rulesOf(one.declaration.market, one.declaration.day)).length > 0)
  return (points[0] ?? []).flatMap(({ about }) => {
    if (about === 'How allergens are said' && !anyTouched) return []
    const cells = points.flatMap((of, at) => {
      const found = of.find(one => one.about === about)
      return found ? [{ market: all[at]!.declaration.market, says: found.says, why: found.why }] : []
    })
    return cells.length === all.length && cells.some(one => one.says !== cells[0]!.says) ? [{ about, cells }] : []
  })
}

/** Of two markets, the reasons in one sentence. */
export function marketDifferences(a: Assessment, b: Assessment): Difference[] {
  return marketsBeside([a, b]).map(({ about, cells }) => {
    const [here, there] = cells as [MarketsRow['cells'][number], MarketsRow['cells'][number]]
    return {
      about,
      here: here.says,
      there: there.says,
      why:
        here.why === there.why
          ? here.why
          : [here, there].map(one => `${rulesAsRead(one.market).title}: ${one.why}`).join('. '),
    }
  })
}
