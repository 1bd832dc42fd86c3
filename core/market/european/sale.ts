// What a label must bear by how the food is sold, and what lets the table be left out. From memory: verify before relying on it.
import type { SaleRules } from '../rulePack'

/** Regulation (EU) 1169/2011, Art. 9; the lot by Directive 2011/91/EU and the law made from it. */
export const europeanPrepacked: SaleRules['forms']['prepacked'] = {
  means: 'in its pack before it is offered, or packed for another business',
  asks: ['name', 'ingredients', 'allergens', 'quid', 'netQuantity', 'date', 'storage', 'operator', 'nutrition', 'lot'],
  cite: 'Regulation (EU) 1169/2011, Art. 9',
}
/** All of it before the sale is concluded but for the date, and all of it with the food. */
export const europeanDistance: SaleRules['forms']['prepacked'] = {
  ...europeanPrepacked,
  means: 'all but the date is told before the sale is concluded, and all of it stands on what is delivered',
  cite: 'Regulation (EU) 1169/2011, Art. 14',
}
export const europeanLoose: SaleRules['forms']['prepacked'] = {
  means: 'unpacked, or packed when the customer asks: the allergens of each thing must be told, in writing to be safe',
  asks: ['name', 'allergens'],
  cite: 'Regulation (EU) 1169/2011, Art. 44',
}
export const europeanWithoutTable: SaleRules['withoutTable'] = [
  {
    id: 'handcrafted',
    forms: ['prepacked', 'distance'],
    what: 'made by hand and supplied by its maker in small quantities straight to the customer, or to shops near by that sell straight to the customer',
    cite: 'Regulation (EU) 1169/2011, Annex V(19)',
  },
]
export const europeanEndedBy: SaleRules['endedBy'] = {
  what: 'a nutrition or health claim',
  cite: 'Regulation (EC) 1924/2006, Art. 7',
}
