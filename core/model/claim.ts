// What may be claimed of a product.
import { z } from 'zod'

export const namedClaims = [
  'glutenFree',
  'dairyFree',
  'eggFree',
  'nutFree',
  'peanutFree',
  'soyFree',
  'sesameFree',
  'vegan',
  'vegetarian',
  'sugarFree',
  'noAddedSugar',
  'refinedSugarFree',
  'lowSugar',
  'lowFat',
  'highFibre',
  'sourceOfFibre',
  'sourceOfProtein',
  'grainFree',
  'paleo',
  'keto',
] as const
export type NamedClaim = (typeof namedClaims)[number]
export type ClaimCode = NamedClaim | `house:${string}`
export const ClaimCode = z.union([z.enum(namedClaims), z.templateLiteral(['house:', z.string()])])

export const claimName: Record<NamedClaim, string> = {
  glutenFree: 'gluten-free',
  dairyFree: 'dairy-free',
  eggFree: 'egg-free',
  nutFree: 'nut-free',
  peanutFree: 'peanut-free',
  soyFree: 'soya-free',
  sesameFree: 'sesame-free',
  vegan: 'vegan',
  vegetarian: 'vegetarian',
  sugarFree: 'sugars-free',
  noAddedSugar: 'no added sugars',
  refinedSugarFree: 'no refined sugar',
  lowSugar: 'low sugars',
  lowFat: 'low fat',
  highFibre: 'high fibre',
  sourceOfFibre: 'source of fibre',
  sourceOfProtein: 'source of protein',
  grainFree: 'grain-free',
  paleo: 'paleo',
  keto: 'keto',
}
export const nameOfClaim = (claim: ClaimCode): string =>
  claim.startsWith('house:') ? claim.slice(6) : claimName[claim as NamedClaim]
