// One spelling of what people write, before any of it is read: number words, lost fraction bars, letters typed for figures, units
// of every kitchen. Every sign of it knows where it stands in what was written. Common practice, no published source.
import { isKnownFood } from '../ingredient/knownFood'
import { inFull } from '../ingredient/shorthand'
import { plainly } from '../words/number'
import { rememberedByText } from '../words/remembered'
import { asWritten, type PlacedText, replaced } from '../words/replaced'
import { dottedUnit } from './sentences'
import { ofOtherTongues } from './tongues'

const ones =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  )
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')
const numberWord = [...ones.slice(1), ...tens, 'hundred', 'thousand'].join('|')
/** Up to a thousand in words; NaN where the words do not go together. */
function wordsToNumber(said: string): number {
  let whole = 0
  let part = 0
  let last = Number.POSITIVE_INFINITY
  for (const word of said.toLowerCase().split(/[\s-]+/)) {
    if (word === 'and') continue
    if (word === 'a' || word === 'an') part = 1
    else if (word === 'thousand') {
      whole += (part || 1) * 1000
      part = 0
      last = 1000
    } else if (word === 'hundred') {
      part = (part || 1) * 100
      last = 100
    } else {
      const value = ones.includes(word) ? ones.indexOf(word) : (tens.indexOf(word) + 2) * 10
      // "twenty five" goes together, "two four" does not
      if (value >= last || (last < 100 && last % 10 !== 0)) return Number.NaN
      part += value
      last = value
    }
  }
  return whole + part
}

/** The unit written in full or short, in English; what follows a number for it to be one in words or in letters. */
const english =
  'k?gs?|gr(?:s|am(?:me)?s?)?|gms?|kilo(?:gram(?:me)?)?s?|mgs?|mls?|mils?|millilit(?:re|er)s?|cl|dl|l|lit(?:re|er)s?|oz|ounces?|lbs?|pounds?|fl\\.? ?oz|pints?|cups?|c|tbsps?|tbs?|tblsps?|tblspns?|tbspns?|tablespoon(?:ful)?s?|tsps?|tspns?|teaspoon(?:ful)?s?|dsps?|dessert ?spoon(?:ful)?s?|pinch(?:es)?|dash(?:es)?|drops?|sticks?'
const measured = `(?:${english}|min(?:ute)?s?|hours?|hrs?|secs?|seconds?|days?|weeks?|months?|degrees?|°|cm|mm|inch(?:es)?|percent)`
const unitAhead = `(?=\\s?(?:${english})(?![\\p{L}\\d]))`
const numberInWords = new RegExp(
  `(?<![\\p{L}\\d])((?:an? (?=hundred|thousand))?(?:${numberWord})(?:(?: and |[ -])(?:${numberWord}))*)(?=[ -]${measured}(?![\\p{L}\\d]))`,
  'giu',
)
/** "thirty-five to forty minutes": the first of a range, whose last has the unit. */
const rangeInWords = new RegExp(
  `(?<![\\p{L}\\d])((?:${numberWord})(?:[ -](?:${numberWord}))*)(?= (?:to|or) (?:\\d+|(?:${numberWord})(?:[ -](?:${numberWord}))*)[ -]${measured}(?![\\p{L}\\d]))`,
  'giu',
)
const manyOf = new RegExp(
  `(?<![\\p{L}\\d])((?:an? (?=hundred))?(?:${numberWord})(?:(?: and |[ -])(?:${numberWord}))*)(?= of \\p{L})`,
  'giu',
)
/** "five hundred icing sugar", "three fifty butter": as it is said aloud, of what is weighed. */
const spokenOf = new RegExp(
  `(?<![\\p{L}\\d])((?:an? |(?:${ones.slice(1, 10).join('|')}) )?hundred(?: and)?(?:[ -](?:${numberWord})){0,2}|(${ones.slice(1, 10).join('|')}) ((?:${[...ones.slice(10), ...tens].join('|')})(?:[ -](?:five|${ones.slice(1, 5).join('|')}))?))(?= (?:of (?:the |our |your )?)?(?:gluten[- ]free |plain |good |soft |dark |light )?(\\p{L}+)(?: (\\p{L}+))?)`,
  'giu',
)
const slip = new RegExp(`(?<![\\p{L}\\d.,/])([lI](?=\\s)|(?=[\\dOolI]*\\d)[\\dOolI]+)${unitAhead}`, 'giu')
const lostBar = new RegExp(`(?<![\\d./,])(\\d{1,2})([12357])/([2348])${unitAhead}`, 'giu')
const partInWords =
  /(?<![\d./,]|and )(\d{1,2}|one|two|three|five) (thirds?|quarters?|halves|half|eighths?)(?= |$)(?! (?:of an )?hours?\b)/giu
