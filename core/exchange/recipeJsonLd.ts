// Recipes as schema.org describes them, in JSON-LD: read from a page or a file, and written.
// https://schema.org/Recipe: name, recipeIngredient, recipeInstructions (text, HowToStep, HowToSection), recipeYield, cookTime, description.
import type { Ingredient } from '../model/ingredient'
import { partKey, type Recipe, roleName, type Step } from '../model/recipe'
import { writtenSum } from '../recipe/writtenAmount'
import { cutScripts, withoutMarkup } from './html'
import { type RecipeFile, readRecipeFile, recipeFile } from './recipeJson'

type Node = Record<string, unknown>
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && !Array.isArray(value)
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : value === undefined ? [] : [value])
const textOf = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? withoutMarkup(String(value)).replace(/\s+/g, ' ').trim() : ''
/** Boxes inside boxes beyond this are no recipe. */
const deepest = 6

/** Every recipe in JSON-LD blocks of a page, or in a text that is itself JSON; the first one found, or null. */
function recipeIn(text: string): Node | null {
  const blocks = cutScripts(text).scripts.filter(one => /application\/ld\+json/i.test(one.attributes))
  const tries = blocks.length > 0 ? blocks.map(one => one.body) : /^\s*[[{]/.test(text) ? [text] : []
  for (const one of tries) {
    let data: unknown
    try {
      data = JSON.parse(one.trim().replace(/^\ufeff/, ''))
    } catch {
      continue
    }
    const found = search(data, 0)
    if (found) return found
  }
  return null
}
function search(value: unknown, depth: number): Node | null {
  if (depth > deepest) return null
  for (const one of listOf(value)) {
    if (!isNode(one)) continue
    const types = listOf(one['@type']).map(String)
    if (types.some(type => /(?:^|\/)Recipe$/.test(type))) return one
    for (const inside of [one['@graph'], one.mainEntity, one.mainEntityOfPage]) {
      const found = search(inside, depth + 1)
      if (found) return found
    }
  }
  return null
}

/** "PT1H30M" as minutes; null where it is none. */
export function isoMinutes(text: unknown): number | null {
  const match = /^P(?:(\d+)D)?T?(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:\d+S)?$/i.exec(String(text ?? ''))
  if (!match || (!match[1] && !match[2] && !match[3])) return null
  return Number(match[1] ?? 0) * 1440 + Number(match[2] ?? 0) * 60 + Number(match[3] ?? 0)
}

const instructions = (value: unknown, depth = 0): string[] =>
  listOf(depth > deepest ? undefined : value).flatMap(one => {
    if (typeof one === 'string')
      return (
        one
          // a method in one piece is read sentence by sentence
          .split(/\n+|(?<=[.!])\s+(?=\p{Lu})/u)
          .map(textOf)
          .filter(Boolean)
      )
    if (!isNode(one)) return []
    if (one.itemListElement !== undefined) return instructions(one.itemListElement, depth + 1)
    return [textOf(one.text ?? one.name)].filter(Boolean)
  })

/** Where our own form of a recipe stands in its JSON-LD: what schema.org has no word for (roles, parts) is kept there. */
const ownKey = 'fairTin'

/** Our own recipe out of a text: a file of ours, or JSON-LD that carries one and still says the same. Null where there is none. */
export function ownRecipeIn(text: string): RecipeFile | { problem: string } | null {
  let data: unknown = recipeIn(text)
  if (data === null && /^\s*\{/.test(text))
    try {
      data = JSON.parse(text)
    } catch {
      return null
    }
  if (!isNode(data)) return null
  const carried = data[ownKey]
  if (carried === undefined) return readRecipeFile(data)
  const own = readRecipeFile(carried)
  if (!own || 'problem' in own) return own
  // whoever changed the lines by another program meant what they wrote: ours is then the older one
  const says = JSON.stringify(written(own.recipe, namesIn(own)))
  return says === JSON.stringify(data.recipeIngredient) && own.recipe.name === data.name ? own : null
}

/** The recipe of a page or file as the plain text a notebook would hold, or null where there is none. */
export function textFromJsonLd(text: string): string | null {
  const recipe = recipeIn(text)
  if (!recipe) return null
  const ingredients = listOf(recipe.recipeIngredient ?? recipe.ingredients)
    // some pages write all of them as one text
    .flatMap(one => (typeof one === 'string' ? one.split(/\n|<br\s{0,5}\/?>/i) : [one]))
    .map(textOf)
    .filter(Boolean)
  const steps = instructions(recipe.recipeInstructions)
  if (ingredients.length === 0 && steps.length === 0) return null
  const yields = listOf(recipe.recipeYield)
    .map(textOf)
    .sort((a, b) => b.length - a.length)[0]
  const minutes = isoMinutes(recipe.cookTime)
  const told = textOf(recipe.description)
  return [
    textOf(recipe.name),
    ...(yields ? [/\b(?:makes|serves)\b/i.test(yields) ? yields : `Makes ${yields}`] : []),
    '',
    'Ingredients',
    ...ingredients,
    '',
    'Method',
    ...steps.map((step, at) => `${at + 1}. ${step}`),
    ...(minutes !== null && !steps.some(step => /\bbake\b/i.test(step)) ? [`Bake for ${minutes} minutes.`] : []),
    ...(told ? ['', 'Notes', told] : []),
  ].join('\n')
}

const written = (recipe: Recipe, names: ReadonlyMap<string, string>): string[] =>
  recipe.lines.map(line => {
    if (line.text) return line.text
    const id = 'recipe' in line.of ? partKey(line.of) : line.of.ingredient
    const role = line.role === 'mix' ? '' : `, ${roleName[line.role]}`
    return (
      [writtenSum(line), names.get(id) ?? id].filter(Boolean).join(' ') + (line.prep ? `, ${line.prep}` : '') + role
    )
  })
const minutesOf = (step: Step): number => step.minutes?.to ?? step.minutes?.from ?? 0

const namesIn = (own: RecipeFile): ReadonlyMap<string, string> =>
  new Map([...Object.entries(own.names), ...own.parts.map(one => [one.id, one.name] as const)])

/**
 * The recipe for one making, for others to read. What schema.org has no word for (roles, parts) stays in words there, and
 * whole in our own form beside it, so that reading it back loses nothing.
 */
export function recipeJsonLd(
  recipe: Recipe,
  ingredients: readonly Ingredient[],
  recipes: readonly Recipe[] = [],
): Node {
  const own = recipeFile(recipe, ingredients, recipes)
  const names = namesIn(own)
  const oven = recipe.steps.filter(step => step.when === 'oven').reduce((sum, step) => sum + minutesOf(step), 0)
  return {
    '@context': ['https://schema.org', { [ownKey]: { '@id': 'urn:fair-tin:recipe', '@type': '@json' } }],
    '@type': 'Recipe',
    name: recipe.name,
    ...(recipe.pieces === undefined ? {} : { recipeYield: `${recipe.pieces} pieces` }),
    recipeIngredient: written(recipe, names),
    recipeInstructions: recipe.steps.map(step => ({ '@type': 'HowToStep', text: step.text })),
    ...(oven > 0 ? { cookTime: `PT${oven}M` } : {}),
    ...(recipe.notes === undefined ? {} : { description: recipe.notes }),
    [ownKey]: own,
  }
}
