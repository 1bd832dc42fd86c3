// The names a thing goes by, for finding it.
import type { Named } from '@fair-tin/core/ingredient'
import type { Ingredient, Recipe } from '@fair-tin/core/model'
import { isFrozen } from '@fair-tin/core/recipe'

export const namesOf = ({ id, name, standsFor, labelName }: Ingredient): Named => ({ id, name, standsFor, labelName })
export const partsOf = (recipes: readonly Recipe[], but?: string): Named[] =>
  recipes.filter(recipe => recipe.id !== but && !isFrozen(recipe)).map(({ id, name }) => ({ id, name }))
