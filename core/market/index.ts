// The rules of each place of sale.
export { marketsServed, rulesOf } from './market'
export { roundNutrient } from './roundNutrient'
export type { RulePack } from './rulePack'
export { usDailyValues, usPercentDailyValue } from './us'
export { type Serving, servingsPerContainer, usReferenceAmount, usServing } from './usServing'
