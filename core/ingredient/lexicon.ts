// Words that give an allergen away, in names, statements and notes; and the words that only sound like it.
// Common practice, no published source; the names of Annex II (Regulation (EU) 1169/2011) are marked as clear.
import { type AllergenCode, glutenCereals, treeNuts } from '../model/allergen'
import { rememberedByText } from '../words/remembered'
import { foreignMentions } from './foreign'
import { foundInFull } from './shorthand'
import { absent, blank, bound } from './sober'

interface Entry {
  code: AllergenCode
  /** Regular expression source, matched on whole words without regard to case. */
  words: string
  /** Does the word by itself refer clearly to the allergen, as a label must? */
  clear?: true
}

const entries: Entry[] = [
  { code: 'wheat', words: 'wheat(?:en|germ|meal|feed|s)?|wholewheat', clear: true },
  {
    code: 'wheat',
    words:
      "spelt|dinkel|kamut|khorasan|udon|durum|(?<!rice |maize |corn |millet )semolina|(?<!potato |rice )farina(?! (?:di|de|d['’]) ?(?!grano(?! saraceno)|frumento|trigo|semola)\\p{L})|atta|maida|sooji|suji|rava|rawa|dalia|seitan|bul[gh]h?ur|couscous|freekeh|frikeh|einkorn|emmer|triticale|graham flour|farro|fu gluten|vital gluten|froment|weizen|blé|trigo|frumento|matzoh?|fill?o|phyllo|panko",
  },
  { code: 'rye', words: 'rye', clear: true },
  { code: 'rye', words: 'triticale|roggen|seigle|segale' },
  { code: 'barley', words: 'barley', clear: true },
  {
    code: 'barley',
    words:
      '(?<!rice |maize |corn |oat |wheat )malt(?! vinegar extract)|malted(?! (?:millet|rice|maize|corn|sorghum|buckwheat|quinoa)(?![\\p{L}]))|maltextract|gerste|orge|orzo',
  },
  { code: 'oats', words: 'oats?|oatmeal|oatbran|oatflakes?', clear: true },
  { code: 'oats', words: 'hafer|avoine|avena' },
  { code: 'egg', words: 'eggs?', clear: true },
  {
    code: 'egg',
    words:
      'yolks?|whites|(?<!lact)albumen|(?<!lact)albumin|meringues?|mayonnaise|ovalbumin|ovomucoid|ovovitellin|vitellin|livetin|e ?1105|lysozyme|oeufs?|œufs?|huevos?|eier|vollei',
  },
  { code: 'milk', words: 'milk|milks|buttermilk|skimmilk|milkfat', clear: true },
  {
    code: 'milk',
    words:
      'butter|buttered|butterfat|butteroil|cream|cheeses?|cheddar|mozzarella|parmesan|feta|halloumi|haloumi|pecorino|gouda|brie|camembert|emmental(?:er)?|gruy[eè]re|gorgonzola|stilton|edam|provolone|manchego|bocconcini|burrata|comt[eé]|roquefort|grana padano|taleggio|wensleydale|caerphilly|red leicester|double gloucester|monterey jack|colby|havarti|raclette|reblochon|ch[eè]vre|jarlsberg|cotija|asiago|fontina|ayran|viili|kashk|kaymak|rabri|clabber(?:ed)?|mizithra|nfdm|smp|wmp|evap|yog(?:h?urt)?s?|yoghourts?|whey|caseins?|caseinates?|ghee|lactose|lactalbumin|lactoglobulin|curds?|quark|paneer|panir|dahi|lassi|malai|khoya|khoa|mawa|mascarpone|ricotta|kefir|skyr|labneh|cr[eè]me fra[iî]che|fromage(?: frais)?|dulce de leche|white chocolate|condensed milk|(?:semi[- ]?)?skimmed|half and half|custard(?! powder| apple)|lait|leche|milch|butterreinfett|beurre|sahne|latte macchiato',
  },
  { code: 'peanut', words: 'peanuts?', clear: true },
  {
    code: 'peanut',
    words:
      'groundnuts?|monkey ?nuts?|arachis|arachides?|cacahu[eè]tes?|cacahuetes?|erdn[uü]sse?|moongphali|beer nuts|goobers?|pb',
  },
  { code: 'soy', words: 'soya|soy|soybeans?|soyabeans?', clear: true },
  {
    code: 'soy',
    words:
      'tofu|bean curd|yuba|kinako|miso|tamari|shoyu|edamame|tempeh|natto|okara|soja|(?<!sunflower lecithins? ?[,(]? ?)(?<!rapeseed lecithins? ?[,(]? ?)(?<!lecithins? ?\\((?:sunflower|rapeseed|canola)[,)] ?)e ?322(?!(?: ?\\(i+\\))? ?[,(]? ?(?:from )?(?:sunflower|rapeseed|canola))',
  },
  { code: 'almond', words: 'almonds?', clear: true },
  { code: 'almond', words: 'marzipan|frangipane?|amaretti|amaretto|amandes?|mandeln?|mandorle?|badam|almondine' },
  { code: 'hazelnut', words: 'hazel ?nuts?', clear: true },
  {
    code: 'hazelnut',
    words: 'filberts?|hazels|gianduja|gianduia|pralines?|noisettes?|nocciol[ae]|haseln[uü]sse?|cobnuts?',
  },
  { code: 'walnut', words: 'wal ?nuts?', clear: true },
  { code: 'walnut', words: 'akhrot|waln[uü]sse?' },
  { code: 'cashew', words: 'cashews?', clear: true },
  { code: 'cashew', words: 'kaju' },
  { code: 'pecan', words: 'pecans?', clear: true },
  { code: 'brazilNut', words: 'brazil ?nuts?|brazils', clear: true },
  { code: 'pistachio', words: 'pistachios?', clear: true },
  { code: 'pistachio', words: 'pistaches?|pistazien?|pista' },
  { code: 'macadamia', words: 'macadamias?|queensland nuts?', clear: true },
  { code: 'pineNut', words: 'pine ?nuts?|pine kernels?|pignoli|pinoli' },
  { code: 'coconut', words: 'coconuts?|copra|kokosn?u?s?s?' },
  { code: 'celery', words: 'celery', clear: true },
  { code: 'celery', words: 'celeriac|sellerie?' },
  { code: 'mustard', words: 'mustard', clear: true },
  { code: 'mustard', words: 'dijon|senf' },
  { code: 'sesame', words: 'sesame', clear: true },
  {
    code: 'sesame',
    words:
      'tahini|tahina|halvah?|halwa|gomas(?:h)?io|benne|gingelly|ajonjol[ií]|til (?:oil|seeds?)|hummus|houmous|sesam',
  },
  { code: 'lupin', words: 'lupins?|lupine?|lupinus', clear: true },
  { code: 'fish', words: 'fish|fishes', clear: true },
  {
    code: 'fish',
    words:
      'anchov(?:y|ies)|caviar|bonito|nam pla|colatura|cod|haddock|salmon|tuna|mackerel|sardines?|isinglass|surimi|worcester(?:shire)? sauce',
  },
  { code: 'crustaceans', words: 'crustaceans?', clear: true },
  { code: 'crustaceans', words: 'prawns?|shrimps?|crabs?|lobsters?|crayfish|krill|langoustines?|chitosan|glucosamine' },
  { code: 'molluscs', words: 'molluscs?|mollusks?', clear: true },
  {
    code: 'molluscs',
    words: 'mussels?|escargots?|abalone|oysters?|squid|calamari|octopus|clams?|scallops?|cuttlefish|whelks?',
  },
  {
    code: 'sulphites',
    words:
      'sul(?:ph|f)ites?|sul(?:ph|f)ur dioxide|so2|(?:meta-?)?bi?sul(?:ph|f)ites?|metabisul(?:ph|f)ites?|e ?22[0-8]',
    clear: true,
  },
]

