// Which thing in the larder a written name means. A near miss is a question, never a silent choice.

import { stem } from '../words/stem'
import { mentions } from './lexicon'
import { alsoCalled } from './synonyms'

export interface Named {
  id: string
  name: string
  standsFor?: string | undefined
  labelName?: string | undefined
}
export type Match = { sure: true; id: string } | { sure: false; id: string } | null

const idle = new Set([
  'fresh',
  'organic',
  'fine',
  'good',
  'quality',
  'plain',
  'of',
  'the',
  'pure',
  'best',
  'gluten',
  'free',
])
const words = (name: string): Set<string> =>
  new Set((name.toLowerCase().match(/\p{L}+/gu) ?? []).map(stem).filter(word => !idle.has(word)))
/** The word a name ends in, before what stands behind a comma. */
const headOf = (name: string): string => [...words(name.split(',')[0]!)].at(-1) ?? ''
/** What may stand behind a name and leave it the same thing: "cocoa powder" is cocoa, "oat milk" is no oats. */
const onlyShape = /^(?:powder|pdr|granule|piece|chunk|husk|half|leaf|pod|block|stick|drop|yolk|white)$/
const within = (small: ReadonlySet<string>, large: ReadonlySet<string>) => [...small].every(word => large.has(word))
/** What a name warns of: a name may not be matched to one that warns of something else. */
const warns = (name: string) => [...new Set(mentions(name).map(mention => mention.code))].sort().join()

/** Sure where all the words agree ("almonds, ground" and "ground almonds"); a guess where one name holds the other. */
export function matchName(item: string, among: readonly Named[]): Match {
  const wanted = words(item)
  if (wanted.size === 0) return null
  // what a thing is called comes before what it stands for: of two plant butters, the one of that name
  const own = among.find(one => {
    const has = words(one.name)
    return has.size === wanted.size && within(has, wanted)
  })
  if (own) return { sure: true, id: own.id }
  const synonyms = alsoCalled(item).map(words)
  let guess: { id: string; shared: number } | null = null
  for (const one of among)
    for (const name of new Set([one.name, one.standsFor ?? one.name, one.labelName ?? one.name])) {
      const has = words(name)
      if (has.size === wanted.size && within(has, wanted)) return { sure: true, id: one.id }
      // the same thing by another name: a question all the same
      if (synonyms.some(other => other.size === has.size && within(has, other))) guess = { id: one.id, shared: 99 }
      if (has.size === 0 || !(within(has, wanted) || within(wanted, has)) || warns(name) !== warns(item)) continue
      // "oat milk" is made of oats, and something else
      if (has.size < wanted.size && !has.has(headOf(item)) && !onlyShape.test(headOf(item))) continue
      // "dates" are rather pitted dates than date syrup: the last word says what kind of thing it is
      const alike = headOf(name) === headOf(item) ? 1 : 0
      const shared = Math.min(has.size, wanted.size) + alike - Math.abs(has.size - wanted.size) / 10
      if (!guess || shared > guess.shared) guess = { id: one.id, shared }
    }
  return guess ? { sure: false, id: guess.id } : null
}
