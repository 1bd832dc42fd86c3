// What a label must bear by how the food is sold: the European text as retained, and the law on food packed where it is sold.
// From memory: verify before relying on it.
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
        'packed at the place where it is sold, or by the same business for its own stall, before it is ordered or chosen',
      asks: ['name', 'ingredients', 'allergens'],
      cite: 'Food Information (Amendment) (England) Regulations 2019, and those of Wales, Scotland and Northern Ireland, since 1 October 2021',
    },
    loose: europeanLoose,
    distance: europeanDistance,
  },
  withoutTable: europeanWithoutTable,
  endedBy: europeanEndedBy,
}
