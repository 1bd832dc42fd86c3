// United Kingdom: the European texts as retained, from memory; verify before relying on it. What both European packs say alike is taken by name.
import { europeanOrigin, europeanPrices } from '../european/prices'
import {
  europeanAllergens,
  europeanClaims,
  europeanEnergy,
  europeanGluten,
  europeanList,
  europeanNuts,
  europeanQuid,
  europeanSugars,
} from '../european/rules'

export const rules = {
  operator: { within: null, cite: 'Regulation (EU) 1169/2011, Art. 8 and 9(1)(h), as retained' },
  allergens: europeanAllergens,
  nuts: europeanNuts,
  gluten: europeanGluten,
  energy: europeanEnergy,
  sugars: europeanSugars,
  list: europeanList,
  containsStatement: null,
  second: null,
  quid: europeanQuid,
  origin: europeanOrigin,
  prices: { ...europeanPrices, cite: 'Price Marking Order 2004' },
  claims: europeanClaims,
}
