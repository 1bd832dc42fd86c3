// The rules of each place of sale.
export { percentOfDaily } from './dailyValue'
export { changesOf, firstMarketOf, marketsServed, rulesAsRead, rulesOf } from './market'
export { roundedBy, roundNutrient } from './roundNutrient'
export type { LetterRules, PanelForm, Rounded, RuleChange, RulePack, Words } from './rulePack'
export { referenceAmountOf, type Serving, servingOf, servingsPerContainer } from './serving'
export { type Acceptable, acceptable } from './tolerance'
export { dayIn, quantityIn } from './wording'
