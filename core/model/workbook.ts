// Everything one assessment needs, as plain data: products, recipes, ingredients, the kitchen, and the day.
import { z } from 'zod'
import { Evidence, IsoDate } from './evidence'
import { Ingredient } from './ingredient'
import { Kitchen } from './kitchen'
import { Product } from './product'
import { Recipe } from './recipe'

export const Workbook = z.object({
  products: z.array(Product),
  recipes: z.array(Recipe),
  ingredients: z.array(Ingredient),
  kitchen: Kitchen,
  /** The kitchen's own. */
  evidence: z.array(Evidence),
  today: IsoDate,
})
export type Workbook = z.infer<typeof Workbook>
