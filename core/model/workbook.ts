// Everything one assessment needs, as plain data: products, recipes, ingredients, the kitchen, and the day.
import { z } from 'zod'
import { Evidence, IsoDate } from './evidence'
import { Ingredient } from './ingredient'
import { Kitchen } from './kitchen'
import { Product } from './product'
import { Recipe } from './recipe'

/** Something kept that can no longer be read: it stays as it is, and stands for nothing anywhere until it is put right. */
export const Damaged = z.object({
  kind: z.enum(['product', 'recipe', 'ingredient', 'kitchen']),
  id: z.string(),
  name: z.string(),
  /** Where it cannot be read, and why. */
  problem: z.string(),
})
export type Damaged = z.infer<typeof Damaged>

/** What is damaged of that kind and id, if it is. */
export const damageOf = (
  { damaged = [] }: { damaged?: readonly Damaged[] },
  kind: Damaged['kind'],
  id: string,
): Damaged | undefined => damaged.find(one => one.kind === kind && one.id === id)

export const Workbook = z.object({
  products: z.array(Product),
  recipes: z.array(Recipe),
  ingredients: z.array(Ingredient),
  kitchen: Kitchen,
  /** The kitchen's own. */
  evidence: z.array(Evidence),
  today: IsoDate,
  /** Absent: everything could be read. */
  damaged: z.array(Damaged).exactOptional(),
})
export type Workbook = z.infer<typeof Workbook>
