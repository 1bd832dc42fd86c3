// What a batch costs, and the price that follows.
export { type Cost, type CostLine, converted, costOf, packInForce, type Rates } from './cost'
export { type CostKind, type CostPart, costKinds, type FullCost, fullCostOf } from './fullCost'
export {
  costOfTier,
  isUnder,
  leaves,
  type Suggested,
  suggestedPrice,
  type TaxRate,
  type Tier,
  taxOf,
  taxParts,
  tiers,
  type UnderFloor,
  underFloor,
} from './price'
export { type PriceStep, pricePoints } from './pricePoints'
export { cheapestPacks } from './wholePacks'
