// What is asked of a whole.
export { type CheckedAlternative, checkAlternatives, withAlternative } from './alternatives'
export { type Assessment, assess, sizedTo } from './assess'
export { type Catalogue, catalogueOf } from './catalogue'
export { cheapestThatKeeps } from './cheapest'
export { type Changes, compareAssessments } from './compare'
export { type Difference, type MarketsRow, marketDifferences, marketsBeside } from './differences'
export { type HowSure, howSure } from './howSure'
export { type ProofState, proofStateOf, proofStates } from './larder'
export { type LarderAsked, type LarderFound, type LarderRow, larderFound } from './larderList'
export { type Letter, lettersFor, letterText } from './letters'
export { type Swap, swapsThatMend } from './mend'
export type { Wanted } from './needed'
export {
  breakEven,
  type CostDay,
  costOverTime,
  type Earning,
  earnings,
  type Premium,
  premiumOf,
  type Sensitivity,
  sensitivities,
  withPriceTimes,
} from './questions'
export { type Books, booksOf, makingBooks, recheck, type VerdictChange, verdictsIn } from './recheck'
export { type PackChoice, type Purchase, type Shopping, shoppingFor } from './shopping'
export { assessed, billed, carriedTo, costed, sliceOfProduct, sliceOfRecipe } from './slice'
export { byCause, type Matter, mattersToday, type ShelfLot, saidOf } from './today'
export { type Deed, type Way, waysToMend } from './ways'
export { claimsThatChange, type ProductChange, whatChanges } from './whatChanges'
