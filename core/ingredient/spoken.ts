// For each allergen the first word in an ingredient's names, notes and composition that gives it away, or that asks about it.
import type { AllergenCode } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import { groupMentions, mentions } from './lexicon'
import { textsOf } from './texts'
import { type OpenGroup, usuallyIn } from './usually'

/** Ingredients are plain data and never changed in place, so the words found in one are kept with it. */
const found = new WeakMap<Ingredient, Map<AllergenCode, string>>()

/**
 * Words by allergen. A group ("mixed nuts") speaks of each of its kinds until one is put down as contained; what such a thing
 * usually holds ("breadcrumbs") only until somebody has answered with a paper.
 */
export function spokenIn(ingredient: Ingredient): ReadonlyMap<AllergenCode, string> {
  const known = found.get(ingredient)
  if (known) return known
  const words = new Map<AllergenCode, string>()
  const { allergens } = ingredient
  const texts = textsOf(ingredient)
  for (const text of texts)
    for (const mention of mentions(text)) if (!words.has(mention.code)) words.set(mention.code, mention.word)
  const ask = ({ codes, word }: OpenGroup, isAnswered: (code: AllergenCode) => boolean) => {
    if (codes.some(code => allergens[code]?.status === 'contains' || words.has(code))) return
    for (const code of codes) if (!isAnswered(code)) words.set(code, word)
  }
  for (const text of texts) for (const group of groupMentions(text)) ask(group, () => false)
  for (const group of usuallyIn(ingredient.composition ?? []))
    ask(group, code => allergens[code]?.status === 'free' && allergens[code].evidence !== undefined)
  found.set(ingredient, words)
  return words
}
