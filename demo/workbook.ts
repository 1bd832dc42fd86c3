// The whole demo bakery as one Workbook, dated relative to a day, so that what has run out stays run out.
import { partKey, type Workbook } from '@fair-tin/core'
import { ingredients } from './ingredients'
import { kitchen } from './kitchen'
import { products } from './products'
import { keptVersions, recipes } from './recipes'
import { shelfIngredients } from './shelf'

/** Kept versions that a bake has frozen, as a workbook holds them. */
const frozen = keptVersions
  .filter(kept =>
    recipes.some(one =>
      one.lines.some(line => 'recipe' in line.of && line.of.recipe === kept.recipe.id && line.of.version === 1),
    ),
  )
  .map(({ recipe }) => ({
    ...recipe,
    id: partKey({ recipe: recipe.id, version: 1 }),
    version: 1,
    name: `${recipe.name} (version 1)`,
  }))

export const demoWorkbook = (today: string): Workbook => ({
  products,
  recipes: [...recipes, ...frozen],
  ingredients: [...ingredients(today), ...shelfIngredients(today)],
  ...kitchen(today),
  today,
})
