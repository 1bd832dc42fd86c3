// What a label must bear, and what lets the table be left out. From memory, less sure than the rest: verify before relying on it.
import type { SaleRules } from '../rulePack'

export const sale: SaleRules = {
  forms: {
    prepacked: {
      means: 'in its pack before it is offered',
      asks: ['name', 'ingredients', 'allergens', 'netQuantity', 'date', 'storage', 'operator', 'nutrition', 'lot'],
      cite: 'FDR B.01.003 to B.01.010.1, B.01.401; Safe Food for Canadians Regulations, Part 11',
    },
    directSale: null,
    loose: null,
    distance: null,
  },
  withoutTable: [
    {
      id: 'onPremises',
      forms: ['prepacked', 'directSale'],
      what: 'made from its ingredients in the shop where it is sold, and sold only there',
      cite: 'FDR B.01.401(2)(b)',
    },
    {
      id: 'byItsMaker',
      forms: ['prepacked', 'directSale'],
      what: 'sold only at a roadside stand, craft show, flea market, fair, farmers’ market or sugar bush, by whoever made it',
      cite: 'FDR B.01.401(2)(b)',
    },
  ],
  endedBy: { what: 'a claim about nutrients or health', cite: 'FDR B.01.401(3)' },
}
