// An aid to deciding on a warning: how much of an allergen's protein in a kilogram of food would reach the dose at which few react.
// FAO/WHO expert consultation on the risk assessment of food allergens, reports of 2021 to 2023, from memory. About immediate
// allergy alone: it says nothing of coeliac disease, and nothing for a claim of absence.
import type { AllergenCode } from '../model/allergen'

/** mg of total protein; `sure`: of the first tier. */
export const referenceDose: Partial<Record<AllergenCode, { mg: number; sure: boolean }>> = {
  walnut: { mg: 1, sure: true },
  pecan: { mg: 1, sure: true },
  cashew: { mg: 1, sure: true },
  pistachio: { mg: 1, sure: true },
  almond: { mg: 1, sure: false },
  peanut: { mg: 2, sure: true },
  egg: { mg: 2, sure: true },
  milk: { mg: 2, sure: true },
  sesame: { mg: 2, sure: true },
  hazelnut: { mg: 3, sure: true },
  wheat: { mg: 5, sure: true },
  fish: { mg: 5, sure: true },
  crustaceans: { mg: 200, sure: true },
  soy: { mg: 10, sure: false },
  celery: { mg: 1, sure: false },
  mustard: { mg: 1, sure: false },
  lupin: { mg: 10, sure: false },
  brazilNut: { mg: 1, sure: false },
  macadamia: { mg: 1, sure: false },
  pineNut: { mg: 1, sure: false },
} as const

/** mg of protein per kg of food: reference dose ÷ grams eaten at one sitting × 1000. Null where there is no dose, or nothing is eaten. */
export function actionLevel(code: AllergenCode, gramsEaten: number): number | null {
  const dose = referenceDose[code]
  return dose && gramsEaten > 0 && Number.isFinite(gramsEaten) ? (dose.mg / gramsEaten) * 1000 : null
}

export interface ByDose {
  level: number
  /** `warn`: the estimate is at it or over. Under it nothing is advised by this method, which is no proof of anything. */
  advises: 'warn' | 'nothing'
  assumes: string[]
}
/** The estimate of cross-contact, mg of protein per kg, against the level. Null where the arithmetic cannot be done. */
export function byDose(code: AllergenCode, mgPerKg: number, gramsEaten: number): ByDose | null {
  const level = actionLevel(code, gramsEaten)
  if (level === null || !(mgPerKg >= 0)) return null
  const { mg, sure } = referenceDose[code]!
  return {
    level,
    advises: mgPerKg >= level ? 'warn' : 'nothing',
    assumes: [
      `${mg} mg of its protein as the reference dose (FAO/WHO 2021 to 2023, from memory${sure ? '' : '; provisional or of the second tier, less sure'})`,
      `${gramsEaten} g eaten at one sitting, and no other food beside it`,
      'an even spread: a crumb in one piece is another matter',
      'immediate allergy only: it says nothing about coeliac disease',
      'your market may not accept it: ask, and have someone competent check it',
    ],
  }
}
