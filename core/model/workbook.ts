// Everything one assessment needs, as plain data: products, recipes, ingredients, the kitchen, and the day.
import { z } from 'zod'
import { allergenCodes } from './allergen'
import { LastTest } from './cleaning'
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

/** One thing that shows an allergen to be on the site: what is said of it, and where it stands. */
export const OnSite = z.object({
  kind: z.enum(['ingredient', 'recipe', 'kitchen']),
  id: z.string(),
  name: z.string(),
  /** "plant butter may contain milk". */
  fact: z.string(),
})
export type OnSite = z.infer<typeof OnSite>

/** What the books show beyond the slice of them that is carried along. */
export const Elsewhere = z.object({
  /** For each allergen that the kitchen puts down as not on site: all that shows it, the slice's own included. */
  onSite: z.partialRecord(z.enum(['gluten', ...allergenCodes]), z.array(OnSite)),
  /** Every name something in the larder goes by, in the stems of its words. */
  names: z.array(z.string()),
})
export type Elsewhere = z.infer<typeof Elsewhere>

export const Workbook = z.object({
  products: z.array(Product),
  recipes: z.array(Recipe),
  ingredients: z.array(Ingredient),
  kitchen: Kitchen,
  /** The kitchen's own. */
  evidence: z.array(Evidence),
  /** What the last tests after cleaning found; absent: none was written down. */
  tests: z.array(LastTest).exactOptional(),
  today: IsoDate,
  /** Judged by the rules in force on this day; absent: on the day itself. */
  rulesOn: IsoDate.exactOptional(),
  /** Absent: everything could be read. */
  damaged: z.array(Damaged).exactOptional(),
  /** Absent: this is all there is. */
  elsewhere: Elsewhere.exactOptional(),
})
export type Workbook = z.infer<typeof Workbook>

/** The day whose rules it is judged by. */
export const judgedOn = ({ today, rulesOn }: Pick<Workbook, 'today' | 'rulesOn'>): string => rulesOn ?? today
