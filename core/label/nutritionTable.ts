// The nutrition table as its market lays it out, or the list of what is missing. A gap is never printed as 0.
import type { ClaimResult } from '../claim/verdict'
import { roundedBy } from '../market/roundNutrient'
import type { Rounded, RulePack } from '../market/rulePack'
import { type NutrientCode, nutrientName } from '../model/nutrient'
import { type NutrientTable, type Nutrition, saltOf } from '../nutrition/rollUp'
import { toPlaces } from '../words/rounding'

export interface TableRow {
  nutrient: string
  label: string
  indent: number
  per100g?: string
  perServing?: string
  percent?: string
  /** For the whole unit, where a market asks for a second column. */
  perUnit?: string
  /** A vitamin or mineral, set apart at the foot. */
  minor?: true
  /** The amount stands inside the label. */
  inside?: true
  unitPercent?: string
}
/** One nutrient that is not known, and what stands in the way, by name. */
export interface Lack {
  nutrient: string
  who: string[]
}
/** `missing`: in words, each "nutrient: who", or a sentence of its own. `leftOut`: none is printed, and why it need not be; nothing is missed then. */
export type NutritionTable = { rows: TableRow[] } | { missing: string[]; leftOut?: string }

export const lacking = (lacks: readonly Lack[]): NutritionTable => ({
  missing: [...new Set(lacks.map(({ nutrient, who }) => `${nutrient}: ${who.join(', ')}`))],
})

/** "14 g", "1186 kJ / 284 kcal", or null where a value is missing. */
function cell(rules: RulePack, nutrient: string, values: NutrientTable): string | null {
  if (nutrient === 'energyKj') {
    if (!values.energyKj || !values.energyKcal) return null
    if (rules.table.energy === 'kj') return `${roundedBy(rules, 'energyKj', values.energyKj.value)} kJ`
    return `${roundedBy(rules, 'energyKj', values.energyKj.value)} kJ / ${roundedBy(rules, 'energyKcal', values.energyKcal.value)} kcal`
  }
  if (nutrient === 'salt')
    return values.sodiumMg ? `${roundedBy(rules, 'salt', saltOf(values.sodiumMg.value))} g` : null
  const range = values[nutrient as NutrientCode]
  const unit = nutrient.endsWith('Mg') ? 'mg' : 'g'
  return range ? `${roundedBy(rules, nutrient as NutrientCode, range.value)} ${unit}` : null
}

/** Share of a day’s reference intake, in whole per cent; null where the market has none for it (fibre), or nobody knows how much it is. */
function intakeOf(rules: RulePack, nutrient: string, values: NutrientTable): string | null {
  const day = rules.referenceIntake?.[nutrient as Rounded]
  const range = nutrient === 'salt' ? values.sodiumMg : values[nutrient as NutrientCode]
  if (day === undefined || !range) return null
  const value = nutrient === 'salt' ? saltOf(range.value) : range.value
  return `${toPlaces((value / day) * 100, 0)} %`
}

/** EU and UK: Annex XV, per 100 g and per piece. An optional row appears where it is known. */
export function nutritionTable(
  rules: RulePack,
  nutrition: Nutrition,
  withIntake = false,
  /** What is claimed, and what of it holds. */
  claims: readonly Pick<ClaimResult, 'claim' | 'verdict'>[] = [],
): { table: NutritionTable; lacks: Lack[] } {
  const rows: TableRow[] = []
  const lacks: Lack[] = []
  for (const { nutrient, label, indent, optional, neededFor } of rules.table.rows) {
    const per100g = cell(rules, nutrient, nutrition.per100g)
    if (per100g === null) {
      if (optional && !claims.some(({ claim }) => neededFor?.includes(claim))) continue
      const code: NutrientCode = nutrient === 'salt' ? 'sodiumMg' : (nutrient as NutrientCode)
      const name = nutrient === 'energyKj' ? 'energy' : nutrient === 'salt' ? 'salt (sodium)' : nutrientName[code]
      lacks.push({ nutrient: name, who: nutrition.gaps[code] ?? [] })
      continue
    }
    const perServing = cell(rules, nutrient, nutrition.perPiece)
    const percent = withIntake ? intakeOf(rules, nutrient, nutrition.perPiece) : null
    rows.push({
      nutrient,
      label,
      indent,
      per100g,
      ...(perServing === null ? {} : { perServing }),
      ...(percent === null ? {} : { percent }),
    })
    for (const { claim, behind, says, ...row } of rules.table.saidBeside)
      if (behind === nutrient && claims.some(one => one.claim === claim && one.verdict === 'holds'))
        rows.push({ nutrient: row.nutrient, label: row.label, indent: 0, per100g: says, perServing: says })
  }
  return { table: lacks.length > 0 ? lacking(lacks) : { rows }, lacks }
}
