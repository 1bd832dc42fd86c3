// Prices beside what is sold, and where it comes from. From memory: verify before relying on it.
import type { RulePack } from '../rulePack'

export const europeanOrigin: RulePack['origin'] = {
  when: 'only where leaving it out could mislead about where it comes from',
  mainIngredient: true,
  beside: null,
  cite: 'Regulation (EU) 1169/2011, Art. 26; Regulation (EU) 2018/775',
}
/** A price and what a kilogram costs stand on it, beside it or on a list; small shops may be let off the second. */
export const europeanPrices: RulePack['prices'] = {
  withTax: true,
  when: 'on it, beside it, or on a list: on the label only where it is told nowhere else',
  unit: { grams: 1000, text: '{price} per kg' },
  cite: 'Directive 98/6/EC, Art. 3',
}
