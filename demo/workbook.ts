// The whole demo bakery as one Workbook, dated relative to a day, so that what has run out stays run out.
import type { Workbook } from '@fair-tin/core'
import { ingredients } from './ingredients'
import { kitchen } from './kitchen'
import { products } from './products'
import { recipes } from './recipes'
import { shelfIngredients } from './shelf'

export const demoWorkbook = (today: string): Workbook => ({
  products,
  recipes,
  ingredients: [...ingredients(today), ...shelfIngredients(today)],
  ...kitchen(today),
  today,
})
