// What a label must bear by how the food is sold. From memory: verify before relying on it.
import {
  europeanDistance,
  europeanEndedBy,
  europeanLoose,
  europeanPrepacked,
  europeanWithoutTable,
} from '../european/sale'
import type { SaleRules } from '../rulePack'

export const sale: SaleRules = {
  forms: {
    prepacked: europeanPrepacked,
    directSale: {
      means:
        'packed where it is sold, for sale there: only the allergens are asked of all; what else, each member state says',
      asks: ['name', 'allergens'],
      cite: 'Regulation (EU) 1169/2011, Art. 44, and the member state’s own law',
    },
    loose: europeanLoose,
    distance: europeanDistance,
  },
  withoutTable: europeanWithoutTable,
  endedBy: europeanEndedBy,
}