const partOf: Record<string, number> = {
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  half: 2,
  halves: 2,
  eighth: 8,
  eighths: 8,
}
const counts: Record<string, string> = { one: '1', two: '2', three: '3', five: '5' }
/** "1 200 g" is a thousand and more; "1 400 g tin" is one tin. */
const thousands =
  /(?<![\d.,/] ?)([1-9]) (\d{3})(?=\s?(?:g|ml|gr|grams?|grammes?)(?![\p{L}\d]))(?!\s?\p{L}+\s+(?:tins?|cans?|jars?|packs?|packets?|bags?|bars?|blocks?|cartons?|tubs?|pots?|punnets?|bottles?)\b)/giu
/** "1'200 g", as some write a thousand. */
const apostrophe = /(?<=(?<![\d.,'’])\d{1,3})['’](?=\d{3}\s?(?:g|ml|gr|grams?|grammes?)(?![\p{L}\d]))/gu
const andPart = /(?<=\p{L}) & (?=(?:an? )?(?:half|quarter|third)\b)/giu

/** Units of other kitchens and other spellings, behind a number. */
const spelled: readonly (readonly [unit: string, words: string])[] = [
  [
    'tbsp',
    'tblspns?|tbspns?|tbl\\.? ?spoons?|EL|Essl[öo]ffeln?|E[ßs]löffel|eetlepels?|el|msk|matskedar?|spsk|spiseskefulde?|spiseskjeer?|ss|rkl|ruokalusikallis\\p{L}*|c(?:uill(?:[eè]r(?:ées?|es?)?)?|\\.)? ?[àa] ?s(?:oupe|\\.)?|c[àa]s|cs|cucchiaiate?|cucchiai|cucchiaio|cucharadas?(?: soperas?)?|cdas?|colher(?:es)? (?:de|\\(de\\)) sopa|łyżk[aięi]|łyżek|lžíc[ei]|lžic|PL|κ\\.? ?σ\\.?|κουταλι(?:ά|ές) (?:της )?σούπας|ст\\. ?л\\.?|ст\\. ?ложк\\p{L}*|стол\\p{L}+ лож\\p{L}+|ложк[аиу]',
  ],
  [
    'tsp',
    "tspns?|tea ?spns?|TL|Teel[öo]ffeln?|theelepels?|tl|tsk|teskedar?|teskefulde?|teskjeer?|teelusikallis\\p{L}*|c(?:uill(?:[eè]r(?:ées?|es?)?)?|\\.)? ?[àa] ?(?:c(?:af[ée]|\\.)?|th[ée])|c[àa]c|cc(?= d[e’'])|cucchiain[io]|cucharaditas?|cdtas?|colher(?:es)? (?:de|\\(de\\)) ch[áa]|łyżeczk[aię]|łyżeczek|lžičk[aky]|lžiček|ČL|κ\\.? ?γ\\.?|κουταλάκι\\p{L}*|ч\\. ?л\\.?|ч\\. ?ложк\\p{L}*|чайн\\p{L}+ лож\\p{L}+",
  ],
  [
    'cup',
    'Tassen?|tasses?|tazz[ae]|tazas?|kop(?:jes|pen)?|xícaras?|chávenas?|szklank[aię]|szklanek|hrn(?:ek|ky|ku|ků)|φλιτζάνι\\p{L}*|стакан\\p{L}*|склянк\\p{L}+',
  ],
  [
    'pinch',
    'Prisen?|Msp\\.?|Messerspitzen?|pinc[ée]es?|pizzic(?:o|hi)|pizcas?|pitadas?|snuf(?:je)?s?|mespunt(?:je)?|szczypt[aęy]|špetk[auy]|nyp[ao]r?|krm|kryddmått|hyppyselli\\p{L}+|πρέζα|щепот\\p{L}+|дрібк\\p{L}+|щіпк\\p{L}+',
  ],
  ['g', 'Gramm|grammi|gramos?|gramas?|gram(?:y|ów|ů|mes)?|grammaa|гр\\.?|г\\.?|грамм?\\p{L}*|γρ\\.?|γραμμ\\p{L}+'],
  ['kg', 'Kilo(?:gramm)?|kil[oó](?:s|gramos?)?|кг\\.?|κιλ\\p{L}+'],
  ['ml', 'mils?|мл\\.?|Milliliter|millilitri|mililitros?|ml\\.'],
  ['l', 'Liter|litr[oiy]|litros?|л\\.?'],
  [
    'sachet',
    'Päckchen|Pck\\.?|Packung(?:en)?|Beutel|bustin[ae]|sachets?|zakjes?|sobres?|paquetes?|paquets?|opakowani\\p{L}+|toreb\\p{L}+|saszet\\p{L}+|sáč\\p{L}+|paket|пакетик\\p{L}*|пачк\\p{L}+',
  ],
  [
    '',
    'nos?\\.?(?= \\p{L})|nos\\.?$|pcs?\\.?|ea\\.?(?= \\p{L}|$)|Stück|Stk\\.?|stuks?|pezzi|piezas?|sztuk[ai]?|шт\\.?|τεμ\\.?',
  ],
]
const figure = '(?<=(?:\\d|[½⅓⅔¼¾⅛])\\s?)'
const joins = "(?:\\s+(?:de la |de l[’']|del |de |d[’']\\s?|di |do |da |von |van |of |z ))?"
const units = spelled.map(([unit, words]) => ({
  unit,
  pattern: new RegExp(
    `${figure}(?<![\\p{L}])(?:${words})(?![\\p{L}\\d])\\.?${joins}\\s*`,
    unit === 'tbsp' || unit === 'tsp' ? 'gu' : 'giu',
  ),
}))
/** "una pizca", "eine Prise": one of them. */
const foreignOne = new RegExp(
  `^(?:une|un|una|uno|eine?n?|een|ett|jedna|одна|один|μία)\\s+(?=(?:${spelled.map(([, words]) => words).join('|')})(?![\\p{L}\\d]))`,
  'giu',
)
const foreignManner = new RegExp(
  `${figure}(?:gestr(?:\\.|ichene?r?)|geh(?:\\.|äufte?r?)|gr\\.(?= EL| TL)|rases?|bomb[ée]es?|colm[oai]|rasas?|płask\\p{L}+|czubat\\p{L}+|afgestreken|volle)\\s+`,
  'giu',
)
/** "½ lb. butter", "6 oz. Sugar"; but "add 6 oz. Mix well". */
const dotBehindUnit = new RegExp(
  `(?<=(?:\\d|[½⅓⅔¼¾⅛])\\s?(?:fl\\.?\\s)?)(${dottedUnit}|k?g|m?l|[CcTt]|cups?)\\.(?=\\s+(?:\\p{Ll}|(\\p{Lu}\\p{L}+(?: \\p{L}+)?)))`,
  'gu',
)
/** "200 g de farine", "25 cl d’huile". */
const ofMetric =
  /(?<=\d\s?(?:k?g|ml|cl|dl|l)\.?\s)(?:de la |de l[’']|del |de |d[’']\s?|di |do |da |von |van )(?=\p{L})/giu
/** "big pinch sea salt": one such. */
const sizedPinch = /^(?=(?:big|good|large|generous|small|tiny) (?:pinch|splash|dash|drop)(?![\p{L}]))/giu
/** "a good half block": half a block. */
const sizedPart =
  /(?<=(?:^|[\s(])an? )(?:good|generous|decent|big|small|scant|full|bare) (?=(?:half|quarter|third)(?![\p{L}]))/giu
const citrus = '(?:(?:large|small|unwaxed|whole|big) )?(?:lemon|lime|orange|grapefruit|clementine|mandarin)s?'
const count = `(?:\\d|½|an? |one |two |half )`
/** "juice/zest 1 lemon", "zest & juice 2 limes". */
const bothParts = new RegExp(
  `(?<!\\p{L})(?:juice ?(?:/|&|\\+|and) ?zest|zest ?(?:/|&|\\+|and) ?juice) (?:of )?(?=${count}[^,;]{0,9}?${citrus})`,
  'giu',
)
/** "zest 3 limes": of three limes. */
const partWithoutOf = new RegExp(`(?<!\\p{L})(?:zest|juice|rind) (?=${count}[^,;]{0,2}?${citrus})`, 'giu')
/** "vier Eier", "trois œufs": what is counted in words of other tongues, where food stands behind it. */
const abroad: Record<string, string> = {
  ...{ zwei: '2', drei: '3', vier: '4', fünf: '5', sechs: '6', acht: '8', zehn: '10' },
  ...{ deux: '2', trois: '3', quatre: '4', cinq: '5', huit: '8' },
  ...{ quattro: '4', cinque: '5', dos: '2', tres: '3', cuatro: '4', cinco: '5', seis: '6' },
  ...{ twee: '2', drie: '3', vijf: '5', zes: '6', två: '2', fyra: '4', fem: '5', dwa: '2', trzy: '3', cztery: '4' },
}
const numbersAbroad = new RegExp(
  `(?<=^\\s*|[,;(+]\\s*|(?<!\\p{L})(?:und|et|y|e|och|en|i|con|mit|avec)\\s)(${Object.keys(abroad).join('|')})(?= (?!leches)(\\p{L}+(?: \\p{L}+)?))`,
  'giu',
)
const ground = /(?<!\p{L})gr(?:’|')?d\.?(?= \p{L})/giu
const known = /[\p{L}\d]/u

/** Nobody writes a line or a sentence that is longer, in letters; what is behind stays as it is. */
const longest = 2000
/** What is written, as it is read. Signs keep their order; see `Normal.at`. */
export function normalised(source: string): PlacedText {
  if (source.length > longest) {
    const head = normalised(source.slice(0, longest))
    const { length } = source
    return {
      text: head.text + source.slice(longest),
      at: [...head.at.slice(0, -1), ...Array.from({ length: length - longest + 1 }, (_, index) => longest + index)],
    }
  }
  let normal = asWritten(source)
  if (!known.test(source)) return normal
  normal = replaced(normal, /[\u00a0\u2000-\u200b\u202f\ufeff]/g, () => ' ')
  normal = replaced(normal, foreignOne, () => '1 ')
  normal = replaced(normal, /(?<=\d\s?|[½¼¾⅓⅔⅛]\s?)fl\.\s?oz(?!\p{L})/giu, () => 'fl oz')
  normal = replaced(normal, dotBehindUnit, (said, unit = '', next = '') =>
    next === '' || isKnownFood(next) ? unit : said,
  )
  for (const { english, pattern } of ofOtherTongues) normal = replaced(normal, pattern, () => english)
  if (/\d|[½⅓⅔¼¾⅛]|(?<!\p{L})[lI] /u.test(normal.text)) {
    normal = replaced(normal, foreignManner, () => '')
    for (const { unit, pattern } of units) normal = replaced(normal, pattern, () => (unit ? ` ${unit} ` : ' '))
    normal = replaced(normal, ofMetric, () => '')
    normal = replaced(normal, slip, said => said.replace(/o/gi, '0').replace(/[li]/gi, '1'))
    normal = replaced(normal, lostBar, (said, whole = '', above = '', below = '') =>
      Number(above) < Number(below) ? `${whole} ${above}/${below}` : said,
    )
    normal = replaced(normal, apostrophe, () => '')
    normal = replaced(normal, thousands, (_, thousand = '', rest = '') => `${thousand}${rest}`)
  }
  for (const pattern of [rangeInWords, numberInWords])
    normal = replaced(normal, pattern, said => {
      const value = wordsToNumber(said)
      return Number.isNaN(value) ? said : String(value)
    })
  // "a hundred and fifty of sugar": so many of a thing that is weighed; "one of the eggs" stays as it is
  normal = replaced(normal, manyOf, said => {
    const value = wordsToNumber(said)
    return value >= 20 ? String(value) : said
  })
  normal = replaced(normal, spokenOf, (said, whole = '', hundreds = '', rest = '', first = '', second = '') => {
    if (!isKnownFood(first) && !(second && isKnownFood(`${first} ${second}`))) return said
    const value = hundreds
      ? ones.indexOf(hundreds.toLowerCase()) * 100 + wordsToNumber(rest)
      : wordsToNumber(whole.trim())
    return Number.isNaN(value) ? said : String(value)
  })
  normal = replaced(normal, partInWords, (said, count = '', part = '') => {
    const number = counts[count.toLowerCase()] ?? count
    return Number(number) < partOf[part.toLowerCase()]! ? `${number}/${partOf[part.toLowerCase()]}` : said
  })
  normal = replaced(normal, ground, () => 'ground')
  normal = replaced(normal, bothParts, () => 'zest and juice of ')
  normal = replaced(normal, partWithoutOf, said => `${said}of `)
  normal = replaced(normal, numbersAbroad, (said, _, next = '') =>
    isKnownFood(next) ? abroad[said.toLowerCase()]! : said,
  )
  normal = inFull(normal)
  normal = replaced(normal, andPart, () => ' and ')
  normal = replaced(normal, sizedPinch, () => 'a ')
  normal = replaced(normal, sizedPart, () => '')
  return normal
}

/** The text alone, with its signs made plain. */
export const normal: (source: string) => string = rememberedByText(source => plainly(normalised(source).text))
