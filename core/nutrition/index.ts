// What 100 g hold, with gaps; how sure that is; what a laboratory found.
export { analysedOf, chosenResult, goneSince, newSince } from './laboratory'
export { type Doubt, doubtsAbout } from './plausible'
export { energyOf, type NutrientTable, type Nutrition, nutritionOf, type Range, saltOf } from './rollUp'
export { type RowSpread, type Swing, simulate, swingsOf } from './simulate'
export { assumed, type Cause, type Spread, spreadOf } from './spread'
