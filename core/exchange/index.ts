// Open formats in and out.
export { type FoodTableRow, findFoods, fromFoodTable, type TableFood } from './foodTable'
export { type Coded, elementString, readElementString } from './gs1'
export { type NamedNutrients, readNationalFoods } from './nationalFood'
export {
  guessColumns,
  type PriceChange,
  PriceColumns,
  type PriceListContext,
  type ReadPrices,
  readPriceList,
} from './priceList'
export { type RecipeFile, readRecipeFile, recipeFile } from './recipeJson'
export { ownRecipeIn, recipeJsonLd } from './recipeJsonLd'
export { looksLikeFormula, safeCell } from './safeCell'
export { readScaleLine, type ScaleLine } from './scaleLine'
export { type Points, zplOf } from './zpl'
