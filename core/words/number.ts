// Numbers as people type and write them: "1½", "1 1/2", "one and a half", "1,000", "1.234,50", "3,40". One reader for every
// field of the application; a text that is longer than its number is read by `readNumber`.

const vulgar: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/** One plain spelling of what people type: "1½" as "1 1/2", one kind of dash, single spaces. */
export const plainly = (text: string): string =>
  text
    .replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g, sign => ` ${vulgar[sign]} `)
    .replace(/⁄/g, '/')
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\u00a0\u2000-\u200b\u202f\ufeff]/g, ' ')
    .replace(/×/g, 'x')
    .replace(/…/g, '...')
    .replace(/(\d)\s+\/\s+(\d)/g, '$1 / $2')
    .replace(/\s+/g, ' ')
    .trim()

const words: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
}
export const parts: Record<string, number> = {
  half: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8,
}
export const partWord = 'halves|half|thirds?|quarters?|eighths?'
const wholeWord = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve'

const wholeAndPart = new RegExp(`^(${wholeWord}|an?|1) and (?:a |an )?(one |two |three )?(${partWord})(?![a-z])`, 'i')
const partOfOne = new RegExp(`^(?:(${wholeWord}|an?)[ -])?(${partWord})(?: of)?(?: an?)?(?![a-z])`, 'i')
const wholeOnly = new RegExp(`^(?:a dozen|dozen|${wholeWord}|an?)(?![a-z-])`, 'i')
export const plainNumber = new RegExp(`^(?:\\d|(?:${wholeWord})(?![a-z]))`, 'i')

export interface Read<T> {
  value: T
  rest: string
}
export const read = <T>(value: T, text: string, used: string): Read<T> => ({ value, rest: text.slice(used.length) })

/** A number at the start of plain text, or null. */
export function readNumber(text: string): Read<number> | null {
  let match = /^half a dozen(?: of)?(?![a-z])/i.exec(text)
  if (match) return read(6, text, match[0])
  match = /^(two|three|four|five|six|[2-9]|10) dozen(?: of)?(?![a-z])/i.exec(text)
  if (match) return read(12 * (words[match[1]!.toLowerCase()] ?? Number(match[1])), text, match[0])
  match = /^a pair of(?![a-z])/i.exec(text)
  if (match) return read(2, text, match[0])
  match = /^(\d+)(?:\s+and\s+|\s*&\s*|\s+|-\s?)(\d+)\/(\d+)(?![\d/])/i.exec(text)
  if (match && Number(match[2]) < Number(match[3]))
    return read(Number(match[1]) + Number(match[2]) / Number(match[3]), text, match[0])
  match = /^(\d+)\/([1-9]\d*)(?![\d/])/.exec(text)
  if (match) return read(Number(match[1]) / Number(match[2]), text, match[0])
  match = /^\d{1,3}(?:,\d{3})+(?:\.\d+)?(?![\d,])/.exec(text)
  if (match) return read(Number(match[0].replace(/,/g, '')), text, match[0])
  match = /^(?:\d+(?:[.,]\d+)?(?:e\d+)?|\.\d+)/i.exec(text)
  if (match) return read(Number(match[0].replace(',', '.')), text, match[0])
  match = wholeAndPart.exec(text)
  if (match) {
    const times = match[2] ? words[match[2].trim().toLowerCase()]! : 1
    return read(words[match[1]!.toLowerCase()]! + times * parts[match[3]!.toLowerCase()]!, text, match[0])
  }
  match = partOfOne.exec(text)
  if (match)
    return read(
      (match[1] ? words[match[1].toLowerCase()]! : 1) * (parts[match[2]!.toLowerCase()] ?? 1 / 2),
      text,
      match[0],
    )
  match = /^(?:a )?(?:couple)(?: of)?(?![a-z])/i.exec(text)
  if (match) return read(2, text, match[0])
  match = wholeOnly.exec(text)
  if (match) return read(words[match[0].toLowerCase().replace('a dozen', 'dozen')]!, text, match[0])
  return null
}

/** The number as an exact decimal string, or null. One comma before three digits is taken as thousands. */
export function readDecimal(text: string): string | null {
  const bare = text
    .replace(/[\s\u00a0\u202f']/g, '')
    .replace(/^[£€$¥]|[£€$¥%]$|^(?:GBP|EUR|USD|CAD|AUD|NZD)|(?:GBP|EUR|USD|CAD|AUD|NZD)$/gi, '')
  if (!/^\d[\d.,]*$|^[.,]\d+$/.test(bare)) return null
  const comma = bare.lastIndexOf(',')
  const point = bare.lastIndexOf('.')
  let plain: string
  if (comma >= 0 && point >= 0)
    plain = comma > point ? bare.replace(/\./g, '').replace(',', '.') : bare.replace(/,/g, '')
  else if (comma >= 0)
    // a nought leads no thousands: "0,125" is an eighth
    plain = /^[1-9]\d{0,2}(?:,\d{3})+$/.test(bare)
      ? bare.replace(/,/g, '')
      : bare.split(',').length === 2
        ? bare.replace(',', '.')
        : ''
  else plain = bare.split('.').length > 2 ? (/^\d{1,3}(?:\.\d{3})+$/.test(bare) ? bare.replace(/\./g, '') : '') : bare
  return /^\d*\.?\d+$|^\d+\.?$/.test(plain) ? plain.replace(/^\./, '0.').replace(/\.$/, '') : null
}

/** "1,000" may be a thousand or one, to three places: only who typed it knows. Behind a nought it is no thousand. */
const couldBeBoth = /^\s*([1-9]\d{0,2}),(\d{3})(?![\d.,])/

/** The question to ask where a comma could mean both; '' where it cannot. */
export function commaDoubt(text: string): string {
  const both = couldBeBoth.exec(text)
  if (!both) return ''
  const [said, whole = '', rest = ''] = both
  return `“${said.trim()}” could be ${whole}${rest} or ${whole}.${rest.replace(/0+$/, '') || '0'}: write the one you mean.`
}

/** The exact decimal a field holds, "3.40"; null where it holds nothing, no number, or one that could be two. */
export function typedDecimal(text: string): string | null {
  if (commaDoubt(text) !== '') return null
  const decimal = readDecimal(text.trim())
  if (decimal !== null) return decimal
  const plain = plainly(text)
  const fraction = /^(?:\d+ )?\d+\/\d+$/.test(plain) ? readNumber(plain) : null
  return fraction && fraction.rest === '' && Number.isFinite(fraction.value) ? String(fraction.value) : null
}

/** The number a field holds; NaN where it holds nothing, no number, or one that could be two (`commaDoubt` asks). */
export function typedNumber(text: string): number {
  if (/^\s*\d+(?:\.\d+)?e\d{1,3}\s*$/i.test(text)) return Number(text)
  const minus = /^\s*[-−]/.exec(text)
  const decimal = typedDecimal(minus ? text.slice(minus[0].length) : text)
  return decimal === null ? Number.NaN : minus ? -Number(decimal) : Number(decimal)
}
