// What the house means by a claim that no law defines: what must not be in it, in words and in kinds, and how much carbohydrate.
import { z } from 'zod'
import { ClaimCode, type NamedClaim } from './claim'

export const refusedKinds = [
  'grain',
  'legume',
  'milk',
  'egg',
  'honey',
  'refinedSugar',
  'sugar',
  'syrup',
  'juiceConcentrate',
  'polyol',
  'rareSugar',
  'intense',
  'alcohol',
] as const
export type RefusedKind = (typeof refusedKinds)[number]
export const refusedKindName: Record<RefusedKind, string> = {
  grain: 'grains, and what is made from them',
  legume: 'legumes',
  milk: 'anything from milk',
  egg: 'anything from egg',
  honey: 'honey',
  refinedSugar: 'refined sugar',
  sugar: 'any sugar',
  syrup: 'syrups',
  juiceConcentrate: 'concentrated juice',
  polyol: 'polyols',
  rareSugar: 'rare sugars',
  intense: 'intense sweeteners',
  alcohol: 'alcohol',
}

/** How carbohydrate is counted; each takes off what the one before does, and more. */
export const carbohydrateCounts = ['total', 'lessFibre', 'lessPolyols', 'lessRareSugars'] as const
export type CarbohydrateCount = (typeof carbohydrateCounts)[number]
export const carbohydrateFormula: Record<CarbohydrateCount, string> = {
  total: 'carbohydrate with fibre',
  lessFibre: 'carbohydrate without fibre',
  lessPolyols: 'carbohydrate without fibre, less polyols',
  lessRareSugars: 'carbohydrate without fibre, less polyols and rare sugars',
}

const word = z.string().trim().min(2, 'A word has at least two letters.').max(60, 'Keep each word under 60 letters.')
export const HouseRule = z
  .object({
    claim: ClaimCode.refine(claim => nameOf(claim).length >= 2 && nameOf(claim).length <= 60, {
      message: 'Give the claim a name of 2 to 60 letters.',
    }),
    /** Words that no name and no composition may hold. */
    words: z.array(word).max(100, 'Keep the words under 100.'),
    /** Phrases that only sound like one of them. */
    but: z.array(word).max(100, 'Keep the phrases under 100.').exactOptional(),
    kinds: z.array(z.enum(refusedKinds)),
    carbohydrate: z
      .object({
        counted: z.enum(carbohydrateCounts),
        atMost: z.number('Say how many grams at most.').min(0, 'No less than nothing.').max(100, 'At most 100 g.'),
        per: z.enum(['100g', 'piece']),
      })
      .exactOptional(),
  })
  .refine(
    rule => rule.words.length + rule.kinds.length > 0 || rule.carbohydrate !== undefined,
    'Say what must not be in it, or how much carbohydrate at most: else anything would do.',
  )
  .refine(
    rule => rule.carbohydrate !== undefined || !needCarbohydrate.includes(rule.claim as NamedClaim),
    'Say how much carbohydrate at most, and how it is counted: without that it means nothing.',
  )
  .refine(
    rule => rule.claim.startsWith('house:') || ruledClaims.includes(rule.claim as NamedClaim),
    'This claim has a rule of its own.',
  )
export type HouseRule = z.infer<typeof HouseRule>
const nameOf = (claim: string) => claim.replace(/^house:/, '').trim()

/**
 * Claims with a name of ours that no law defines. `always`: what the name itself says, which no list of hers leaves out; `usual`:
 * refused besides where she has made no list.
 */
export const usualRules = {
  grainFree: { always: ['grain'], usual: [] },
  refinedSugarFree: { always: ['refinedSugar'], usual: [] },
  paleo: { always: ['grain', 'legume'], usual: ['milk', 'refinedSugar'] },
} as const satisfies Partial<Record<NamedClaim, Record<'always' | 'usual', readonly RefusedKind[]>>>
/** Claims a house may add to, and take nothing from. */
export const addedTo: readonly NamedClaim[] = ['vegan', 'vegetarian', 'grainFree', 'refinedSugarFree']
/** Claims that mean something only with a bound of carbohydrate. */
export const needCarbohydrate: readonly NamedClaim[] = ['keto']
/** Every claim with a name of ours that a house may have a list for. */
export const ruledClaims: readonly NamedClaim[] = ['paleo', ...needCarbohydrate, ...addedTo]
