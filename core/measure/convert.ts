// What a unit holds: grams of a mass, millilitres of a volume.
// Volumes and masses: NIST Handbook 44, Appendix C. Metric, imperial and Japanese cups: common practice.
import type { Cup, Measures, Spoon, UnitCode } from '../model/unit'

const gramsPerUnit: Partial<Record<UnitCode, number>> = {
  g: 1,
  kg: 1000,
  mg: 0.001,
  oz: 28.349523125,
  lb: 453.59237,
  stick: 113.4,
}

const cupMl: Record<Cup, number> = { us: 236.5882365, usLegal: 240, metric: 250, imperial: 284.130625, japanese: 200 }
const spoonMl: Record<Spoon, { tsp: number; tbsp: number }> = {
  us: { tsp: 4.92892159375, tbsp: 14.78676478125 },
  metric: { tsp: 5, tbsp: 15 },
  imperial: { tsp: 5.9193880208, tbsp: 17.7581640625 },
  au: { tsp: 5, tbsp: 20 },
}
const spoonThatGoesWith: Record<Cup, Spoon> = {
  us: 'us',
  usLegal: 'metric',
  metric: 'metric',
  imperial: 'imperial',
  japanese: 'metric',
}

/** Grams of one `unit` of mass (a stick is a quarter pound), or null where it is no mass. */
export const gramsOf = (unit: UnitCode): number | null => gramsPerUnit[unit] ?? null

/** Millilitres of one `unit` of volume under the cup and spoon in force (US customary unless said), or null. */
export function millilitresOf(unit: UnitCode, measures: Measures = {}): number | null {
  const cup = measures.cup ?? 'us'
  const spoon = spoonMl[measures.spoon ?? spoonThatGoesWith[cup]]
  const imperial = cup === 'imperial'
  switch (unit) {
    case 'ml':
      return 1
    case 'cl':
      return 10
    case 'dl':
      return 100
    case 'l':
      return 1000
    case 'tsp':
      return spoon.tsp
    case 'tbsp':
      return spoon.tbsp
    case 'cup':
      return cupMl[cup]
    case 'floz':
      return imperial ? 28.4130625 : 29.5735295625
    case 'pint':
      return imperial ? 568.26125 : 473.176473
    case 'quart':
      return imperial ? 1136.5225 : 946.352946
    case 'drop':
      return spoon.tsp / 100 // common practice: about 100 drops to a teaspoon
    default:
      return null
  }
}

/** Estimates for what nobody measures, in grams. Common practice; always marked as an estimate. */
export const guessedGrams: Partial<Record<UnitCode, number>> = { pinch: 0.3, dash: 0.6, splash: 5 }
