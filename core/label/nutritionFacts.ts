// A table per serving, with daily values, in a panel of its own form. Its rows and words stand in the market's pack.
// A gap is never printed as 0.
import { percentOfDaily } from '../market/dailyValue'
import { roundedBy } from '../market/roundNutrient'
import type { PanelWords, Rounded, RulePack } from '../market/rulePack'
import { servingOf } from '../market/serving'
import { type NutrientCode, nutrientName } from '../model/nutrient'
import type { Product } from '../model/product'
import type { NutrientTable, Nutrition } from '../nutrition/rollUp'
import { toPlaces } from '../words/rounding'
import { filled } from '../words/template'
import { type Lack, lacking, type NutritionTable, type TableRow } from './nutritionTable'

export interface FactsPanel {
  /** "8 servings per container". */
  servings: string
  /** "1 slice (51g)"; in both languages where there are two. */
  servingSize: string
  /** "Per 1 slice (51 g)" and the same in the second language, a row each; none where `servingSize` stands behind its own word. */
  per: string[]
  /** What a second column is for: "Per loaf", "Per container"; null where there is none. */
  wholeUnit: string | null
  /** Its headings and its footnote. */
  words: PanelWords
  /** The same in few rows, and a sentence that names the rest; null where too few of them are nothing. */
  simplified: { rows: TableRow[]; note: string } | null
}

const unitOf = (nutrient: Rounded): string =>
  nutrient === 'energyKcal' ? '' : nutrient.endsWith('Mcg') ? 'mcg' : nutrient.endsWith('Mg') ? 'mg' : 'g'

/** Both must be known for total carbohydrate: what is available, and the fibre. */
const needs = (nutrient: Rounded): NutrientCode[] =>
  nutrient === 'totalCarbohydrate' ? ['carbohydrate', 'fibre'] : [nutrient as NutrientCode]

/** Amount per `grams` of the finished food, in the nutrient's unit; null where something is not known. */
function amountOf(nutrient: Rounded, per100g: NutrientTable, grams: number): number | null {
  let sum = 0
  for (const code of needs(nutrient)) {
    const range = per100g[code]
    if (!range) return null
    sum += (range.value * grams) / 100
  }
  return sum
}

/** What prints as nothing may be named in a sentence, where there is enough of it. */
function simplifiedOf({ table: { simplified } }: RulePack, rows: readonly TableRow[]): FactsPanel['simplified'] {
  if (!simplified) return null
  const isNothing = ({ perServing = '', percent, minor }: TableRow) =>
    minor
      ? /^0 ?%$/.test(percent ?? '')
      : /^0 ?(?:m?c?g)?$/.test(perServing) || simplified.alsoNothing.some(words => perServing.startsWith(words))
  // a sum of what is left out, or a kind of it, is still in its row
  const left = rows.filter(row => isNothing(row) && !simplified.kept.includes(row.nutrient as Rounded) && !row.inside)
  if (rows.filter(isNothing).length < simplified.rows || left.length === 0) return null
  const names = (second: boolean) =>
    left
      .map(row =>
        row.label
          .replace(/^\+ /, '')
          .split(' / ')
          .at(second ? -1 : 0)!
          .toLowerCase(),
      )
      .join(', ')
  return {
    rows: rows.filter(row => !left.includes(row) && !(row.inside && isNothing(row))),
    note: filled(simplified.text, { nutrients: names(false), second: names(true) }),
  }
}

/** "about 3½": pieces of a serving as one says them. */
const fractionWord: Record<number, string> = { 2: '1/2', 3: '1/3', 4: '1/4', 5: '1/5', 6: '1/6' }
function piecesWord(pieces: number, pieceName: string): string {
  if (pieces >= 1) return `${Number(toPlaces(pieces, 1))} ${pieceName}${pieces > 1 ? 's' : ''}`
  const parts = Math.round(1 / pieces)
  return `${fractionWord[parts] ?? `1/${parts}`} ${pieceName}`
}

/** What a piece is called in a market's second language; null where it has a name that nobody has put into it. */
export const pieceIn = (
  { piece }: NonNullable<RulePack['second']>,
  { pieceName, translated }: Pick<Product, 'pieceName' | 'translated'>,
): string | null => translated?.pieceName || (pieceName === undefined ? piece : null)

/** The table and its panel; or what is missing, each entry "nutrient: who", or a sentence of its own. */
export function nutritionFacts(
  rules: RulePack,
  nutrition: Nutrition,
  product: Product,
): { table: NutritionTable; panel: FactsPanel | null; lacks: Lack[] } {
  const serving = servingOf(rules, product)
  if ('unknown' in serving)
    return { table: { missing: [`The serving size: ${serving.unknown}.`] }, panel: null, lacks: [] }
  const { per100g, gaps } = nutrition
  const { unitGap } = rules.table
  const pieceName = product.pieceName ?? 'piece'
  const lacks: Lack[] = []
  const rows: TableRow[] = []
  for (const { nutrient, label, indent, optional, minor, inside } of rules.table.rows) {
    const amount = amountOf(nutrient, per100g, serving.grams)
    if (amount === null) {
      for (const code of needs(nutrient))
        if (!per100g[code])
          lacks.push({ nutrient: nutrient === 'energyKcal' ? 'energy' : nutrientName[code], who: gaps[code] ?? [] })
      continue
    }
    const unit = unitOf(nutrient)
    const printed = (value: number) => `${roundedBy(rules, nutrient, value)}${unit && `${unitGap}${unit}`}`
    if (optional && amount === 0) continue
    const perGrams = (grams: number) => (other: Rounded) => amountOf(other, per100g, grams)
    const percent = percentOfDaily(rules, nutrient, amount, perGrams(serving.grams))
    const row: TableRow = { nutrient, label, indent, perServing: printed(amount) }
    if (minor) row.minor = true
    if (percent !== null && nutrient !== 'energyKcal') row.percent = `${percent}${unitGap}%`
    if (serving.second) {
      const whole = amountOf(nutrient, per100g, serving.second.grams)!
      row.perUnit = printed(whole)
      const wholePercent = percentOfDaily(rules, nutrient, whole, perGrams(serving.second.grams))
      if (row.percent !== undefined) row.unitPercent = `${wholePercent}${unitGap}%`
    }
    if (inside) {
      row.label = filled(label, { amount: printed(amount) })
      row.inside = true
    }
    rows.push(row)
  }
  if (lacks.length > 0) return { table: lacking(lacks), panel: null, lacks }
  const one = serving.perContainer === '1'
  const { panel: words } = rules.table
  if (!words) return { table: { rows }, panel: null, lacks }
  const grams = `${toPlaces(serving.grams, 0)}${unitGap}g`
  const size = `${piecesWord(serving.pieces, pieceName)} (${grams})`
  const inSecond = rules.second && pieceIn(rules.second, product)
  // what nobody has put into it is said by its weight alone
  const second = inSecond ? `${piecesWord(serving.pieces, inSecond)} (${grams})` : grams
  return {
    lacks,
    table: { rows },
    panel: {
      words,
      simplified: simplifiedOf(rules, rows),
      servings: filled(one ? words.perContainerOne : words.perContainer, { n: serving.perContainer }),
      servingSize: rules.second ? `${size} / ${second}` : size,
      per: words.per.map(one => filled(one, { size, second })),
      wholeUnit:
        serving.second === null
          ? null
          : serving.second.of === 'pack'
            ? words.perPack
            : filled(words.perUnit, { unit: pieceName }),
    },
  }
}
