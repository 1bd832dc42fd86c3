// Can these values be true together? What a pack or a table states is checked before it is taken.
import { europeanEnergy } from '../market/european/rules'
import type { NutrientCode } from '../model/nutrient'
import { energyOf } from './rollUp'

export interface Doubt {
  nutrient: NutrientCode
  message: string
  /** Cannot be: a part is more than its whole. Else it is only unlikely. */
  impossible: boolean
}

/** Stated energy may differ from that of the macronutrients by this share, or by so many kJ: rounding, acids, other factors. */
const energyTolerance = { share: 0.1, kj: 25 }
const kjPerKcal = 4.184

/**
 * Doubts about values per 100 g; none where too little is known to say. Energy by Regulation (EU) 1169/2011, Annex XIV:
 * what is stated should lie between the sum without any energy of the fibre and the sum with it.
 */
export function doubtsAbout(of: (code: NutrientCode) => number | undefined): Doubt[] {
  const doubts: Doubt[] = []
  const within = (part: NutrientCode, whole: NutrientCode, message: string) => {
    const [small, large] = [of(part), of(whole)]
    if (small !== undefined && large !== undefined && small > large + 0.05)
      doubts.push({ nutrient: part, message, impossible: true })
  }
  within('sugars', 'carbohydrate', 'Sugars cannot be more than the carbohydrate they are part of.')
  within('saturates', 'fat', 'Saturates cannot be more than the fat they are part of.')
  within('trans', 'fat', 'Trans fat cannot be more than the fat it is part of.')
  within('starch', 'carbohydrate', 'Starch cannot be more than the carbohydrate it is part of.')
  within('polyols', 'carbohydrate', 'Polyols cannot be more than the carbohydrate they are part of.')
  within('solubleFibre', 'fibre', 'Soluble fibre cannot be more than the fibre it is part of.')
  const parts = (['fat', 'carbohydrate', 'fibre', 'protein', 'alcohol', 'water'] as const).reduce(
    (sum, code) => sum + (of(code) ?? 0),
    0,
  )
  if (parts > 102)
    doubts.push({
      nutrient: 'fat',
      message: `Fat, carbohydrate, fibre, protein and the rest come to ${Math.round(parts)} g in 100 g. Check them.`,
      impossible: true,
    })
  const stated = of('energyKj') ?? (of('energyKcal') === undefined ? undefined : of('energyKcal')! * kjPerKcal)
  const factors = europeanEnergy.kj
  const most = energyOf(of, factors)
  const least = energyOf(code => (code === 'fibre' ? 0 : of(code)), factors)
  if (stated !== undefined && most !== null && least !== null) {
    const [low, high] = [
      least * (1 - energyTolerance.share) - energyTolerance.kj,
      most * (1 + energyTolerance.share) + energyTolerance.kj,
    ]
    if (stated < low || stated > high)
      doubts.push({
        nutrient: 'energyKj',
        message: `The energy stated, ${Math.round(stated)} kJ, does not fit: the macronutrients give ${Math.round(least)} to ${Math.round(most)} kJ. One of them is wrong.`,
        impossible: false,
      })
  }
  return doubts
}
