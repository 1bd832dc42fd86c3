// Words that give an allergen away, in names, statements and notes; and the words that only sound like it.
// Common practice, no published source; the names of Annex II (Regulation (EU) 1169/2011) are marked as clear.
import type { AllergenCode } from '../allergen/codes'

interface Entry {
  code: AllergenCode
  /** Regular expression source, matched on whole words without regard to case. */
  words: string
  /** Does the word by itself refer clearly to the allergen, as a label must? */
  clear?: true
}

const entries: Entry[] = [
  { code: 'wheat', words: 'wheat(?:en|germ|meal)?|wholewheat', clear: true },
  {
    code: 'wheat',
    words:
      'spelt|kamut|khorasan|durum|semolina|farina|atta|maida|seitan|bulgh?ur|couscous|freekeh|einkorn|emmer|triticale|graham flour|farro',
  },
  { code: 'rye', words: 'rye', clear: true },
  { code: 'barley', words: 'barley', clear: true },
  { code: 'barley', words: 'malt(?:ed)?(?! vinegar extract)|maltextract' },
  { code: 'oats', words: 'oats?|oatmeal|oatbran', clear: true },
  { code: 'egg', words: 'eggs?', clear: true },
  { code: 'egg', words: 'albumen|albumin|meringues?|mayonnaise|ovalbumin|e1105|lysozyme' },
  { code: 'milk', words: 'milk|buttermilk|skimmilk', clear: true },
  {
    code: 'milk',
    words:
      'butter|cream|cheese|yogh?urt|whey|casein(?:ate)?s?|ghee|lactose|curds?|quark|paneer|dahi|khoya|mascarpone|ricotta|kefir|cr[eè]me fra[iî]che|fromage frais|dulce de leche|custard',
  },
  { code: 'peanut', words: 'peanuts?', clear: true },
  { code: 'peanut', words: 'groundnuts?|monkey nuts?|arachis' },
  { code: 'soy', words: 'soya|soy|soybeans?|soyabeans?', clear: true },
  { code: 'soy', words: 'tofu|miso|tamari|edamame|tempeh|e322' },
  { code: 'almond', words: 'almonds?', clear: true },
  { code: 'almond', words: 'marzipan|frangipane?|amaretti' },
  { code: 'hazelnut', words: 'hazelnuts?', clear: true },
  { code: 'hazelnut', words: 'filberts?|gianduja|praline' },
  { code: 'walnut', words: 'walnuts?', clear: true },
  { code: 'cashew', words: 'cashews?', clear: true },
  { code: 'pecan', words: 'pecans?', clear: true },
  { code: 'brazilNut', words: 'brazil nuts?|brazils', clear: true },
  { code: 'pistachio', words: 'pistachios?', clear: true },
  { code: 'macadamia', words: 'macadamias?|queensland nuts?', clear: true },
  { code: 'pineNut', words: 'pine ?nuts?|pine kernels?|pignoli' },
  { code: 'coconut', words: 'coconuts?|copra' },
  { code: 'celery', words: 'celery|celeriac', clear: true },
  { code: 'mustard', words: 'mustard', clear: true },
  { code: 'sesame', words: 'sesame', clear: true },
  { code: 'sesame', words: 'tahini|tahina|halva|halwa|gomasio|benne' },
  { code: 'lupin', words: 'lupins?|lupine?', clear: true },
  { code: 'fish', words: 'fish', clear: true },
  { code: 'fish', words: 'anchov(?:y|ies)|cod|salmon|tuna|isinglass' },
  { code: 'crustaceans', words: 'crustaceans?', clear: true },
  { code: 'crustaceans', words: 'prawns?|shrimps?|crabs?|lobsters?|crayfish' },
  { code: 'molluscs', words: 'molluscs?', clear: true },
  { code: 'molluscs', words: 'mussels?|oysters?|squid|clams?|scallops?' },
  { code: 'sulphites', words: 'sul(?:ph|f)ites?|sul(?:ph|f)ur dioxide|meta-?bisul(?:ph|f)ites?|e22[0-8]', clear: true },
]

/** What only sounds like an allergen. Blanked before the words are looked for. */
const sounds = [
  '(?:cocoa|shea|nut|peanut|almond|cashew|hazelnut|apple|plant|vegan|dairy[- ]free|soya?|coconut|sunflower|mango|body|illipe|kokum) butters?',
  'butter ?beans?',
  'butternut(?: squash)?',
  'butterscotch',
  '(?:coconut|oat|rice|almond|soya?|hemp|cashew|hazelnut|pea|plant|nut) (?:milk|cream|yogh?urt|cheese|creamer)s?',
  'coconut (?:milk|cream) powder',
  'cream of tartar',
  'creamed (?:coconut|corn)',
  'nutmeg',
  'water chestnuts?',
  'chestnuts?',
  'buckwheat',
  'egg ?plants?',
  'egg replacers?',
  'vegan (?:cheese|cream|egg|mayonnaise|meringue)s?',
  'oyster mushrooms?',
  'cream crackers?(?= colour)',
  'milk thistle',
  'maltodextrin',
  'maltitol(?: syrup)?',
  'maltose',
  'malt vinegar extract',
  'lactic acid',
  'lactates?',
  'stearoyl lactylates?',
  '(?:plant|pea|rice) (?:based )?custard',
  'custard apple',
  'cod(?:e|ed|ex)',
  'horse ?mussel',
]
/** Inside such a phrase these words still count: "almond butter" is almond, "soya milk" is soya. */
const stillCounts = /\b(?:peanut|almond|cashew|hazelnut|soya?|coconut|oat)\b/i

const bound = (source: string) => new RegExp(`(?<![\\p{L}\\p{N}])(?:${source})(?![\\p{L}\\p{N}])`, 'giu')
const compiled = entries.map(entry => ({ code: entry.code, clear: entry.clear ?? false, pattern: bound(entry.words) }))
const disguise = bound(sounds.join('|'))
/** "milk-free", "free from milk", "no egg": says it is absent, so it names nothing. */
const absent =
  /(?<![\p{L}])[\p{L}]+[- ]free(?![\p{L}])|\b(?:free from|free of|without|contains no|no added|no)\s+[\p{L}]+/giu

export interface Mention {
  code: AllergenCode
  /** Where the word stands in the text. */
  start: number
  end: number
  word: string
  /** Does the word alone tell an eater which allergen it is? */
  clear: boolean
}

const remembered = new Map<string, readonly Mention[]>()
const mostRemembered = 20_000

/** Every word in `text` that gives an allergen away, in order. Absence of a mention proves nothing. */
export function mentions(text: string): readonly Mention[] {
  const known = remembered.get(text)
  if (known) return known
  if (remembered.size >= mostRemembered) remembered.clear()
  const found = look(text)
  remembered.set(text, found)
  return found
}

function look(text: string): Mention[] {
  const sober = text
    .replace(absent, phrase => ' '.repeat(phrase.length))
    .replace(disguise, phrase => {
      const kept = stillCounts.exec(phrase)
      return kept ? phrase.slice(0, kept.index + kept[0].length).padEnd(phrase.length) : ' '.repeat(phrase.length)
    })
  const found: Mention[] = []
  for (const { code, clear, pattern } of compiled)
    for (const match of sober.matchAll(pattern))
      found.push({ code, start: match.index, end: match.index + match[0].length, word: match[0], clear })
  return found.sort((a, b) => a.start - b.start || b.end - a.end)
}
