// How many grams a written amount is, of one ingredient.
import type { Ingredient, Measure } from '../model/ingredient'
import type { Amount, Measures, UnitCode } from '../model/unit'
import { toPlaces } from '../words/rounding'
import { gramsOf, guessedGrams, millilitresOf } from './convert'
import { typicalGramsPerMl, typicalPiece } from './density'

export type GramsResult = { grams: number; estimate: boolean; how: string } | { unknown: string }

const unitName: Partial<Record<UnitCode, string>> = {
  each: 'piece',
  floz: 'fluid ounce',
  tbsp: 'tablespoon',
  tsp: 'teaspoon',
}

/** The measure for a form ("ground", "zest"), else the one for the thing as it is. */
function measureFor(
  ingredient: Ingredient,
  form: string | undefined,
  has: (measure: Measure) => boolean,
  only = false,
): Measure | undefined {
  const able = ingredient.measures.filter(has)
  const exact = form === undefined ? undefined : able.find(measure => measure.form === form)
  return only
    ? exact
    : (exact ?? able.find(measure => measure.form === undefined) ?? (form === undefined ? able[0] : undefined))
}

const partWord = /^(?:zest|juice|zest and juice|juice and zest|seeds|yolk|white|liquid|brine|flesh|pulp|.* part)$/
const countWord =
  /^(?:tin|can|jar|jug|packet|pack|sachet|bag|carton|tub|punnet|bottle|pot|block|bar|box|tube|pouch|sheet|roll|slab|container|bunch|sprig|clove|head|stalk|stick|slice|leaf|piece|mug|mugful|tea ?cup|wine ?glass|glass|bowl|strip|cube|square|segment|wedge|ball|disc|round|knob|pod|petal|shot|scoop|spray|rib|ladle|capful|handful|layer|nugget|row|string|strand|drop|batch|shard|bulb|chunk|finger|lump|half)$/

/**
 * Forms that weigh nothing like one of the thing: a part of it (the zest of a lemon), or what it is counted in (a slice
 * of lemon, a punnet of strawberries). "A spray" of release spray is one of it.
 */
const weighsOtherwise = (form: string | undefined, ingredient: Ingredient): boolean =>
  form !== undefined &&
  (partWord.test(form) ||
    (countWord.test(form) &&
      ![ingredient.name, ingredient.standsFor ?? ''].some(name => name.toLowerCase().split(/\W+/).includes(form))))

/** Names under which the table of typical weights may know it: of a part or a count of it, only that one's. */
const namesOf = (ingredient: Ingredient, form?: string): string[] => {
  const names = [ingredient.name, ingredient.standsFor ?? ingredient.name]
  return weighsOtherwise(form, ingredient)
    ? names.map(name => `${name.toLowerCase().split(',')[0]!.trim().replace(/s$/, '')} ${form}`)
    : names
}

/**
 * Grams of `amount`, of the edible, prepared thing. A range gives its middle. Mass is exact; volume, count and
 * pinch are estimates, and `how` says what they rest on. Never guesses: without a weight per measure it is unknown.
 */
export function grams(amount: Amount, ingredient: Ingredient, recipe: Measures = {}, form?: string): GramsResult {
  const value = amount.upTo === undefined ? amount.value : (amount.value + amount.upTo) / 2
  const ranged = amount.upTo === undefined ? '' : `, the middle of ${amount.value} to ${amount.upTo}`
  if (!Number.isFinite(value)) return { unknown: `“${amount.value}” is no amount of ${ingredient.name}` }
  const mass = gramsOf(amount.unit)
  if (mass !== null)
    return { grams: value * mass, estimate: amount.upTo !== undefined, how: `written as a weight${ranged}` }
  const guess = guessedGrams[amount.unit]
  if (guess !== undefined) return { grams: value * guess, estimate: true, how: `a ${amount.unit} taken as ${guess} g` }

  const ml = millilitresOf(amount.unit, recipe)
  if (ml !== null) {
    const own = measureFor(
      ingredient,
      form,
      measure => measure.gramsPerMl !== undefined,
      weighsOtherwise(form, ingredient),
    )
    if (own) {
      const per = toPlaces(own.gramsPerMl! * ml, 1)
      const manner = own.method ? `, ${own.method}` : ''
      return {
        grams: value * ml * own.gramsPerMl!,
        estimate: true,
        how: `${per} g in a ${unitName[amount.unit] ?? amount.unit}${manner}, from the larder${ranged}`,
      }
    }
    for (const name of namesOf(ingredient, form)) {
      const typical = typicalGramsPerMl(name)
      if (typical !== null)
        return {
          grams: value * ml * typical,
          estimate: true,
          how: `${toPlaces(typical * ml, 1)} g in a ${unitName[amount.unit] ?? amount.unit}, a typical value: weigh your own${ranged}`,
        }
    }
    return { unknown: `no weight per ${unitName[amount.unit] ?? amount.unit} for ${ingredient.name}` }
  }

  const size = amount.size
  const own = measureFor(
    ingredient,
    form,
    measure => measure.each !== undefined,
    weighsOtherwise(form, ingredient),
  )?.each
  const ownPiece = own && (size ? own[size] : (own.medium ?? own.large ?? own.small))
  if (ownPiece !== undefined)
    return { grams: value * ownPiece, estimate: true, how: `${ownPiece} g a piece, from the larder${ranged}` }
  for (const name of namesOf(ingredient, form)) {
    const typical = typicalPiece(name)
    if (typical) {
      const piece = typical[size ?? 'medium']
      return {
        grams: value * piece,
        estimate: true,
        how: `${piece} g a piece, a typical value: weigh your own${ranged}`,
      }
    }
  }
  const what = weighsOtherwise(form, ingredient)
    ? partWord.test(form!)
      ? `the ${form} of one ${ingredient.name}`
      : `a ${form} of ${ingredient.name}`
    : `a ${size ? `${size} ` : ''}piece of ${ingredient.name}`
  return { unknown: `no weight for ${what}` }
}
