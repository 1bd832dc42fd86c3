// What touches the food, rolled up.

export { carriesAClaim } from './crossContact'
export { type OnSite, onSite } from './onSite'
export type { AllergenTable, Reason } from './rollUp'
