// Serving size from the amount customarily eaten and the piece (21 CFR 101.12(b) and 101.9(b)), from memory.
import type { ServingRule } from '../rulePack'

export const serving: ServingRule = {
  by: 'referenceAmount',
  amounts: {
    brownie: 40,
    heavyCake: 125,
    mediumCake: 80,
    lightCake: 55,
    cookie: 30,
    muffin: 110,
    quickBread: 55,
    pie: 125,
    grainBar: 40,
    candy: 30,
    // 2 tablespoons
    icing: null,
  },
  volume: 'the reference amount of an icing is a volume, 2 tablespoons',
  togetherUpTo: 0.5,
  twoUnder: 2 / 3,
  oneUnder: 2,
  wholeUnitUpTo: 3,
  cite: '21 CFR 101.12(b) and 101.9(b)',
}
