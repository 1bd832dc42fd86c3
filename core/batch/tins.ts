// The tins of a batch: how many, and what each is made ready with, as the method says it. Common practice.
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import { tinName } from '../model/tin'
import { fromTheOutside } from '../recipe/part'
import { recipeOf } from './state'

export interface TinsToReady {
  /** "20 cm square"; null where nobody says. */
  name: string | null
  /** Whole tins of this batch; null where nobody says. */
  count: number | null
  /** What the method says about making them ready, in its own words. */
  says: string[]
}

/** A sentence about what it is baked in. */
const aboutTin = /\b(?:tins?|trays?|moulds?|pans?|sheets?|rings?|cases|liners|ramekins?|pots?|dish(?:es)?)\b/i
/** Something is done to it before anything goes in. */
const madeReady =
  /\b(?:greas|lin(?:e|ed|ing|ers)\b|butter|oil|brush|spray|dust|flour|paper|parchment|handles?\b|overhang|cases\b|chill|release)/i

export function tinsOf(batch: Batch): TinsToReady {
  const recipes = byId(batch.books.recipes)
  const top = recipeOf(batch)
  const recipe = recipes.get(top)
  const says = fromTheOutside(recipes, top)
    .flatMap(id => recipes.get(id)?.steps ?? [])
    .flatMap(step => step.text.split(/(?<=[.;])\s+/))
    .map(text => text.trim())
    .filter(text => aboutTin.test(text) && madeReady.test(text))
  return {
    name: recipe?.tin ? tinName(recipe.tin) : null,
    count: recipe?.tin ? Math.max(1, Math.ceil((recipe.tins ?? 1) * batch.factor - 1e-9)) : null,
    says,
  }
}
