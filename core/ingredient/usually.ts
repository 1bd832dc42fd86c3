// Foods that are made of others and do not say which: "breadcrumbs", "nougat", "lecithin". What is usually in them stays open until a
// kind is named. Common practice, no published source.
import { type AllergenCode, allergenName, glutenCereals, treeNuts } from '../model/allergen'
import type { Component } from '../model/ingredient'
import { denialsIn } from './denials'
import { groupMentions, mentions } from './lexicon'
import { madeAbroad } from './madeAbroad'
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
type Group = readonly AllergenCode[]
interface Usual {
  words: string
  groups: readonly Group[]
  /** Standing beside the word, it makes another thing of it that holds none of these: "rice noodles", "liquorice root". */
  but?: string
  /** Only as the whole name: "teff flour" names its kind. */
  whole?: true
}
const gluten = glutenCereals
const milk: Group = ['milk']
const egg: Group = ['egg']
const otherGrain =
  'rice|corn|maize|potato|tapioca|buckwheat|gram|chickpea|lentil|sorghum|teff|millet|quinoa|coconut|soya?|glass|konjac'
const withoutAnimals = 'vegan|plant|plant[- ]based|dairy[- ]free'
const ofPlants = `${withoutAnimals}|soya?|oat|coconut|rice|almond|cashew`
const usual: readonly Usual[] = [
  {
    words:
      'bread ?crumbs?|croutons?|bread|toast|pretzels?|batter|breading|stuffing|pitt?as?(?: breads?)?|naans?|bagels?|simits?|pumpernickel|baguettes?|ciabattas?|focaccias?|sourdoughs?(?! starter)|challah|crumpets?|tea ?cakes?|muffins?|buns?|bread rolls?|dumplings?|gnocchi|ravioli|lasagne? sheets?|wontons?(?: (?:wrappers?|skins?))?|kataifi|fideos?|churros?|streusels?|crumble topping|tabbouleh|gravy(?: (?:granules|powder|mix))?|yeast extract|brewer.?s yeast|corn ?flakes?|(?:rice|cereal) crispies|crisped rice|crisp ?breads?|rusks?|melba toasts?',
    groups: [gluten],
  },
  {
    words:
      'crackers?|wafers?|ice cream cones?|cornets?|noodles?|pasta|spaghetti|macaroni|vermicelli|cereals?|tortillas?|crisp cereal|puffed cereals?',
    but: otherGrain,
    groups: [gluten],
  },
  { words: 'muesli|granola', groups: [gluten] },
  { words: 'rolls|(?:bread|bridge|finger) roll', groups: [gluten] },
  { words: 'flap ?jacks?|oat ?cakes?|porridge', groups: [['oats']] },
  { words: 'muesli|granola', groups: [treeNuts], but: 'nut[- ]free' },
  { words: 'liquorice|licorice', but: 'root|extract|powder', groups: [gluten] },
  { words: 'mock duck', groups: [gluten] },
  { words: 'hoisin', groups: [gluten, ['soy']] },
  { words: 'beers?|ales?|stouts?|lagers?|porters?|malt drink', but: 'ginger|root', groups: [gluten] },
  {
    words:
      '(?:(?:plain|strong|white|brown|bread|cake|self[- ]raising|wholemeal|whole ?grain|ww|fortified|all[- ]purpose|00|patent|pastry) )*flour',
    whole: true,
    groups: [gluten],
  },
  {
    words:
      'biscuits?|cookies?|digestives?|short ?bread|short ?cakes?|ginger ?bread|ginger ?nuts?|lebkuchen|specul(?:oos|aas)|biscotti|cantucci|savoiardi|lady ?fingers?|sponge fingers?|(?<!\\b(?:rice|oat) ?)cakes?|sponges?|pastry|pastries|pie crusts?|(?:tart(?:let)?|pastry|flan|blind[- ]baked|bought|ready[- ]made) (?:cases?|shells?)|choux|strudel|[ée]clairs?|profiteroles?|brownies?|scones?|doughnuts?|donuts?|waffles?|pancakes?',
    but: 'decorations?|boards?',
    groups: [gluten, milk, egg],
  },
  {
    words:
      'brioches?|croissants?|panettone|stollen|babas?|yorkshire puddings?|quiches?|cr[eê]pes?|blinis?|trifle|genoises?|g[eé]noises?|madeleines?|battenberg|bakewells?|(?:christmas|bread|sponge|plum) pudding|linzer ?torten?|clafoutis|swiss roll',
    groups: [gluten, milk, egg],
  },
  { words: 'financiers?|joconde', groups: [gluten, ['almond'], egg] },
  { words: 'dacquoises?|panforte', groups: [treeNuts] },
  { words: 'dacquoises?|pavlovas?', groups: [egg] },
  {
    words: 'stollen|bakewells?|battenberg|biscotti|cantucci(?:ni)?|orgeat|persipan|marchpane|ricciarelli',
    groups: [['almond']],
  },
  { words: 'linzer ?torten?|lebkuchen|halva', but: 'sesame', groups: [treeNuts] },
  { words: 'nocino', groups: [['walnut']] },
  { words: 'baklava', groups: [gluten, treeNuts] },
  { words: 'mince ?meat', groups: [gluten, treeNuts] },
  { words: 'trail mix|fruit and nut mix', groups: [[...treeNuts, 'peanut']] },
  { words: 'nougat|turr[oó]n|torrone', groups: [treeNuts, egg] },
  {
    words:
      'pralin[eé]s?|gianduja|gianduia|krokant|nut (?:paste|butter|spread|mix)|choc(?:olate)? spread|rocher|florentines?',
    groups: [treeNuts],
  },
  { words: 'macarons?', groups: [['almond'], egg] },
  { words: 'pesto', groups: [milk, [...treeNuts, 'pineNut']] },
  { words: 'satay', groups: [['peanut']] },
  { words: 'dukkah|duqqa', groups: [treeNuts, ['sesame']] },
  { words: "za['’]?atar", groups: [['sesame']] },
  {
    words: '(?:\\p{L}+: )?l[eé]c[iy]th?in[\\p{L}]*',
    but: 'sunflower|sonnenblumen\\p{L}*|tournesol|girasole?|zonnebloem\\p{L}*|słonecznik\\p{L}*|raps|colza|koolzaad|rapeseed|canola',
    groups: [['soy', 'egg']],
  },
  {
    words:
      'butter ?creams?|toffees?|fudge|caramel sauce|salted caramel|butterscotch|white chocolate|ganache|cheesecake|tiramisu|cr[eè]me p[aâ]t(?:issi[eè]re)?|kulfi|semifreddo|rasmalai|alfredo|tzatziki|raita|mousses?|souffl[eé]s?|hot chocolate powder|drinking chocolate',
    but: withoutAnimals,
    groups: [milk],
  },
  // such a thing is named by what stands for its milk: "oat creamer", but "almond toffee" is toffee
  {
    words: 'custard(?! powder)|custard powder|gelato|(?:coffee |milk |tea )?(?:whitener|creamer)|margarine',
    but: ofPlants,
    groups: [milk],
  },
  { words: 'roux|b[eé]chamel|white sauce', groups: [gluten, milk] },
  {
    words:
      'marshmallow fluff|royal icing|advocaat|lemon curd|custard(?! powder)|cr[eè]me (?:p[aâ]t(?:issi[eè]re)?|anglaise)|mousses?|souffl[eé]s?|sabayon|zabagli?one|egg ?nog|hollandaise|aioli|frittatas?|tiramisu|challah|fresh pasta|tartare? sauce|remoulade|ice cream|gelato',
    but: 'vegan|plant|plant[- ]based|egg[- ]free',
    groups: [egg],
  },
  { words: 'mayonnaise|mayo|aioli|remoulade|piccalilli', groups: [['mustard']] },
  { words: 'shrimp paste|belacan|curry paste|bisque|scampi', groups: [['crustaceans']] },
  { words: 'kimchi|furikake|caesar dressing|tapenade|dashi', groups: [['fish']] },
  { words: 'furikake|baba ganoush|baba ghanoush|falafels?|gomashio', groups: [['sesame']] },
  { words: 'stock|bouillon', groups: [['celery'], gluten] },
  { words: 'soy sauce|teriyaki', groups: [['soy'], gluten] },
  {
    words: '(?:textured |hydroly[sz]ed )?vegetable proteins?|tvp',
    groups: [['soy', 'wheat']],
  },
  { words: 'wine|wine vinegar|balsamic vinegar|cider|perry', groups: [['sulphites']] },
  {
    words:
      '(?:dried|ready[- ]to[- ]eat) (?:apricots?|mango(?:e?s)?|pears?|apples?|peaches)|golden (?:sultanas?|raisins?)|(?:glac[eé]|maraschino|cocktail) cherr(?:y|ies)|(?:candied|mixed|crystallised) (?:peel|fruits?)',
    but: 'unsulph?f?ured|unsulph?f?ited|organic|sulph?f?(?:ur|ite)[- ]free',
    groups: [['sulphites']],
  },
]
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
const everywhere: readonly Usual[] = [...usual, ...madeAbroad]
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

/** Do the kinds that are named answer what is asked? Oats alone do not: oat biscuits are usually of wheat too. */
export const isAnsweredBy = ({ codes, made }: OpenGroup, kinds: ReadonlySet<AllergenCode>): boolean =>
  codes.some(code => kinds.has(code) && !(made && code === 'oats' && codes.length > 1))

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
