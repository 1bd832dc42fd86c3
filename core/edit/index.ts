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
export { inOneOrder } from './same'
export {
  inverseOfSheetEdit,
  KitchenSheet,
  making,
  type SheetClash,
  SheetEdit,
  type SheetKind,
  sheetEdits,
  sheetKinds,
  takeSheetEdits,
  takingOut,
} from './sheetEdit'
export { type RefusedEdit, type Taken, takeEdits } from './takeEdits'
