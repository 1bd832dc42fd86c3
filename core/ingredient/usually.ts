// Foods that are made of others and do not say which: "breadcrumbs", "nougat", "lecithin". What is usually in them stays open until a
// kind is named. Common practice, no published source.
import { type AllergenCode, allergenName, glutenCereals, treeNuts } from '../model/allergen'
import type { Component } from '../model/ingredient'
import { groupMentions, mentions } from './lexicon'
import { absent, blank, bound } from './sober'

/** Named as a group: one of these is in it, and nobody has said which. */
export interface OpenGroup {
  codes: readonly AllergenCode[]
  word: string
}
/** What to ask of the supplier, in a sentence. */
export function kindQuestion({ codes, word }: OpenGroup): string {
  const names = codes.map(code => allergenName[code])
  return names.length === 1
    ? `“${word}” usually holds ${names[0]}: ask the supplier. It stays unknown until somebody answers.`
    : `“${word}” does not say which kind: ask the supplier about ${names.slice(0, -1).join(', ')} and ${names.at(-1)}. Each stays unknown until one is put down.`
}
type Group = readonly AllergenCode[]
const gluten = glutenCereals
const milk: Group = ['milk']
const egg: Group = ['egg']
const usual: readonly (readonly [words: string, ...groups: Group[]])[] = [
  [
    'bread ?crumbs?|rusks?|croutons?|bread|toast|rolls?|pretzels?|batter|breading|stuffing|crackers?|wafers?|noodles?|pasta|muesli|granola|cereals?|pitta|naan|tortillas?|beers?|ales?|stouts?|lagers?|porters?|malt drink',
    gluten,
  ],
  [
    '(?:(?:plain|strong|white|brown|bread|cake|self[- ]raising|wholemeal|whole ?grain|fortified|all[- ]purpose|00|patent|pastry) )*flour',
    gluten,
  ],
  [
    'biscuits?|cookies?|digestives?|cake|sponge|pastry|brownies?|biscuit crumbs?|cake crumbs?|doughnuts?|waffles?|pancakes?',
    gluten,
    milk,
    egg,
  ],
  ['brioche|croissants?|panettone', gluten, milk, egg],
  ['baklava', gluten, treeNuts],
  ['nougat|turr[oó]n|torrone', treeNuts, egg],
  ['pralin[eé]s?|gianduja|gianduia|krokant|nut (?:paste|butter|spread|mix)|rocher|florentines?', treeNuts],
  ['macarons?', ['almond'], egg],
  ['pesto', milk, [...treeNuts, 'pineNut']],
  ['satay', ['peanut']],
  ['dukkah|duqqa', treeNuts, ['sesame']],
  ["za['’]?atar", ['sesame']],
  ['(?:\\p{L}+: )?l[eé]c[iy]th?in[\\p{L}]*', ['soy', 'egg']],
  ['custard(?! powder)|toffees?|fudge|caramel sauce|butterscotch|white chocolate|ganache|cheesecake|tiramisu', milk],
  ['custard powder', milk],
  ['marshmallow fluff|royal icing|advocaat|lemon curd', egg],
  ['shrimp paste|belacan|curry paste', ['crustaceans']],
  ['stock|bouillon', ['celery'], gluten],
  ['soy sauce|teriyaki', ['soy'], gluten],
  ['wine|wine vinegar|cider|perry', ['sulphites']],
]
/** Anywhere in the name; but flour only by itself, as "teff flour" names its kind. */
const patterns = usual.map(([words, ...groups]) => ({
  words: words.endsWith('flour') ? new RegExp(`^\\s*(?:${words})\\s*$`, 'iu') : bound(words),
  groups,
}))
/** Another plant before it, or said to be without: then it is no such thing. */
const otherKind =
  /(?<![\p{L}])(?:rice|corn|maize|potato|tapioca|buckwheat|gram|chickpea|sorghum|teff|millet|quinoa|coconut|soya?|sunflower|sonnenblumen\p{L}*|tournesol|girasole?|zonnebloem\p{L}*|słonecznik\p{L}*|raps|colza|koolzaad|rapeseed|canola|ginger|root|vegan|plant|ice|sugar|cake decoration)(?![\p{L}])/iu

const kindsIn = (component: Component): Set<AllergenCode> => {
  const texts = (one: Component): string[] => [one.name, ...(one.components ?? []).flatMap(texts)]
  return new Set(texts(component).flatMap(text => mentions(text).map(one => one.code)))
}

/** Of one thing without a list of its own; what its name denies is not asked about. */
function usualOf(name: string): OpenGroup[] {
  const denied = codesNamed(
    (name.match(absent) ?? []).map(said => said.replace(/[- ]free\b|\b(?:free from|no|without)\b/gi, ' ')).join(' '),
  )
  const sober = name.replace(absent, blank)
  const named = patterns.flatMap(({ words, groups }) => {
    words.lastIndex = 0
    const word = words.exec(sober)?.[0]
    return word === undefined || otherKind.test(sober) ? [] : groups.map(codes => ({ codes, word: word.trim() }))
  })
  // what is said of the word here is nearer than the group it belongs to
  const grouped = groupMentions(name).filter(
    one => !named.some(({ codes }) => codes.every(code => one.codes.includes(code))),
  )
  return [...named, ...grouped]
    .filter(({ codes }) => !codes.some(code => denied.has(code)))
    .map(({ codes, word }) => ({ codes, word }))
}
const codesNamed = (text: string): Set<AllergenCode> =>
  new Set([...mentions(text).map(one => one.code), ...groupMentions(text).flatMap(one => one.codes)])

/** What the things of a list usually hold and do not name; what is made of named things has said it. */
export function usuallyIn(components: readonly Component[]): OpenGroup[] {
  return components.flatMap(component => {
    if ((component.components ?? []).length > 0) return usuallyIn(component.components!)
    const kinds = kindsIn(component)
    return usualOf(component.name).filter(({ codes }) => !codes.some(code => kinds.has(code)))
  })
}
