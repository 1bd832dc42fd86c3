// Food as it is written in haste: "dbl crm", "btr", "cornflr", "flaked alm.". What stands for it counts as the word itself.
// Common practice of kitchens, no published source.
import { asWritten, type PlacedText, replaced } from '../words/replaced'

/** Words that are written without their vowels. */
const worn =
  'butter cream milk cheese custard flour barley almond hazelnut walnut pecan cashew sesame sugar caster double single powder biscuit sponge yogurt buttermilk breadcrumb'
/** Words that are cut short, and those of which no rule tells. */
const cut: readonly (readonly [short: string, full: string])[] = [
  ['corn ?fl?r', 'cornflour'],
  ['condensed(?=\\s*(?:$|[,;.)\n]))', 'condensed milk'],
  ['wht(?= ?choc)', 'white'],
  ['wht(?! (?:choc|sug|sgr|rice|vin|pep))', 'wheat'],
  ['alms?|almds?', 'almond'],
  ['haz|hzl|haz ?nuts?', 'hazelnut'],
  ['walns?', 'walnut'],
  ['pecs?', 'pecan'],
  ['pists?|pistachs?', 'pistachio'],
  ['p[.-]?nut', 'peanut'],
  ['bisc|biscs|bics', 'biscuit'],
  ['ww(?= fl)', 'whole wheat'],
  ['sgl', 'single'],
  ['marg', 'margarine'],
  ['s\\.?r\\.?(?=\\s*(?:$|[,;)(/\n]))', 'self-raising flour'],
  ['dble', 'double'],
  ["b[’']?wheat", 'buckwheat'],
  [
    'v\\.?(?= (?:finely|soft(?:ly)?|cold|warm|hot|ripe|fresh|thin(?:ly)?|coarse(?:ly)?|dark|lightly|well)(?!\\p{L}))',
    'very',
  ],
  ["b[’']milk", 'buttermilk'],
  // "let it mature", "the butt end" are neither: only what is weighed
  ['(?<=\\d ?(?:k?g|oz|lbs?) )butt(?=\\s*(?:$|[,;.)\n]))', 'butter'],
  ['(?<=\\d ?(?:k?g|oz|lbs?) )(?:ex(?:t|tra)?\\.? )?mature(?=\\s*(?:$|[,;.)\n]))', 'mature cheese'],
]
/** "butter" as "bttr" and "btr". */
const withoutVowels = (word: string): string[] => {
  const bare = word[0]! + word.slice(1).replace(/[aeiou]/g, '')
  return [...new Set([bare, bare.replace(/(.)\1/g, '$1')])].filter(short => short.length > 2 && short !== word)
}
const bound = (short: string) => new RegExp(`(?<![\\p{L}\\p{N}’'-])(?:${short})(?![\\p{L}\\p{N}’'])`, 'giu')
const table = [...worn.split(' ').map(word => [`(?:${withoutVowels(word).join('|')})s?`, word] as const), ...cut]
const meant = table.map(([short, full]) => ({ pattern: bound(short), full }))
const anyShort = new RegExp(bound(table.map(([short]) => short).join('|')).source, 'iu')

/** The text with every such word in full; the very same where there is none. */
export const inFull = (given: PlacedText): PlacedText =>
  anyShort.test(given.text)
    ? meant.reduce((text, { pattern, full }) => replaced(text, pattern, () => full), given)
    : given

/** What is found in the text when its words stand in full, each where it is written in the text. */
export function foundInFull<T extends { start: number; end: number }>(text: string, find: (full: string) => T[]): T[] {
  if (!anyShort.test(text)) return find(text)
  const full = inFull(asWritten(text))
  return find(full.text).map(one => {
    const [start, end] = [full.at[one.start]!, full.at[one.end]!]
    return { ...one, start, end, word: text.slice(start, end) }
  })
}
