// European Union, from memory; verify before relying on it. What both European packs say alike is taken by name.
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
  allergens: europeanAllergens,
  nuts: europeanNuts,
  gluten: europeanGluten,
  energy: europeanEnergy,
  sugars: europeanSugars,
  list: europeanList,
  containsStatement: null,
  quid: europeanQuid,
  prices: { withTax: true },
  claims: europeanClaims,
}
