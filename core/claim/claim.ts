// Which rule judges which claim.
import type { AllergenCode } from '../model/allergen'
import type { ClaimCode, NamedClaim } from '../model/claim'
import { absence } from './absence'
import { grainFree, noAddedSugar, paleo, refinedSugarFree, vegan, vegetarian } from './byTrait'
import { glutenFree } from './glutenFree'
import { nutritional } from './nutritional'
import { type ClaimContext, type ClaimResult, concluded } from './verdict'

const freeFrom: Partial<Record<NamedClaim, AllergenCode>> = {
  dairyFree: 'milk',
  eggFree: 'egg',
  peanutFree: 'peanut',
  soyFree: 'soy',
  sesameFree: 'sesame',
}
const rules: Partial<Record<NamedClaim, (context: ClaimContext) => ClaimResult>> = {
  ...nutritional,
  glutenFree,
  vegan,
  vegetarian,
  noAddedSugar,
  refinedSugarFree,
  grainFree,
  paleo,
  nutFree: context => absence('nutFree', context.rules.nuts, context),
}

/** Does its verdict rest on figures of the finished food? */
export const restsOnNutrition = (claim: ClaimCode): boolean => claim in nutritional

/** Judges one claim. A claim without a rule is unproven, never true by default. */
export function judge(claim: ClaimCode, context: ClaimContext): ClaimResult {
  const named = claim as NamedClaim
  const code = freeFrom[named]
  if (code) return absence(named, [code], context)
  const rule = rules[named]
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
