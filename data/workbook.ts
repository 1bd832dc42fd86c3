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

/** The workbook cut down to what one product needs: its recipe, the parts below it, their ingredients. */
export function workbookOf(workbook: Workbook, productId: string): Workbook {
  const products = workbook.products.filter(product => product.id === productId)
  const wanted = new Set<string>()
  const used = new Set<string>()
  const follow = (id: string) => {
    if (wanted.has(id)) return
    wanted.add(id)
    for (const line of workbook.recipes.find(recipe => recipe.id === id)?.lines ?? [])
      if ('recipe' in line.of) follow(line.of.recipe)
      else used.add(line.of.ingredient)
  }
  for (const product of products) follow(product.recipe)
  return {
    ...workbook,
    products,
    recipes: workbook.recipes.filter(recipe => wanted.has(recipe.id)),
    ingredients: workbook.ingredients.filter(ingredient => used.has(ingredient.id)),
  }
}
