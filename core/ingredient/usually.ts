// Foods that are made of others and do not say which: "breadcrumbs", "nougat", "lecithin". What is usually in them stays open until a
// kind is named. Common practice, no published source.
import { type AllergenCode, allergenName } from '../model/allergen'
import type { Component } from '../model/ingredient'
import { denialsIn } from './denials'
import { groupMentions, mentions } from './lexicon'
import { madeAbroad } from './madeAbroad'
import { type MadeFood, madeFoods } from './madeFoods'
import { absent, blank, bound } from './sober'

/** Named as a group: one of these is in it, and nobody has said which. */
export interface OpenGroup {
  codes: readonly AllergenCode[]
  word: string
  /** Of a food made of others: what is usually in it. */
  made?: true
}
/** What to ask of the supplier, in a sentence. */
export function kindQuestion({ codes, word }: OpenGroup): string {
  const names = codes.map(code => allergenName[code])
  return names.length === 1
    ? `“${word}” usually holds ${names[0]}: ask the supplier. It stays unknown until somebody answers.`
    : `“${word}” does not say which kind: ask the supplier about ${names.slice(0, -1).join(', ')} and ${names.at(-1)}. Each stays unknown until one is put down.`
}
/** Right before the word or right behind it: "rice flour noodles", "noodles (rice)", "lecithin from sunflower". */
const beside = (but: string) => ({
  before: new RegExp(
    // "flour and corn tortillas" are of two kinds, "buckwheat and rice crackers" of none that counts
    `(?<![\\p{L}\\p{N}])(?<!(?:and|or|&|,|/) ?)(?:(?:${but})(?: (?:and|or|&) | ?[/,] ?))*(?:${but})(?:[ -](?:flour|starch|meal|based|style|milk|drink))?[ -]*$`,
    'iu',
  ),
  behind: new RegExp(
    `^[\\p{L}]*[ ]*(?:\\(|[-–:] ?|\\(?from |made (?:from|of|with) |of )?(?:100 ?% )?(?:${but})(?![\\p{L}\\p{N}])`,
    'iu',
  ),
})
const everywhere: readonly MadeFood[] = [...madeFoods, ...madeAbroad]
const patterns = everywhere.map(({ words, whole, but, groups }) => ({
  words: whole ? new RegExp(`^\\s*(?:${words})\\s*$`, 'giu') : bound(words),
  other: but ? beside(but) : null,
  groups,
}))
/** Said to be of plants: the milk and the egg that such a thing usually holds are not in it, its flour still is. */
const animal: readonly AllergenCode[] = ['milk', 'egg']
const vegan = /(?<![\p{L}])(?:vegan|plant[- ]based|plant)(?![\p{L}])/iu

/** Foods made of others that a text speaks of ("crushed digestives"), each where it stands. */
export const madeFoodsIn = (text: string): { start: number; end: number; word: string }[] =>
  [...text.replace(absent, blank).matchAll(made)].map(({ 0: word, index }) => ({
    start: index,
    end: index + word.length,
    word,
  }))
const made = bound(
  everywhere
    .filter(one => !one.whole)
    .map(one => one.words)
    .join('|'),
)

const kindsIn = (component: Component): Set<AllergenCode> => {
  const texts = (one: Component): string[] => [one.name, ...(one.components ?? []).flatMap(texts)]
  return new Set(texts(component).flatMap(text => mentions(text).map(one => one.code)))
}

/** Do the kinds that are named answer what is asked? Oat biscuits, malt loaf and rye bread are usually of wheat too. */
export const isAnsweredBy = ({ codes, made }: OpenGroup, kinds: ReadonlySet<AllergenCode>): boolean =>
  made && codes.length > 1 && codes.includes('wheat') ? kinds.has('wheat') : codes.some(code => kinds.has(code))

/** Of one thing without a list of its own; what its name denies is not asked about, nor what it names. */
function usualOf(name: string, kinds: ReadonlySet<AllergenCode>): OpenGroup[] {
  const denied = new Set(denialsIn(name).flatMap(one => one.codes))
  const sober = name.replace(absent, blank)
  const named = patterns.flatMap(({ words, other, groups }) => {
    const word = [...sober.matchAll(words)].find(
      ({ 0: said, index }) =>
        !other?.before.test(sober.slice(0, index)) && !other?.behind.test(sober.slice(index + said.length)),
    )?.[0]
    if (word === undefined) return []
    return groups
      .filter(codes => !(vegan.test(sober) && codes.every(code => animal.includes(code))))
      .map((codes): OpenGroup => ({ codes, word: word.trim(), made: true }))
  })
  // what is said of the word here is nearer than the group it belongs to
  const grouped = groupMentions(name).filter(
    one => !named.some(({ codes }) => codes.every(code => one.codes.includes(code))),
  )
  return [...named, ...grouped.map(({ codes, word }) => ({ codes, word }))].filter(
    one => !isAnsweredBy(one, kinds) && !one.codes.some(code => denied.has(code)),
  )
}

/** What the things of a list usually hold and do not name; what is made of named things has said it. */
export function usuallyIn(components: readonly Component[]): OpenGroup[] {
  return components.flatMap(component => {
    if ((component.components ?? []).length > 0) return usuallyIn(component.components!)
    return usualOf(component.name, kindsIn(component))
  })
}
