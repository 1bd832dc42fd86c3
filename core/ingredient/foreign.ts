// Words of other tongues in a text: which allergens they name, and how a pack there warns and denies.
import type { AllergenCode } from '../model/allergen'
import { rememberedByText } from '../words/remembered'
import { absent, blank, bound } from './sober'
import { type Tongue, tongues } from './tongues'

type Named = AllergenCode | 'nuts' | 'gluten'
/** One stem, taken apart: where in a word it may stand. */
interface Stem {
  named: Named
  tongue: number
  text: string
  at: 'begins' | 'within' | 'whole'
  /** Only where the tongue is heard by other words. */
  shy: boolean
}
const stems: readonly Stem[] = tongues.flatMap(({ allergens }, tongue) =>
  Object.entries(allergens).flatMap(([named, words]) =>
    words
      .split(/\s+/)
      .filter(Boolean)
      .map(
        (word): Stem => ({
          named: named as Named,
          tongue,
          text: word.replace(/^[~=?]/, ''),
          at: word.startsWith('~') ? 'within' : /^[=?]/.test(word) ? 'whole' : 'begins',
          shy: word.startsWith('?'),
        }),
      ),
  ),
)

/** In small letters; Greek without its accents, which capitals do not bear. As long as the text is. */
export const plainLetters = (text: string): string => {
  const small = text.toLowerCase()
  return (small.length === text.length ? small : text).replace(/[άέήίόύώϊϋΐΰ]/g, sign => greek[sign] ?? sign)
}
const greek: Record<string, string> = {
  ά: 'α',
  έ: 'ε',
  ή: 'η',
  ί: 'ι',
  ό: 'ο',
  ύ: 'υ',
  ώ: 'ω',
  ϊ: 'ι',
  ϋ: 'υ',
  ΐ: 'ι',
  ΰ: 'υ',
}

/** Read as English, where more is known of what stands around them. */
const english = /^(?:gluten|yogh?urt|egg|malt|malted|cashew|pecan|macadamia|lupin|lactose|soya|soja)s?(?![\p{L}])/u
/** What a word may name, by every tongue: known words come again and again. */
const inWord = rememberedByText((word: string): readonly Stem[] =>
  english.test(word)
    ? []
    : stems.filter(({ text, at }) =>
        at === 'whole' ? word === text : at === 'begins' ? word.startsWith(text) : word.includes(text),
      ),
)

const sounds = bound(tongues.map(one => one.sounds).join('|'))
const phrases = tongues.flatMap(({ phrases = {} }) =>
  Object.entries(phrases).map(([named, source]) => ({ named: named as Named, pattern: bound(source) })),
)
/** "ohne Milch", "sans lait et œufs": the next word only, and what an "and" joins to it. */
const denied = bound(
  `(?:${tongues.map(one => one.without).join('|')})\\s+\\p{L}+(?: (?:und|et|e|y|en|i|a|och|og|ja|και|и|та|oder|ou|o) \\p{L}+)?|(?:gluten|la[kc]to[sz]e?|milch|melk|ei|eier|nuss|noten|soja|mjölk|laktos|ägg|nöt|mælke|weizen|vete)[- ]?(?:frei|vrij|fri)(?:es|er|e|en|t|a)?|gluteeniton\\p{L}*|bezglutenow\\p{L}*|bezlepkov\\p{L}*|безглютенов\\p{L}*`,
)

export interface ForeignMention {
  named: Named
  start: number
  end: number
  word: string
}

const cueOf = (tongue: Tongue) => bound(`${tongue.opens}|${tongue.contains}|${tongue.may}`)
const cues = tongues.map(cueOf)
/** Every word in the text that names an allergen, or a group of them, in another tongue. */
export const foreignMentions: (text: string) => readonly ForeignMention[] = rememberedByText(text => {
  const plain = plainLetters(text)
  const told = plain.replace(absent, blank).replace(denied, blank)
  // a word of a phrase is heard as the phrase: of "orzeszki ziemne" only the peanut
  const sober = phrases.reduce((left, { pattern }) => left.replace(pattern, blank), told).replace(sounds, blank)
  const found: (ForeignMention & { shy: boolean; tongue: number })[] = []
  for (const { named, pattern } of phrases)
    for (const { 0: word, index } of told.matchAll(pattern))
      found.push({
        named,
        start: index,
        end: index + word.length,
        word: text.slice(index, index + word.length),
        shy: false,
        tongue: -1,
      })
  for (const { 0: word, index } of sober.matchAll(/\p{L}[\p{L}\p{M}’'-]*/gu))
    for (const { named, tongue, shy } of inWord(word))
      found.push({
        named,
        start: index,
        end: index + word.length,
        word: text.slice(index, index + word.length),
        shy,
        tongue,
      })
  const seen = new Set<string>()
  return found.filter(({ named, start, shy, tongue }) => {
    if (shy && !isHeard(tongue, plain, found)) return false
    const key = `${named} ${start}`
    if (seen.has(key)) return false
    seen.add(key)
    return true
  })
})
const isHeard = (
  tongue: number,
  plain: string,
  found: readonly { shy: boolean; tongue: number; start: number }[],
): boolean => {
  cues[tongue]!.lastIndex = 0
  return (
    cues[tongue]!.test(plain) ||
    new Set(found.filter(one => !one.shy && one.tongue === tongue).map(one => one.start)).size >= 2
  )
}

/** What opens a list in any tongue, at its head. */
export const opensList = new RegExp(`^\\s*(?:${tongues.map(one => one.opens).join('|')})\\s*:\\s*`, 'iu')
/** How a pack warns, says that something is in it, and denies it, in any of the tongues. Of text in `plainLetters`. */
export const foreignMay = bound(tongues.map(one => one.may).join('|'))
export const foreignContains = bound(tongues.map(one => one.contains).join('|'))
export const foreignWithout = bound(tongues.map(one => one.without).join('|'))
