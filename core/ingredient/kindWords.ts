// Words that give a kind away: honey, lard, sugar, rum, rice. Held against what is put down of an ingredient as the allergen
// words are. Common practice, no published source; E numbers of animal origin as in Regulation (EC) 1333/2008, from memory.
import { glutenCereals } from '../model/allergen'
import type { Ingredient, Traits } from '../model/ingredient'
import { absent, blank, bound } from './sober'
import { textsOf } from './texts'
import { usuallyIn } from './usually'

type Trait = keyof Traits
/** What a word speaks of: a trait, and the values of it that answer the word. */
interface Entry {
  trait: Trait
  /** For lists: any of these in the trait answers it. Absent: the trait is to be true. */
  answers?: readonly string[]
  /** What it speaks of, in words. */
  of: string
  words: string
  /** What only sounds like it. */
  but?: string
  /** Foods made of others: where a recipe speaks of them, that is asked elsewhere. */
  made?: true
}

const sweet = ['sugar', 'syrup', 'juiceConcentrate', 'rareSugar'] as const
const spirits =
  'wines?|rum|rhum|brandy|cognac|armagnac|whisk(?:e)?y|bourbon|vodka|gin|sherry|champagne|beer|cider|ale|kirsch(?:wasser)?|liqueurs?'
const entries: readonly Entry[] = [
  {
    trait: 'animal',
    answers: ['honey'],
    of: 'honey or wax of bees',
    words:
      'honey|beeswax|bees wax|propolis|royal jelly|bee pollen|mead|honeycombs?|nougat|turr[oó]n|torrone|miel|honig|miele|honung|honning|hunaja|honing|mi[oó]d\\p{L}*|мёд\\p{L}{0,2}|мед(?:а|ом)?|μέλι|μελι|e ?901|cera alba',
    but: 'honey(?:comb toffee|[ -]?(?:dew|bush)(?: \\p{L}+)?)|miod(?:el|ł)\\p{L}*',
  },
  {
    trait: 'animal',
    answers: ['gelatine', 'meat', 'fish'],
    of: 'gelatine',
    words:
      'gelatin\\p{L}{0,2}|gélatine|[żž]elatyn\\p{L}*|želatin\\p{L}{0,3}|желатин\\p{L}*|ζελατίν\\p{L}*|liivate\\p{L}*|bird.?s nest|liquorice allsorts|dolly mixtures?|fruit pastilles|jelly beans?|aspic|collagen|fish glue|e ?441|marshmallows?|gumm(?:y|i) (?:bears?|sweets?)|gummies|wine gums?|jelly (?:babies|sweets?)|turkish delight|lokum',
    but: 'marshmallow root',
  },
  {
    trait: 'animal',
    answers: ['insect'],
    of: 'something made by insects',
    words:
      "insects?|crickets?|mealworms?|locusts|grasshoppers?|karmin|koszenila|carmines?|carminic acid|cochineal|crimson lake|natural red 4|shellac|lac resin|confectioner[’']?s?[’']? glaze|e ?120|e ?904",
  },
  {
    trait: 'animal',
    answers: ['meat', 'gelatine'],
    of: 'meat, fat or rennet of animals',
    words:
      'meat|lard|lardo|suet|tallow|dripping|rennet|pepsin|animal (?:fat|oil|shortening)s?|beef|pork|bacon|ham|gammon|lardons?|speck|guanciale|black pudding|blood|offal|liver|pancetta|prosciutto|salami|chorizo|poultry|chicken|turkey (?:meat|fat|stock|broth|breast|mince)|duck|goose|lamb|venison|rabbit|game birds?|squalene|castoreum|civet|ambergris|keratin|elastin|veal|mutton|schmaltz|smal(?:ec|c)\\p{L}*|strutto|reuzel|ister|sádl\\p{L}*|сало|сала|смалец|смальц\\p{L}*|manteca|saindoux|schmalz|bone (?:char|meal|phosphate|broth)|e ?542|l[- ]?cysteine|e ?920|lanolin|e ?913',
    but: 'beef ?(?:steak)? tomato(?:es)?|(?:coconut|nut|crab|fruit|jackfruit|soya?) meat|(?:duck|goose|turkey|chicken|hen|quail)(?:.?s)? eggs?|lamb.?s lettuce|blood orange\\p{L}*|chicken of the woods|mince ?meat|gooseberr\\p{L}+|specks? of',
  },
  {
    trait: 'animal',
    answers: ['fish'],
    of: 'fish',
    words: 'isinglass|fish (?:oil|glue|gelatine?)|caviar|bonito|dashi|omega[- ]3 (?:from fish|\\(fish)',
  },
  { trait: 'animal', answers: ['egg'], of: 'egg', words: 'e ?1105|lysozyme' },
  {
    trait: 'sweetening',
    answers: sweet,
    of: 'sugar',
    words:
      'sugars?|trimoline|hundreds and thousands|sprinkles|nonpareils|vermicelli sprinkles|dulce de leche|condensed milk|sherbet|lemonade|cola|hfcs|marshmallows?|mirin|sweet chilli sauce|ketchup|rock candy|edible glitter|grenadine|cordials?|liqueurs?|amaretto|limoncello|advocaat|socker|sukker|suiker|sokeri|cuk(?:ier|ru|rem|r)|сахар\\p{L}*|цук(?:ор|р)\\p{L}*|ζάχαρ\\p{L}*|sucrose|saccharose|dextrose|glucose|fructose|isomaltulose|trehalose|maltose|lactose|jaggery|gur|panela|piloncillo|rapadura|muscovado|demerara|turbinado|molasses|treacle|caramel|fudge|toffee|butterscotch|sucre|zucker|azúcar|zucchero|candied|crystallised|glac[eé]|jams?|marmalades?|(?<!royal |petroleum )jelly|conserves?|fondant|nougat|meringues?|pralines?',
    but: 'sugar[- ](?:beet fib(?:re|er)|alcohols?|pea|snap)s?|glucose (?:oxidase|isomerase)|caramel (?:colou?r|\\(?e ?150)|colou?r:? (?:plain |sulphite |ammonia )?caramel|plain caramel',
  },
  {
    trait: 'sweetening',
    // what sweetens it may be anything, but something does
    answers: [...sweet, 'polyol', 'intense', 'fruitPuree', 'wholeFruit'],
    of: 'something sweetened',
    made: true,
    words:
      'sweetened|(?:royal |fondant |glac[eé] )?icing|marzipan|marchpane|persipan|cand(?:y|ies)|sweets|(?:chocolate|hazelnut) spread|(?:lemon|lime|orange|passion ?fruit|fruit) curd|mince ?meat|(?:milk|white|dark|plain|drinking|hot|ruby) chocolate|chocolate (?:chips?|drops?|buttons?|bars?|sauce|flavou?red \\p{L}+)|couverture|kuvertüre|biscuits?|cookies?|digestives?|short ?bread|ginger ?(?:bread|nuts?)|cakes?|brownies?|muffins?|doughnuts?|granola|flapjacks?|cereal bars?|ice creams?|sorbets?|gelato|custards?|puddings?|frostings?|buttercream|ganache|macaroons?|macarons?|florentines?|halva|lokum|turkish delight|pastilles?',
    but: 'icing (?:bags?|nozzles?|set)|(?:100|99) ?% (?:\\p{L}+ )?\\p{L}+|\\p{L}+ chocolate,? \\(?(?:100|99) ?%|pudding rice|unsweetened \\p{L}+(?: \\p{L}+)?|(?:rice|oat|corn|fish|salt|crab) ?cakes?|cake (?:flour|decorations?|tins?|cases?|release|boards?|spray)|(?:dog|water|cheese) biscuits?|cookie cutters?|muffin (?:cases?|tins?)|custard (?:powder|apples?)|(?:black|yorkshire|pease) puddings?|(?:biscuit|cake) (?:flour|wheat)',
  },
  {
    trait: 'sweetening',
    answers: sweet,
    of: 'a syrup',
    words:
      'syrups?|honey|nectar|malt extract|maltextract|(?:evaporated )?cane juice|honung|honning|hunaja|honing|honig|miel|miele|mi[oó]d\\p{L}*|sirop|sirup|sciroppo|jarabe',
    but: '(?:maltitol|sorbitol|glycerol|lactitol|polyglycitol|isomalt|xylitol|erythritol|allulose|psicose) syrups?|honey[ -]?(?:dew|bush)(?: \\p{L}+)?',
  },
  {
    trait: 'sweetening',
    answers: sweet,
    of: 'concentrated juice',
    words:
      'concentrated (?:\\p{L}+ )?(?:juice|must)|(?:juice|fruit|apple|grape|pear|date|carrot) concentrates?|grape must',
  },
  {
    trait: 'sweetening',
    answers: ['fruitPuree', 'wholeFruit', ...sweet],
    of: 'sweet fruit',
    words:
      'dates|date (?:paste|pur[eé]e|nectar|flesh)|medjool|raisins?|sultanas?|(?<!black |red |white )currants?|prunes?|(?:dried|dehydrated|freeze[- ]dried) (?:fruits?|figs?|apricots?|apples?|bananas?|mango(?:e?s)?|cranberr(?:y|ies)|cherr(?:y|ies)|pears?|pineapples?)|(?:apple|banana|fig|prune|pear|mango|fruit|berry|apricot|peach) (?:pur[eé]es?|pastes?|butter|sauces?|juices?)|applesauce|bananas?|apples?|pears?|grapes?|mango(?:e?s)?|figs?|pineapples?',
    but: 'apple (?:cider )?vinegars?|grape ?seed(?: oil)?|apple (?:pectin|fib(?:re|er))|(?:use[- ]by|best before|expiry|delivery|the|all|our) dates',
  },
  {
    trait: 'grain',
    answers: ['gluten', 'other'],
    of: 'a grain',
    words:
      'wheat|wholewheat|wheat ?germ|tempura|mochi|tortillas?|nachos|matz(?:o|ah|oh)s?|filo|phyllo|sake|job.?s tears|arborio|basmati|carnaroli|sushi rice|whisk(?:e)?y|bourbon|custard powder|\\p{L}*(?:reis|hafer|mais|hirse)(?:mehl|flocken|stärke|grie(?:ß|ss)|kleie)\\p{L}*|kukuryd\\p{L}*|ryż\\p{L}*|kaszy? jaglan\\p{L}*|рис(?:а|ом|ов\\p{L}*)?|кукуруз\\p{L}*|кукурудз\\p{L}*|пшон\\p{L}*|majs\\p{L}*|maíz|mijo|milho|riisi\\p{L}*|maissi\\p{L}*|wheat|spelt|dinkel|kamut|khorasan|durum|semolina|atta|maida|sooji|suji|seitan|bul[gh]h?ur|couscous|freekeh|einkorn|emmer|triticale|farro|rye|barley|malt(?:ed)?|oats?|oatmeal|oatbran|rice|maize|corn|sweetcorn|cornflour|cornmeal|cornstarch|cornflakes|popcorn|polenta|masa|hominy|grits|millet|bajra|ragi|sorghum|jowar|teff|fonio|panko|breadcrumbs?|weizen|blé|riz|reis|mais|maïs|arroz|riso',
    but: '(?:cauliflower|konjac|shirataki) rice|(?:the|its|their|for) sake|sake of',
  },
  {
    trait: 'legume',
    of: 'a legume',
    words:
      'peanuts?|groundnuts?|carobs?|locust beans?|tara gum|natto|adzukis?|okara|yuba|kinako|fenugreek|(?:soldier|borlotti|cannellini|lima|tonka|runner|broad) beans?|soya?|soya?beans?|tofu|miso|tempeh|edamame|chick ?peas?|gram flour|besan|garbanzos?|lentils?|peas?|(?:black|kidney|navy|haricot|butter|mung|pinto|broad|fava|faba|white|adzuki|aduki) ?beans?|aquafaba|lupins?|lupine?|guar|dal|dhal',
  },
  {
    trait: 'alcohol',
    of: 'alcohol',
    words: `${spirits}|schnapps|marsala|madeira|port wine|vermouth|amaretto|limoncello|triple sec|stout|lager|mead|mirin|prosecco|calvados|grappa|absinthe|ouzo|pastis|ethanol|alcohol|eau de vie|(?:vanilla|almond|lemon|orange|peppermint|coffee) extract`,
    but: `(?:${spirits}|spirit|alcohol|rice|malt) vinegars?|(?:${spirits}) (?:flavou?r(?:ing|ed)?s?|essences?|gums?)|(?:ginger|root) (?:beer|ale)|(?:alcohol[- ]free|non[- ]alcoholic) \\p{L}+|(?:sugar|cetyl|polyvinyl) alcohols?`,
  },
  {
    trait: 'refined',
    of: 'a refined sugar',
    words:
      "(?:caster|castor|icing|granulated|white|refined|powdered|confectioner[’']?s[’']?|beet|invert|inverted|pearl|nib) sugars?|sucrose|dextrose|glucose(?:[- ]fructose)?(?: syrup)?|fructose|corn syrup|golden syrup",
    but: 'glucose (?:oxidase|isomerase)',
  },
]

