// What touches the food, rolled up.

export { carriesAClaim } from './crossContact'
export type { AllergenTable, Reason } from './rollUp'
