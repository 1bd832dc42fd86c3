// Which rule judges which claim. A claim named in model/claim.ts without a rule here does not compile.
import type { ClaimCode, NamedClaim } from '../model/claim'
import type { Kitchen } from '../model/kitchen'
import { absence } from './absence'
import { noAddedSugar, vegan, vegetarian } from './byTrait'
import { deniedBy } from './denied'
import { glutenFree } from './glutenFree'
import { byHouseRule, houseRuleOf } from './houseRule'
import { notNuts } from './notNuts'
import { keto, nutritional } from './nutritional'
import { type ClaimContext, type ClaimResult, concluded } from './verdict'

const rules: Record<NamedClaim, (context: ClaimContext) => ClaimResult> = {
  ...nutritional,
  keto: context => (houseRuleOf('keto', context.workbook.kitchen) ? byHouse('keto', context) : keto(context)),
  glutenFree,
  dairyFree: context => without('dairyFree', context),
  eggFree: context => without('eggFree', context),
  nutFree: context => {
    const result = without('nutFree', context)
    const note = notNuts(context)
    return note === null ? result : { ...result, note }
  },
  peanutFree: context => without('peanutFree', context),
  soyFree: context => without('soyFree', context),
  sesameFree: context => without('sesameFree', context),
  vegan,
  vegetarian,
  noAddedSugar,
  refinedSugarFree: context => byHouse('refinedSugarFree', context),
  grainFree: context => byHouse('grainFree', context),
  paleo: context => byHouse('paleo', context),
}

/** Free of every allergen the claim denies. */
const without = (claim: NamedClaim, context: ClaimContext): ClaimResult =>
  absence(claim, deniedBy(claim, context.rules), context)

/** A claim about nutrients, which brings statements of its own along and ends exemptions from the table. */
export const isNutritionClaim = (claim: ClaimCode): boolean => claim in nutritional || claim === 'noAddedSugar'

/** The same, and what is said of carbohydrate under any name: whatever ends an exemption from the table. */
export const saysOfNutrients = (claim: ClaimCode, kitchen: Pick<Kitchen, 'houseRules'>): boolean =>
  isNutritionClaim(claim) || claim === 'keto' || houseRuleOf(claim, kitchen)?.carbohydrate !== undefined

/** By the list the house has for it. Without one it is unproven: never true by default. */
function byHouse(claim: ClaimCode, context: ClaimContext): ClaimResult {
  const rule = houseRuleOf(claim, context.workbook.kitchen)
  if (rule) return byHouseRule(rule, context)
  return concluded(claim, context, [
    {
      verdict: 'unproven',
      at: -1,
      reason: {
        path: [],
        fact: 'there is no rule for this claim; someone must answer for it',
        mend: 'Say in Kitchen, under Claims of the house, what it leaves out; or choose another claim.',
      },
    },
  ])
}

/** Judges one claim. */
export const judge = (claim: ClaimCode, context: ClaimContext): ClaimResult =>
  rules[claim as NamedClaim]?.(context) ?? byHouse(claim, context)
