// Two assessments of one product side by side: what is otherwise in claims, allergens, cost and nutrition.
import type { Verdict } from '../claim/verdict'
import { rulesOf } from '../market/market'
import { roundedBy } from '../market/roundNutrient'
import { type AllergenCode, type AllergenStatus, allergenCodes } from '../model/allergen'
import type { ClaimCode } from '../model/claim'
import { mainNutrients, type NutrientCode } from '../model/nutrient'
import type { Assessment } from './assess'

export interface Changes {
  claims: { claim: ClaimCode; before: Verdict | null; after: Verdict | null }[]
  allergens: { allergen: AllergenCode; before: AllergenStatus; after: AllergenStatus }[]
  /** Exact decimals as strings; null where it is not known. `atLeast`: something has no price. */
  cost: { perPiece: [string | null, string | null]; total: [string, string]; atLeast: [boolean, boolean] }
  /** Per 100 g as the market prints it; null where it is not known. Only what prints otherwise. */
  nutrients: { nutrient: NutrientCode; before: string | null; after: string | null }[]
  /** Grams of the finished batch. */
  finished: [number, number]
}

/** What an eater or a buyer could notice between `before` and `after`, both for one market. Pure. */
export function compareAssessments(before: Assessment, after: Assessment): Changes {
  const verdictOf = (of: Assessment, claim: ClaimCode) => of.claims.find(one => one.claim === claim)?.verdict ?? null
  const claims = [...new Set([...before.claims, ...after.claims].map(one => one.claim))]
    .map(claim => ({ claim, before: verdictOf(before, claim), after: verdictOf(after, claim) }))
    .filter(one => one.before !== one.after)
  const allergens = allergenCodes
    .map(allergen => ({
      allergen,
      before: before.allergens[allergen].status,
      after: after.allergens[allergen].status,
    }))
    .filter(one => one.before !== one.after)
  const printed = ({ nutrition, declaration }: Assessment, nutrient: NutrientCode) => {
    const range = nutrition.per100g[nutrient]
    return range ? roundedBy(rulesOf(declaration.market, declaration.day), nutrient, range.value) : null
  }
  const nutrients = (['energyKcal', ...mainNutrients] as const)
    .map(nutrient => ({ nutrient, before: printed(before, nutrient), after: printed(after, nutrient) }))
    .filter(one => one.before !== one.after)
  return {
    claims,
    allergens,
    nutrients,
    cost: {
      perPiece: [before.cost.perPiece || null, after.cost.perPiece || null],
      total: [before.cost.total, after.cost.total],
      atLeast: [before.cost.unknown.length > 0, after.cost.unknown.length > 0],
    },
    finished: [before.bill.finished, after.bill.finished],
  }
}
