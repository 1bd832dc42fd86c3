// Lines, parts, tins, and the bill.
export { type Ahead, aheadOf, doneTestWarning } from './ahead'
export { type Bake, bakeOf, heatText, minutesText, withBake } from './bakeStep'
export { type Bill, type BillGap, type BillLine, billOf, lineGrams, type PathStep } from './bill'
export {
  type Blend,
  type BlendFlour,
  type BlendWish,
  type Bounds,
  blendFlours,
  blendProgramme,
  blendRefusal,
  cheapestAsNear,
  contradictions,
  type LinearProgramme,
  lpText,
  readBlend,
  usualBounds,
} from './blend'
export { blendEdits } from './blendInto'
export { compareRecipes, type Row as ComparedRow } from './compare'
export { batterOf, type Filling, fillTins, firstLookAfter, ovenAdvice } from './filling'
export { evenLoads, type Loads, tinLoads } from './loads'
export { type Balance, bakersPercentages, type Masses, massesOf } from './masses'
export { fat, type OpenFood, openFact, openFoodIn } from './openFood'
export { asPacked, packWeight } from './packWeight'
export { circleFact, circleThrough, isFrozen, type PartNeed, partsNeeded } from './part'
export { partOnBench, productsWith } from './partOnBench'
export { partsHolding } from './partsHolding'
export { type BatchTarget, mostMakings, scaleFactor, tooLarge } from './scale'
export { type Advice, adviceOn, type Dough, doughOf, isMoist } from './structure'
export { baseArea, impossible, type TinRule, tinFactor, tinRoom, tinVolume } from './tin'
export { type UsualLoss, usualBakeLoss } from './usualLoss'
export {
  type Apart,
  eggsApart,
  type PieceChoice,
  type Scale,
  scaleName,
  type WeighOut,
  type WholePieces,
  weighingTolerance,
  weighOn,
  weighOut,
  wholePieces,
} from './weighOut'
export { countedOf, countsPieces, writtenAmount, writtenOfPart, writtenSum } from './writtenAmount'