/** What only sounds like an allergen. Blanked before the words are looked for. */
const sounds = [
  '(?:cocoa|cacao|shea|nut|peanut|almond|cashew|hazelnut|pistachio|apple|plant|vegan|dairy[- ]free|soya?|coconut|sunflower|(?:\\p{L}+ )?seed|mango|body|illipe|kokum|sesame) butters?',
  'butter ?beans?',
  'butternut(?: squash)?',
  'butterscotch flavou?r(?:ing)?',
  'butterfl(?:y|ies)',
  '(?:coconut|oat|rice|almond|soya?|hemp|cashew|hazelnut|pea|plant|nut|macadamia|tiger ?nut) ?(?:milk|cream|yog(?:h?urt)?|cheese|creamer|drink)s?',
  'coconut (?:milk|cream) powder',
  'cream of (?:tartar|coconut)',
  'creamed (?:coconut|corn)',
  'creaming',
  'nutmeg',
  'water ?chestnuts?',
  '(?:sweet )?chestnuts?',
  'tiger ?nuts?',
  'buckwheat',
  'egg ?plants?',
  'egg (?:replacers?|substitutes?)',
  'eggless',
  '(?:vegan|plant[- ]based|egg[- ]free|dairy[- ]free|milk[- ]free|animal[- ]free) (?:cheese|ice[- ]cream|cream|egg|mayonnaise|meringue|marshmallow|milk|yog(?:h?urt)?|custard|butter|quark|white chocolate)s?',
  '(?:non|dairy free|plant based)[- ]?dairy (?:cream|creamer|whip)',
  '(?:king )?oyster mushrooms?',
  'crab ?apples?',
  'cream crackers?(?= colour)',
  'milk thistle',
  'maltodextrins?',
  'maltitol(?: syrup)?',
  'maltose',
  'isomalt(?:ulose)?',
  'malt vinegar extract',
  'lactic acid',
  'lactates?',
  'lactitol',
  'stearoyl.{0,2}lactylates?',
  '(?:plant|pea|rice) (?:based )?custard',
  'custard (?:apple|powder)',
  'cod(?:e|ed|ex)',
  'horse ?mussel',
  'mustard fruit jar',
  'wheatgrass free',
  'barley ?corn length',
  'fish(?:ing|ery|eye) .*?licen[cs]e',
  'corn ?starch',
]
/** Inside such a phrase these words still count: "creamed coconut" is coconut. */
const stillCounts = /\b(?:peanut|almond|cashew|hazelnut|pistachio|macadamia|soya?|coconut|oat|sesame)(?=[ a-z]|$)/i
/** What is called so after something else: of "Brazil nut butter" only the butter is none. */
const calledAfter = /(?<=\p{L}) ?(?:butter|milk|cream|yog(?:h?urt)?|cheese|creamer|drink)s?$/iu
function withoutSound(phrase: string): string {
  const called = calledAfter.exec(phrase)
  if (called && !/^(?:butter|egg)/i.test(phrase)) return phrase.slice(0, called.index) + blank(called[0])
  const kept = stillCounts.exec(phrase)
  return kept ? kept[0].padStart(kept.index + kept[0].length).padEnd(phrase.length) : blank(phrase)
}

