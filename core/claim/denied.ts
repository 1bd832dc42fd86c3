// Which allergens a claim says are not in it.
import type { RulePack } from '../market/rulePack'
import { type AllergenCode, glutenCereals } from '../model/allergen'
import type { ClaimCode, NamedClaim } from '../model/claim'
import { allergensNamed } from './houseRule'

const ofSea: readonly AllergenCode[] = ['fish', 'crustaceans', 'molluscs']
const denied: Partial<Record<NamedClaim, (rules: RulePack) => readonly AllergenCode[]>> = {
  // oats too: whether they may be in it is judged by their own evidence, and what clings to a mixer has none
  glutenFree: () => glutenCereals,
  dairyFree: () => ['milk'],
  eggFree: () => ['egg'],
  nutFree: rules => rules.nuts,
  peanutFree: () => ['peanut'],
  soyFree: () => ['soy'],
  sesameFree: () => ['sesame'],
  vegan: () => ['milk', 'egg', ...ofSea],
  vegetarian: () => ofSea,
}

/** As its market counts nuts; a claim of the house by what its name speaks of. None where it denies no allergen. */
export const deniedBy = (claim: ClaimCode, rules: RulePack): readonly AllergenCode[] =>
  claim.startsWith('house:') ? allergensNamed(claim) : (denied[claim as NamedClaim]?.(rules) ?? [])
