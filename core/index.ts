// The public surface of the computation.
export * from './allergen/codes'
export { controlName } from './allergen/crossContact'
export type { AllergenTable, Reason } from './allergen/rollUp'
export { type Assessment, assess, sizedTo } from './assess'
export * from './benchEdit'
export { type CheckedAlternative, checkAlternatives, withAlternative } from './claim/alternatives'
export { type Swap, swapsThatMend } from './claim/mend'
export { type ClaimResult, claimName, type Mark, nameOfClaim, severity, type Verdict } from './claim/verdict'
export { type Changes, compareAssessments } from './compare'
export { type Cost, type CostLine, converted, costOf, packInForce, type Rates } from './cost/cost'
export * from './cost/costing'
export { type CostKind, type CostPart, costKinds, type FullCost, fullCostOf } from './cost/fullCost'
export type { Wanted } from './cost/needed'
export {
  costOfTier,
  isUnder,
  leaves,
  type Suggested,
  suggestedPrice,
  type TaxRate,
  type Tier,
  taxOf,
  taxParts,
  tiers,
  type UnderFloor,
  underFloor,
} from './cost/price'
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
} from './cost/questions'
export { type PackChoice, type Purchase, type Shopping, shoppingFor } from './cost/shopping'
export { cheapestPacks } from './cost/wholePacks'
export { looksLikeFormula, readDecimal, safeCell } from './exchange/decimal'
export { type FoodTableRow, findFoods, fromFoodTable, type TableFood } from './exchange/foodTable'
export { type NamedNutrients, readNationalFoods } from './exchange/nationalFood'
export {
  guessColumns,
  type PriceChange,
  PriceColumns,
  type PriceListContext,
  type ReadPrices,
  readPriceList,
} from './exchange/priceList'
export { type RecipeFile, readRecipeFile, recipeFile } from './exchange/recipeJson'
export { ownRecipeIn, recipeJsonLd } from './exchange/recipeJsonLd'
export {
  type Baking,
  bakingOf,
  type FlourKind,
  type FlourWork,
  flourKindName,
  flourWorks,
  sweetenerKindName,
} from './ingredient/baking'
export { Evidence, evidenceKindName, evidenceKinds, IsoDate, proofOf, whatProves } from './ingredient/evidence'
export * from './ingredient/ingredient'
export { type Mention, mentions } from './ingredient/lexicon'
export { type Match, matchName, type Named } from './ingredient/match'
export { freeByNature, isFreeByNature } from './ingredient/nature'
export { type ShelfThing, shelfGroups, starterShelf } from './ingredient/starterShelf'
export { type ReadStatement, readStatement } from './ingredient/statement'
export { alsoCalled } from './ingredient/synonyms'
export { type Declaration, dateMark, type Problem } from './label/declaration'
export { type Difference, marketDifferences } from './label/differences'
export { compositionText } from './label/ingredientList'
export type { FactsPanel } from './label/nutritionFacts'
export type { NutritionTable, TableRow } from './label/nutritionTable'
export { joined, plain, type Run, strong, textOf } from './label/run'
export { marketsServed, rulesOf } from './market/market'
export { roundNutrient } from './market/roundNutrient'
export type { RulePack } from './market/rulePack'
export { usDailyValues, usPercentDailyValue } from './market/us'
export { type Serving, servingsPerContainer, usReferenceAmount, usServing } from './market/usServing'
export { daysAfter, spokenDay } from './measure/day'
export { typicalGramsPerMl, typicalPiece } from './measure/density'
export { type GramsResult, grams } from './measure/grams'
export { readAmount } from './measure/quantity'
export { percent, toNearest, toPlaces, weighed } from './measure/rounding'
export { celsiusOf, dialCelsius, dials, fahrenheitOf, gasMarkCelsius } from './measure/temperature'
export {
  Amount,
  Cup,
  gramsOf,
  type Measures,
  millilitresOf,
  type Size,
  Spoon,
  sizes,
  type UnitCode,
  unitCodes,
} from './measure/unit'
export { averageOf, edibleShare, type Weighed } from './measure/weighing'
export { mainNutrients, type NutrientCode, NutrientValue, nutrientCodes, nutrientName } from './nutrition/nutrient'
export { type Doubt, doubtsAbout } from './nutrition/plausible'
export { energyOf, type NutrientTable, type Nutrition, type Range, saltOf } from './nutrition/rollUp'
export { type ReadLine, readLine } from './reading/readLine'
export { type ReadRecipe, type RecipeLine, readRecipe } from './reading/readRecipe'
export { readOven, readStep } from './reading/readStep'
export { readTin } from './reading/readTin'
export { type Ahead, aheadOf, doneTestWarning } from './recipe/ahead'
export { type Bill, type BillGap, type BillLine, billOf, lineGrams, type PathStep } from './recipe/bill'
export * from './recipe/blend'
export { blendEdits } from './recipe/blendInto'
export { compareRecipes, type Row as ComparedRow } from './recipe/compare'
export { applyEdit, before, bodyOf, RecipeBody, type RecipeEdit, Written, writtenOf } from './recipe/edit'
export { batterOf, type Filling, fillTins, firstLookAfter } from './recipe/filling'
export { evenLoads, type Loads, tinLoads } from './recipe/loads'
export { type Balance, bakersPercentages, type Masses, massesOf } from './recipe/masses'
export { type OnlyInMethod, onlyInMethod, onlyInMethodOf } from './recipe/onlyInMethod'
export { circleFact, circleThrough, isFrozen, type PartNeed, partsNeeded } from './recipe/part'
export { partOnBench, productsWith } from './recipe/partOnBench'
export * from './recipe/recipe'
export { type BatchTarget, scaleFactor } from './recipe/scale'
export { type Advice, adviceOn, type Dough, doughOf } from './recipe/structure'
export { baseArea, impossible, Tin, TinCount, type TinRule, tinFactor, tinName, tinRoom, tinVolume } from './recipe/tin'
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
} from './recipe/weighOut'
export { writtenAmount, writtenSum } from './recipe/writtenAmount'
export { type Matter, mattersToday, type ShelfLot } from './today'
export {
  type Catalogue,
  catalogueOf,
  cheapestThatKeeps,
  type ProductChange,
  whatChanges,
} from './whatChanges'
export * from './workbook'
