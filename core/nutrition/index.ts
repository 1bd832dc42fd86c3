// What 100 g hold, with gaps.
export { type Doubt, doubtsAbout } from './plausible'
export { energyOf, type NutrientTable, type Nutrition, type Range, saltOf } from './rollUp'
