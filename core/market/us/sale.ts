// What a label must bear, and what lets the table be left out (21 CFR 101). From memory: verify before relying on it.
import type { SaleRules } from '../rulePack'

export const sale: SaleRules = {
  forms: {
    prepacked: {
      means: 'in its pack before it is offered, in the shop too',
      asks: ['name', 'ingredients', 'allergens', 'netQuantity', 'operator', 'nutrition'],
      cite: '21 CFR 101.3, 101.4, 101.5, 101.7, 101.9; FD&C Act 403(w)',
    },
    directSale: null,
    distance: null,
    loose: {
      means: 'taken from the counter, its ingredients and allergens on a card there (less sure)',
      asks: ['name', 'ingredients', 'allergens'],
      cite: '21 CFR 101.100(a)(2)',
    },
  },
  withoutTable: [
    {
      id: 'smallSales',
      forms: ['prepacked', 'distance', 'directSale'],
      what: 'a retailer whose sales in a year are not more than $500,000, or whose food sales are not more than $50,000',
      cite: '21 CFR 101.9(j)(1)',
    },
    {
      id: 'smallBusiness',
      forms: ['prepacked', 'distance', 'directSale'],
      what: 'fewer than 100 people and fewer than 100,000 units a year, with a notice filed each year; fewer than 10 and 10,000 need none',
      cite: '21 CFR 101.9(j)(18)',
    },
    {
      id: 'oneShop',
      forms: ['prepacked', 'directSale'],
      what: 'ready to eat, made mainly in the shop that sells it, and sold nowhere else',
      cite: '21 CFR 101.9(j)(3)',
    },
  ],
  endedBy: { what: 'a claim about nutrients, or anything else said of them', cite: '21 CFR 101.9(j)' },
}
