// What touches the food, rolled up.
export type { AllergenTable, Reason } from './rollUp'
