// How a food is sold: what a label must bear goes by it.
export const saleForms = ['prepacked', 'directSale', 'loose', 'distance'] as const
export type SaleForm = (typeof saleForms)[number]
export const saleFormName: Record<SaleForm, string> = {
  prepacked: 'prepacked',
  directSale: 'packed where it is sold',
  loose: 'loose, over the counter',
  distance: 'at a distance: by post, by telephone, online',
}

/** What a label bears. */
export const particulars = [
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
  'price',
] as const
export type Particular = (typeof particulars)[number]
export const particularName: Record<Particular, string> = {
  name: 'name of the food',
  ingredients: 'list of ingredients',
  allergens: 'allergens',
  quid: 'shares of what is in the name',
  netQuantity: 'net quantity',
  date: 'date mark',
  storage: 'storage',
  operator: 'name and address of the business',
  origin: 'where it was made',
  nutrition: 'nutrition table',
  lot: 'lot',
  price: 'price and unit price',
}
