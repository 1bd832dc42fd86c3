// Every change on the bench, as plain data with its inverse.
export {
  applyBenchEdit,
  applyBenchEdits,
  type BenchClash,
  BenchEdit,
  type BenchThings,
  freshIn,
  inverse,
  type ProductField,
  productFields,
  refusedIn,
  tickLists,
} from './benchEdit'
export { merged } from './merge'
export { applyEdit, before, bodyOf, RecipeBody, type RecipeEdit, Written, writtenOf } from './recipeEdit'
export { type RefusedEdit, type Taken, takeEdits } from './takeEdits'
