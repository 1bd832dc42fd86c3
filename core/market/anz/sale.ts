// What a label must bear by how the food is sold, and what lets the panel be left out. From memory: verify before relying on it.
import type { SaleRules } from '../rulePack'

export const sale: SaleRules = {
  forms: {
    prepacked: {
      means: 'in its pack before it is offered, elsewhere than where it was made',
      asks: [
        'name',
        'ingredients',
        'allergens',
        'quid',
        'netQuantity',
        'date',
        'storage',
        'operator',
        'origin',
        'nutrition',
        'lot',
      ],
      cite: 'FSC Standard 1.2.1—8',
    },
    directSale: {
      means:
        'made and packed on the premises from which it is sold: what is declared goes along with it or is told on request',
      asks: ['name', 'allergens'],
      cite: 'FSC Standard 1.2.1—6 and 1.2.1—9',
    },
    distance: null,
    loose: {
      means: 'unpacked, or packed in front of the customer: what is declared is shown with it or told on request',
      asks: ['name', 'allergens'],
      cite: 'FSC Standard 1.2.1—6 and 1.2.1—9',
    },
  },
  withoutTable: [
    {
      id: 'fundRaising',
      forms: ['prepacked'],
      what: 'sold at a fund-raising event',
      cite: 'FSC Standard 1.2.1—6(1)',
    },
  ],
  endedBy: { what: 'a claim that asks for nutrition information', cite: 'FSC Standard 1.2.8—4' },
}
