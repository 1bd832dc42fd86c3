// What touches the food, rolled up.

export { type Beside, besideWarning, servedBeside } from './beside'
export { carriesAClaim } from './crossContact'
export { exemptForms } from './exempt'
export { onSite } from './onSite'
export { openWarnings, type Warned, warnsOfEverything } from './precaution'
export { actionLevel, type ByDose, byDose } from './referenceDose'
export type { AllergenTable, Reason } from './rollUp'
