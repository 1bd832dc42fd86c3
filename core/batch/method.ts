// The method of a batch, step by step through its parts: what takes time, what is looked at, and what must be met.
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import type { Step } from '../model/recipe'
import { doneTestWarning } from '../recipe/ahead'
import { fromTheOutside } from '../recipe/part'
import { isMoist } from '../recipe/structure'
import { plannedBill, recipeOf } from './state'

export interface NamedCheck {
  what: string
  /** At least so much, in degrees, and it stands for safety. */
  atLeast?: number
}
export interface MethodStep {
  /** `RECIPE#step N`, counted from 1. */
  key: string
  part: string | null
  step: Step
  checks: NamedCheck[]
  /** A done test that misleads in this bake. */
  warning: string | null
}

/** What a step says is to be looked for. Common practice. */
const looks: readonly [RegExp, string][] = [
  [/\bribbon/i, 'falls in a ribbon'],
  [/\bsoft peaks?\b/i, 'soft peaks'],
  [/\b(?:stiff|firm) peaks?\b/i, 'stiff peaks'],
  [/\bbreadcrumbs?\b|\brubb?(?:ed)? in/i, 'like breadcrumbs'],
  [/\b(?:no longer|not) sticky\b/i, 'not sticky'],
  [/\b(?:no|without) lumps?\b|\bsmooth\b/i, 'smooth, no lumps'],
  [/\bpale and (?:fluffy|creamy)\b|\blight and fluffy\b/i, 'pale and fluffy'],
  [/\bcaramel|\bamber\b/i, 'caramel dark'],
  [/\bgolden\b|\bbrowned?\b/i, 'colour: golden'],
  [/\bset\b|\bwobbles?\b/i, 'the middle is set'],
  [/\bskewer|\btoothpick|\bcocktail stick/i, 'skewer comes out clean'],
  [/\bspring(?:s|y)? back/i, 'springs back'],
  [/\b(?:draw(?:s|ing)?|pull(?:s|ing)?|com(?:es|ing)) away from the sides?\b/i, 'draws from the sides'],
  [/\bthicken/i, 'thickened'],
]

export const checksOf = (step: Step): NamedCheck[] => [
  ...(step.coreCelsius === undefined ? [] : [{ what: 'core temperature', atLeast: step.coreCelsius }]),
  ...looks.flatMap(([pattern, what]) => (pattern.test(step.text) ? [{ what }] : [])),
]

/** Every step of the parts, then of the recipe itself. */
export function methodOf(batch: Batch): MethodStep[] {
  const recipes = byId(batch.books.recipes)
  const top = recipeOf(batch)
  const moist = isMoist(plannedBill(batch), batch.books.ingredients)
  return fromTheOutside(recipes, top)
    .reverse()
    .flatMap(id => {
      const recipe = recipes.get(id)
      return (recipe?.steps ?? []).map((step, at) => ({
        key: `${id}#step ${at + 1}`,
        part: id === top ? null : recipe!.name,
        step,
        checks: checksOf(step),
        warning: doneTestWarning(step, moist),
      }))
    })
}
