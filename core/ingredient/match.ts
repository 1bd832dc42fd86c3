// Which thing in the larder a written name means. A near miss is a question, never a silent choice.

import { rememberedByText } from '../words/remembered'
import { stem } from '../words/stem'
import { groupMentions, mentions } from './lexicon'
import { alsoCalled } from './synonyms'
import { usuallyIn } from './usually'

export interface Named {
  id: string
  name: string
  standsFor?: string | undefined
  labelName?: string | undefined
}
export type Match = { sure: true; id: string } | { sure: false; id: string } | null

const idle = new Set(['fresh', 'organic', 'fine', 'good', 'quality', 'plain', 'of', 'the', 'pure', 'best'])
/** In a free-from bakery it is said of everything; of two names only one of which says it, one is asked about. */
const glutenFree = /(?<!\p{L})(?:gluten[- ]?free|gf|free[- ]range)(?!\p{L})/giu
const saysGlutenFree = (name: string) => /(?<!\p{L})(?:gluten[- ]?free|gf)(?!\p{L})/iu.test(name)
/** Without that; and "sugar-free" one word, which is no sugar. */
const plain = (name: string) => name.replace(glutenFree, ' ').replace(/(\p{L})[- ]free(?!\p{L})/giu, '$1free')
const words = (name: string): Set<string> =>
  new Set(
    (
      plain(name)
        .toLowerCase()
        .match(/\p{L}+/gu) ?? []
    )
      .map(stem)
      .filter(word => !idle.has(word)),
  )
/** The word a name ends in, before what stands behind a comma. */
const headOf = (name: string): string => [...words(name.split(',')[0]!)].at(-1) ?? ''
/** What may stand behind a name and leave it the same thing: "cocoa powder" is cocoa, "oat milk" is no oats. */
const onlyShape = /^(?:powder|pdr|granule|piece|chunk|husk|half|leaf|pod|block|stick|drop|yolk|white)$/
/** A word for many things: which of them, no name in the larder says. */
const anyKind = new Set(['fruit', 'seed', 'spice'])
const within = (small: ReadonlySet<string>, large: ReadonlySet<string>) => [...small].every(word => large.has(word))
/** What a name warns of, or usually holds: a name may not be matched to one that warns of something else. */
const warns = rememberedByText((name: string): string =>
  [
    ...new Set(
      [
        ...mentions(name).map(one => [one.code]),
        ...[...groupMentions(name), ...usuallyIn([{ name: name.replace(glutenFree, ' ') }])].map(one => one.codes),
      ].map(codes => codes.join('/')),
    ),
  ]
    .sort()
    .join(),
)

/** Sure where all the words agree ("almonds, ground" and "ground almonds"); a guess where one name holds the other. */
export function matchName(item: string, among: readonly Named[]): Match {
  const wanted = words(item)
  if (wanted.size === 0) return null
  /** The same words, and nothing in one of them that the other does not say: "milk chocolate" is no milk-free chocolate. */
  const isSure = (name: string) => warns(name) === warns(item) && (saysGlutenFree(item) || !saysGlutenFree(name))
  // what a thing is called comes before what it stands for: of two plant butters, the one of that name
  const own = among.find(one => {
    const has = words(one.name)
    return has.size === wanted.size && within(has, wanted) && isSure(one.name)
  })
  if (own) return { sure: true, id: own.id }
  const said = warns(item)
  const synonyms = alsoCalled(item).map(words)
  let guess: { id: string; shared: number } | null = null
  for (const one of among)
    for (const name of new Set([one.name, one.standsFor ?? one.name, one.labelName ?? one.name])) {
      const has = words(name)
      if (has.size === wanted.size && within(has, wanted) && isSure(name)) return { sure: true, id: one.id }
      // the same thing by another name: a question all the same
      if (synonyms.some(other => other.size === has.size && within(has, other))) guess = { id: one.id, shared: 99 }
      if (has.size === 0 || !(within(has, wanted) || within(wanted, has)) || warns(name) !== said) continue
      // "oat milk" is made of oats, and something else
      if (has.size < wanted.size && !has.has(headOf(item)) && !onlyShape.test(headOf(item))) continue
      // nor is cocoa cocoa butter, or fruit that fruit; buckwheat by itself is its flour
      if (has.size > wanted.size) {
        const kind = headOf(name)
        const milled = /^(?:flour|starch)$/.test(kind) && !/s$/i.test(item.trim())
        if (anyKind.has(headOf(item)) || !(wanted.has(kind) || onlyShape.test(kind) || milled)) continue
      }
      // "dates" are rather pitted dates than date syrup: the last word says what kind of thing it is
      const alike = headOf(name) === headOf(item) ? 1 : 0
      const shared = Math.min(has.size, wanted.size) + alike - Math.abs(has.size - wanted.size) / 10
      if (!guess || shared > guess.shared) guess = { id: one.id, shared }
    }
  return guess ? { sure: false, id: guess.id } : null
}
