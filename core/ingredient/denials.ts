// What a text says is not in it: each denial with the allergens it names.
import type { AllergenCode } from '../model/allergen'
import { foreignWithout } from './foreign'
import { groupMentions, mentions } from './lexicon'
import { absent } from './sober'

export interface Denial {
  /** As it is written. */
  words: string
  /** Empty where it denies no allergen: "sugar-free". Of a group each of its kinds. */
  codes: readonly AllergenCode[]
}
const saying =
  /[- ]free(?![\p{L}])|(?<![\p{L}])(?:free (?:from|of)|contains? no|do(?:es)? not contain|without(?: any)?|no)(?![\p{L}])/giu

const codesIn = (named: string): AllergenCode[] => [
  ...new Set([...mentions(named).map(one => one.code), ...groupMentions(named).flatMap(one => one.codes)]),
]
/** "sans gluten", "ohne Milch und Ei": what stands behind, to the end of the clause. */
const abroad = (text: string): Denial[] =>
  text.split(/[.;:()]/).flatMap(clause => {
    foreignWithout.lastIndex = 0
    const found = foreignWithout.exec(clause)
    const codes = found ? codesIn(clause.slice(found.index + found[0].length)) : []
    return codes.length > 0 ? [{ words: clause.slice(found!.index).trim(), codes }] : []
  })

export const denialsIn = (text: string): Denial[] => [
  ...(text.match(absent) ?? []).map(words => ({ words: words.trim(), codes: codesIn(words.replace(saying, ' ')) })),
  ...abroad(text),
]
