// What a bench is opened with: a product or a part with all it rests on, how new that is, and by what to tell that it changed.
import 'server-only'
import { carriedTo } from '@fair-tin/core/assess'
import { type Damaged, damageOf, type Product, type Workbook } from '@fair-tin/core/model'
import { partOnBench, productsWith } from '@fair-tin/core/recipe'
import { listOrders, type OnBench, type Order, partsOnShelf, printOf, readStamp, readWorkbook } from '@fair-tin/data'
import { reading, today } from './bakery'

export interface OpenedBench {
  product: Product
  workbook: Workbook
  /** Grams of parts on the shelf, and what is ordered from today on. */
  stock: Record<string, number>
  orders: Order[]
  /** Of a part: the products it goes into. */
  goesInto?: Product[]
  /** How new the books are. */
  stamp: number
  /** Alike as long as nothing changes that the bench shows, but the product and its recipe themselves. */
  rests: string
}
const restsOf = ({ product, workbook, ...beside }: Omit<OpenedBench, 'stamp' | 'rests'>): string =>
  printOf({
    ...workbook,
    ...beside,
    products: workbook.products.filter(one => one.id !== product.id),
    recipes: workbook.recipes.filter(one => one.id !== product.recipe),
  })

/** Null where there is no such thing; `sold` where a part is sold by itself, and so has a bench as a product. */
export async function openBench(on: OnBench): Promise<OpenedBench | { damage: Damaged } | { sold: string } | null> {
  const isPart = 'part' in on
  const [stamp, workbook, stock, orders] = await reading(sql =>
    Promise.all([
      readStamp(sql),
      readWorkbook(sql, today()),
      partsOnShelf(sql),
      isPart ? [] : listOrders(sql, today()),
    ]),
  )
  const damage = isPart ? damageOf(workbook, 'recipe', on.part) : damageOf(workbook, 'product', on.product)
  if (damage) return { damage }
  const opened = (product: Product, beside: { goesInto?: Product[] }) => {
    const shown = { product, workbook: carriedTo(workbook, product, beside.goesInto), stock, orders, ...beside }
    return { ...shown, stamp, rests: restsOf(shown) }
  }
  if (!isPart) {
    const product = workbook.products.find(one => one.id === on.product)
    return product ? opened(product, {}) : null
  }
  const recipe = workbook.recipes.find(one => one.id === on.part)
  if (!recipe) return null
  const sold = workbook.products.find(one => one.recipe === on.part)
  return sold
    ? { sold: sold.id }
    : opened(partOnBench(workbook, recipe), { goesInto: productsWith(workbook, recipe.id) })
}