const compiled = entries.map(entry => ({ code: entry.code, clear: entry.clear ?? false, pattern: bound(entry.words) }))
const disguise = bound(sounds.join('|'))
/** "non-dairy" says nothing either way; what stands behind it does. */
const nonDairy = /\bnon[- ]dairy\b/giu

export interface Mention {
  code: AllergenCode
  /** Where the word stands in the text. */
  start: number
  end: number
  word: string
  /** Does the word alone tell an eater which allergen it is? */
  clear: boolean
}

/** Every word in `text` that gives an allergen away, in order. Absence of a mention proves nothing. */
export const mentions: (text: string) => readonly Mention[] = rememberedByText(text => foundInFull(text, look))

function look(text: string): Mention[] {
  const sober = text.replace(nonDairy, blank).replace(disguise, withoutSound).replace(absent, blank)
  const found: Mention[] = []
  for (const { code, clear, pattern } of compiled)
    for (const match of sober.matchAll(pattern))
      found.push({ code, start: match.index, end: match.index + match[0].length, word: match[0], clear })
  for (const { named, start, end, word } of foreignMentions(text))
    if (
      named !== 'nuts' &&
      named !== 'gluten' &&
      !found.some(one => one.code === named && one.start < end && one.end > start)
    )
      found.push({ code: named, start, end, word, clear: false })
  return found.sort((a, b) => a.start - b.start || b.end - a.end)
}

/** A word for a whole group: some of it is there, and the word does not say which. Any kind put down as contained answers it. */
const groups: readonly { codes: readonly AllergenCode[]; pattern: RegExp }[] = [
  {
    codes: [...treeNuts, 'pineNut', 'peanut', 'coconut'],
    // "ground nuts" are nuts, "groundnuts" are none
    pattern: bound(
      '(?<!(?:tiger|pine|monkey|beer|brazil|queensland|macadamia|cola|kola|betel|soya?|corn|ginger|cashew|pecan|pistachio|almond|cedar|areca|grape)[ -]?)nuts?(?! of |[- ]brown)',
    ),
  },
  { codes: glutenCereals, pattern: bound('gluten|gluten cereals?') },
  { codes: ['crustaceans', 'molluscs'], pattern: bound('shellfish|shell fish|sea ?food|fruits de mer|frutti di mare') },
  { codes: ['milk'], pattern: bound('dairy') },
]

export interface GroupMention {
  codes: readonly AllergenCode[]
  start: number
  end: number
  word: string
}
/** Words for a group in the text, each with every kind it may mean. */
export const groupMentions = (text: string): GroupMention[] => foundInFull(text, lookForGroups)
/** Does the text name an allergen, or a group of them? */
export const namesFood = (text: string): boolean => mentions(text).length > 0 || groupMentions(text).length > 0
function lookForGroups(text: string): GroupMention[] {
  const sober = text.replace(nonDairy, blank).replace(disguise, withoutSound).replace(absent, blank)
  const foreign = foreignMentions(text).flatMap(({ named, start, end, word }) =>
    named === 'nuts' || named === 'gluten'
      ? [{ codes: (named === 'nuts' ? groups[0] : groups[1])!.codes, start, end, word }]
      : [],
  )
  return [
    ...groups.flatMap(({ codes, pattern }) =>
      [...sober.matchAll(pattern)].map(({ 0: word, index }) => ({
        codes,
        start: index,
        end: index + word.length,
        word,
      })),
    ),
    ...foreign,
  ]
}

/** Where a phrase only sounds like an allergen: "plant butter", "cream of tartar". */
export const soundsOnly = (text: string): { start: number; end: number }[] =>
  [...text.matchAll(disguise)].map(({ 0: phrase, index }) => ({ start: index, end: index + phrase.length }))

/** Words that name fish or crustaceans as such, and not of which kind. */
const noKind = /^(?:fish|fishes|crustaceans?)$/i
/** Does some text name the kind: cod, prawns? For allergens whose kind a market wants named. */
export const namesKind = (texts: readonly string[], code: AllergenCode): boolean =>
  texts.some(text => mentions(text).some(mention => mention.code === code && !noKind.test(mention.word)))