const compiled = entries.map(entry => ({
  ...entry,
  pattern: bound(entry.words),
  disguise: entry.but ? bound(entry.but) : null,
}))
/** "vegan gelatine", "vegetable suet": not of the animal it is named for. */
const ofPlants = bound(
  '(?:vegan|vegetable|vegetarian|microbial|fungal|plant|plant[- ]based|non[- ]animal|egg[- ]free) (?:honey|gelatine?|rennet|suet|lard|fat|collagen|marshmallows?|bacon|ham|chicken|beef|meat)',
)

export interface SpokenKind extends Pick<Entry, 'trait' | 'answers' | 'of'> {
  word: string
}

/** A text without what denies a kind, or only sounds like this one. */
const soberFor = (text: string, disguise: RegExp | null): string => {
  const said = text.replace(absent, blank).replace(ofPlants, blank)
  return disguise ? said.replace(disguise, blank) : said
}

/** Every word of a text that speaks of a kind, where it stands. */
export const kindWordsIn = (text: string): { start: number; end: number; word: string }[] =>
  compiled.flatMap(({ pattern, disguise, made }) =>
    made
      ? []
      : [...soberFor(text, disguise).matchAll(pattern)].map(({ 0: word, index }) => ({
          start: index,
          end: index + word.length,
          word,
        })),
  )

