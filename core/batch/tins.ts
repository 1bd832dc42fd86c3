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
  /** In the order they are done. */
  deeds: string[]
}

/** A sentence about what it is baked in. */
const aboutTin = /\b(?:tins?|trays?|moulds?|pans?|sheets?|rings?|cases|liners|ramekins?|pots?|dish(?:es)?)\b/i
const deeds: readonly [RegExp, string][] = [
  [
    /\b(?:grease|greased|greasing|butter(?:ed)? (?:and|the|a)|oil(?:ed)? (?:and|the|a)|brush(?:ed)? (?:the|a) \w*\s?(?:tin|tray|mould|pan)|spray)\b/i,
    'grease it',
  ],
  [/\b(?:line|lined|lining)\b/i, 'line it with paper'],
  [/\b(?:handles?|overhang\w*|overlap\w*|sling)\b/i, 'leave handles of paper'],
  [/\b(?:dust|dusted|dusting|flour(?:ed)? (?:the|it|a))\b/i, 'dust it'],
  [/\b(?:liners|paper cases|muffin cases|cases)\b/i, 'set the cases in'],
  [/\b(?:twice|double[- ]line\w*|two layers|second (?:layer|coat))\b/i, 'twice'],
  [/\bchill(?:ed)? the (?:tin|mould|pan|tray)/i, 'chill it'],
]

export function tinsOf(batch: Batch): TinsToReady {
  const recipes = byId(batch.books.recipes)
  const top = recipeOf(batch)
  const recipe = recipes.get(top)
  const sentences = fromTheOutside(recipes, top)
    .flatMap(id => recipes.get(id)?.steps ?? [])
    .flatMap(step => step.text.split(/(?<=[.;])\s+/))
    .filter(text => aboutTin.test(text))
  const said = sentences.join(' ')
  return {
    name: recipe?.tin ? tinName(recipe.tin) : null,
    count: recipe?.tin ? Math.max(1, Math.ceil((recipe.tins ?? 1) * batch.factor - 1e-9)) : null,
    deeds: deeds.flatMap(([pattern, deed]) => (pattern.test(said) ? [deed] : [])),
  }
}
