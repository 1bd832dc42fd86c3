// Which rule judges which claim. A claim named in model/claim.ts without a rule here does not compile.
import type { ClaimCode, NamedClaim } from '../model/claim'
import { absence } from './absence'
import { grainFree, noAddedSugar, paleo, refinedSugarFree, vegan, vegetarian } from './byTrait'
import { glutenFree } from './glutenFree'
import { notNuts } from './notNuts'
import { keto, nutritional } from './nutritional'
import { type ClaimContext, type ClaimResult, concluded } from './verdict'

const rules: Record<NamedClaim, (context: ClaimContext) => ClaimResult> = {
  ...nutritional,
  keto,
  glutenFree,
  dairyFree: context => absence('dairyFree', ['milk'], context),
  eggFree: context => absence('eggFree', ['egg'], context),
  nutFree: context => {
    const result = absence('nutFree', context.rules.nuts, context)
    const note = notNuts(context)
    return note === null ? result : { ...result, note }
  },
  peanutFree: context => absence('peanutFree', ['peanut'], context),
  soyFree: context => absence('soyFree', ['soy'], context),
  sesameFree: context => absence('sesameFree', ['sesame'], context),
  vegan,
  vegetarian,
  noAddedSugar,
  refinedSugarFree,
  grainFree,
  paleo,
}

/** A claim about nutrients, which brings statements of its own along and ends exemptions from the table. */
export const isNutritionClaim = (claim: ClaimCode): boolean => claim in nutritional || claim === 'noAddedSugar'

/** Judges one claim. A claim of the house's own is unproven until somebody answers for it, never true by default. */
export function judge(claim: ClaimCode, context: ClaimContext): ClaimResult {
  const rule = rules[claim as NamedClaim]
  if (rule) return rule(context)
  return concluded(claim, context, [
    {
      verdict: 'unproven',
      at: -1,
      reason: {
        path: [],
        fact: 'there is no rule for this claim; someone must answer for it',
        mend: 'Choose a claim with a rule.',
      },
    },
  ])
}
