// Serving size from the Table of Reference Amounts for Food and the piece, from memory; muffin, pie, bar and icing less sure.
import type { ServingRule } from '../rulePack'

export const serving: ServingRule = {
  by: 'referenceAmount',
  amounts: {
    brownie: 40,
    heavyCake: 125,
    mediumCake: 80,
    lightCake: 55,
    cookie: 30,
    muffin: 55,
    quickBread: 55,
    pie: 110,
    grainBar: 40,
    candy: 40,
    icing: 35,
  },
  volume: 'the reference amount is a volume',
  togetherUpTo: 0.5,
  twoUnder: 2 / 3,
  // a pack of up to 200 % of it is a single serving
  oneUnder: 2,
  // no second column is asked for
  wholeUnitUpTo: 0,
  cite: 'FDR B.01.002A; Table of Reference Amounts for Food',
}
