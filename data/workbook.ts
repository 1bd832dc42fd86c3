// A bakery as a Workbook: plain data, read in one round trip.
import type { Workbook } from '@fair-tin/core'
import { readKitchen } from './bakery'
import { listIngredients } from './ingredients'
import { listProducts } from './products'
import { listRecipes } from './recipes'
import type { BakerySql } from './withBakery'

/** Everything there is. `today` is an ISO date: what is in force on that day. */
export async function readWorkbook(sql: BakerySql, today: string): Promise<Workbook> {
  const [products, recipes, ingredients, kitchen] = await Promise.all([
    listProducts(sql),
    listRecipes(sql),
    listIngredients(sql),
    readKitchen(sql),
  ])
  return { products, recipes, ingredients, ...kitchen, today }
}
