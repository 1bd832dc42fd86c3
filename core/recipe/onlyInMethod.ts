// Food that only the method speaks of: "Brush with milk" where no line holds milk. Lines are checked; words in a method are not.

import { mentions } from '../ingredient/lexicon'
import { byId } from '../model/byId'
import { partKey, type Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { stems } from '../words/stem'

export interface OnlyInMethod {
  /** Index of the step. */
  step: number
  word: string
}

const wordsOf = (text: string) => stems(text, 1)
/** "Cream the sugar and spread": something done, and no cream. */
const doing = /(?:^|[.;:,]\s*|\b(?:and|then)\s+)$/i

/**
 * Words of the steps that give an allergen away where no line does: neither one that carries the same allergen in its name,
 * nor one that is called by the same word ("plant butter" for "rub in the butter"). `names`: whatever the lines are called.
 */
export function onlyInMethod(steps: readonly string[], names: readonly string[]): OnlyInMethod[] {
  if (steps.every(step => mentions(step).length === 0)) return []
  const codes = new Set(names.flatMap(name => mentions(name).map(one => one.code)))
  const words = new Set(names.flatMap(wordsOf))
  return steps.flatMap((text, step) => {
    const found = mentions(text).filter(
      ({ code, word, start }) =>
        !codes.has(code) &&
        !wordsOf(word).some(one => words.has(one)) &&
        !(/^cream$/i.test(word) && doing.test(text.slice(0, start))),
    )
    return [...new Set(found.map(one => one.word.toLowerCase()))].map(word => ({ step, word }))
  })
}

/** The same of a recipe on its own: its lines as they are written, and as larder and parts call them. */
export function onlyInMethodOf(recipe: Recipe, workbook: Pick<Workbook, 'ingredients' | 'recipes'>): OnlyInMethod[] {
  const steps = recipe.steps.map(step => step.text)
  if (steps.every(step => mentions(step).length === 0)) return []
  const names = recipe.lines.flatMap(({ of, text, prep, heading }) => {
    const thing =
      'recipe' in of
        ? { name: byId(workbook.recipes).get(partKey(of))?.name }
        : byId(workbook.ingredients).get(of.ingredient)
    return [thing?.name, thing && 'standsFor' in thing ? thing.standsFor : undefined, text, prep, heading]
  })
  return onlyInMethod(steps, [recipe.name, ...names.filter(name => name !== undefined)])
}

/** Of a recipe and every part of it, however deep; each with the recipe it stands in. */
export function onlyInMethods(
  recipe: Recipe,
  workbook: Pick<Workbook, 'ingredients' | 'recipes'>,
  seen: Set<string> = new Set(),
): (OnlyInMethod & { in: string })[] {
  if (seen.has(recipe.id)) return []
  seen.add(recipe.id)
  const parts = recipe.lines.flatMap(({ of }) =>
    'recipe' in of ? (byId(workbook.recipes).get(partKey(of)) ?? []) : [],
  )
  return [
    ...onlyInMethodOf(recipe, workbook).map(one => ({ ...one, in: recipe.name })),
    ...parts.flatMap(part => onlyInMethods(part, workbook, seen)),
  ]
}