const remembered = new WeakMap<Ingredient, readonly SpokenKind[]>()
/** Every kind that the ingredient's own words speak of, the first word of each. Silence proves nothing. */
export function spokenKinds(ingredient: Ingredient): readonly SpokenKind[] {
  const known = remembered.get(ingredient)
  if (known) return known
  const found: SpokenKind[] = []
  for (const { pattern, disguise, trait, of, answers } of compiled)
    for (const text of textsOf(ingredient)) {
      const [word] = soberFor(text, disguise).match(pattern) ?? []
      if (word === undefined) continue
      found.push({ trait, word, of, ...(answers ? { answers } : {}) })
      break
    }
  // what is usually made of flour is of a grain, whatever flour it is made of
  const ofFlour = textsOf(ingredient)
    .flatMap(name => usuallyIn([{ name }]))
    .find(({ codes }) => codes.some(code => glutenCereals.includes(code)))
  if (ofFlour)
    found.push({ trait: 'grain', answers: ['gluten', 'other'], word: ofFlour.word, of: 'something made of a grain' })
  remembered.set(ingredient, found)
  return found
}

/** A word that speaks of a kind which is put down otherwise: “honey” in what holds nothing from an animal. `among`: only those that one of these answers. Undefined where none does, or nobody has said. */
export function kindConflict(ingredient: Ingredient, trait: Trait, among?: readonly string[]): SpokenKind | undefined {
  if (ingredient.traits[trait] === undefined) return undefined
  return spokenKinds(ingredient).find(spoken => {
    if (spoken.trait !== trait || (among && !spoken.answers?.some(one => among.includes(one)))) return false
    const said = ingredient.traits[trait]
    return Array.isArray(said) ? !said.some(kind => spoken.answers?.includes(kind)) : said !== true
  })
}

/** Every trait whose words and kind contradict each other. */
export const kindConflicts = (ingredient: Ingredient): SpokenKind[] =>
  [...new Set(entries.map(one => one.trait))].flatMap(trait => kindConflict(ingredient, trait) ?? [])

/** “honey” speaks of honey or wax of bees, and its kind does not. */
export const kindFact = ({ word, of }: SpokenKind): string =>
  `“${word}” speaks of ${of}, and its kind in the larder does not`

export const kindMend = 'Settle its kind in the larder.'
