// A table of answers, as suppliers print it: names, each with a yes, a no or a maybe, whatever parts its rows and its cells.
import { namesFood } from './lexicon'

const yes =
  /^(?:yes|y|present|contains?|contained|added|found|detected|positive|declared|(?=[\d.,]*[1-9])\d[\d.,]* ?(?:mg\/kg|ppm|%|µg\/g|mg\/l)(?: (?:found|detected|measured|declared))?|in (?:it|recipe)|✓|✔|x|true|1)$/i
const no = /^(?:no|n|none|absent|not (?:present|added|contained|used|in (?:it|recipe))|free|nil|✗|✘|×|–|-|false|0)$/i
/** Nobody looked, nobody says, or a test found less than it can see: all of it unknown. */
const notLooked =
  '(?:not|never|un|non)[- ]?(?:analy[sz]ed|determined|assessed|declared|stated|established|evaluated|checked|verified|measured|applicable|available|provided|given|disclosed|specified|detect(?:ed|able)|tested|known)|no (?:data|info(?:rmation)?|results?|details?|records?|statement|answer)|n\\/[ad]|nd|pending|awaiting|under review|to follow|(?:below|under|less than) (?:the )?(?:loq|lod|limits?|detection)|< ?\\d[\\d.,]*(?: ?(?:mg\\/kg|ppm|%))?'
const unlooked = new RegExp(`^(?:${notLooked})(?![\\p{L}])`, 'iu')
const maybe =
  /^(?:may(?: contain| be present| contain traces)?|may contain .*|traces?.*|possible.*|unknown.*|not known|not sure|unsure|untested|not tested|tbc|to be confirmed|(?:cannot be|not) (?:excluded|ruled out|guaranteed|confirmed).*|cross[- ].*|(?:handled|used|stored|processed|packed|present) (?:on|in|at|here|there).*|on (?:site|the (?:line|premises)).*|\?)$/i
/** Handled nowhere near it: a promise, and proof of nothing. */
const notNear = /^not (?:handled|stored|processed|packed|kept|present)\b.*$/i
/** Each name with what its answer says: in it, maybe in it, not in it. */
export interface Answers {
  contains: string[]
  may: string[]
  other: string[]
}
/** Answers as they stand in a table, the longer before what they begin with. */
const short = `may contain(?: traces)?|may be present|traces?|possibl[ey]|unknown|not known|not sure|unsure|untested|not tested|tbc|to be confirmed|${notLooked}|not (?:present|added|contained|used)|cross[- ]?contact|(?:present|handled|used|stored) (?:on|in) (?:the )?(?:same )?(?:site|line|factory)|on (?:site|the (?:same )?line)|absent|present|contain(?:s|ed)|added|none|nil|yes|no|y|n|[✓✔✗✘×]`
/** "Allergens:" before the first answer. */
const headOfAnswers = new RegExp(
  `^\\s*(?:the )?allerg(?:y|ens?)(?: \\p{L}+){0,2}:\\s*(?=\\p{L}[\\p{L} ()/&]{1,60}\\s*(?:[:=|–-]\\s|(?:${short})(?![\\p{L}-])))`,
  'iu',
)
const nextAnswer = new RegExp(
  `[\\s,;|/.•·]*(\\p{L}[\\p{L} ()/&’'-]{1,60}?)(?:\\s*[:=|?]\\s*|\\s+[–-]\\s+|\\s+)(${short})(?![\\p{L}-])(?:\\s*\\(([^()]{0,60})\\))?`,
  'iuy',
)
/** "Y = contains, N = does not contain, P = may contain": what a sign stands for, and each sign with it. */
const meaning =
  /(?<![\p{L}\p{N}])([\p{Lu}\d+✓✔✗✘×•●○–-]{1,3})\s*[=:]\s*(contains?|contained|present|yes|in (?:the )?(?:product|recipe)|does not contain|not (?:present|contained)|absent|free(?: from)?|no|may (?:contain|be present)|traces?|possible|cross[- ]?contact|unknown)(?![\p{L}])[\s,;|.]*/giu
const mostSigns = 12
/** A table with the key to its signs, in plain answers. */
function spelledOut(text: string): string {
  const keys = [...text.matchAll(meaning)].filter(one => !namesFood(one[1]!))
  if (keys.length < 2 || keys.length > mostSigns) return text
  // "Egg: may contain" is no key, and stays
  const bare = text
    .replace(meaning, (all, sign: string) => (namesFood(sign) ? all : ' '))
    .replace(/\(\s*\)|^\s*(?:key|legend)?\s*[:(|]*/gi, '')
  return keys.reduce((said, [, sign = '', stands = '']) => {
    const word = /^(?:does not|not|absent|free|no)/i.test(stands)
      ? 'no'
      : /^(?:contain|present|yes|in)/i.test(stands)
        ? 'yes'
        : 'may contain'
    const quoted = sign.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
    return said.replace(new RegExp(`([:=|\\s])${quoted}(?=\\s*(?:$|[|/,;.\\n]|\\s\\p{L}))`, 'gu'), `$1${word}`)
  }, bare)
}
/** "[x] Milk [ ] Egg", "Milk ☒ Egg ☐": a ticked box is a yes, and one left empty a no. Where none is ticked nobody filled it in. */
const box = '\\[[ xX✓✔_-]?\\]|[☐☑☒✅]'
const boxFirst = new RegExp(`(${box})\\s*(\\p{L}[^\\[\\]☐☑☒✅]{1,60}?)[\\s,;|]*(?=${box}|$)`, 'gu')
const boxBehind = new RegExp(`(\\p{L}[^\\[\\]☐☑☒✅]{1,60}?)[\\s:]*(${box})[\\s,;|]*`, 'gu')
const isTicked = (sign: string) => /[xX✓✔☑☒✅]/.test(sign)
function unboxed(text: string): string {
  const whole = text.trim()
  const row = (name: string, sign: string) => `${name.trim()}: ${isTicked(sign) ? 'yes' : 'no'}`
  for (const [pattern, sign, name] of [
    [boxFirst, 1, 2],
    [boxBehind, 2, 1],
  ] as const) {
    const all = [...whole.matchAll(pattern)]
    if (
      all.length > 1 &&
      all.some(one => isTicked(one[sign]!)) &&
      all.every(one => namesFood(one[name]!)) &&
      all.reduce((sum, one) => sum + one[0].length, 0) >= whole.length
    )
      return all.map(one => row(one[name]!, one[sign]!)).join('; ')
  }
  return text
}
/** "Egg: NO Milk: YES Soya: TRACE": a whole text of names with an answer each, whatever parts them; null where it is anything else. */
export function answersIn(text: string): Answers | null {
  const rest = unboxed(spelledOut(text)).replace(headOfAnswers, '')
  const read: Answers = { contains: [], may: [], other: [] }
  let pairs = 0
  nextAnswer.lastIndex = 0
  for (let end = 0; ; pairs++) {
    const found = nextAnswer.exec(rest)
    if (!found) return pairs > 1 && !/[\p{L}\p{N}]/u.test(rest.slice(end)) ? read : null
    end = nextAnswer.lastIndex
    const [, name = '', answer = '', beside = ''] = found
    const freeFrom = isFreeFrom.exec(name)?.[1]
    if (!namesFood(freeFrom ?? name) || (!freeFrom && sentenceInName.test(name))) return null
    const { kind, text: said } = heard(name, answer, beside) ?? { kind: 'may' as const, text: name }
    read[kind].push(said)
  }
}
/** What one row says; null where its answer is none. What a bracket says is nearer: "Milk ✗ (shared line)", "Gluten: yes (wheat)". */
function heard(name: string, answer: string, beside: string): { kind: keyof Answers; text: string } | null {
  const freeFrom = isFreeFrom.exec(name)?.[1]
  const text = [freeFrom ?? name, ...(beside ? [`(${beside})`] : [])].join(' ')
  const denied = { kind: 'other' as const, text: `${name}: ${answer}${beside ? ` (${beside})` : ''}` }
  const doubtful = notSure.test(beside) || (stillThere.test(beside) && !neither.test(beside)) || namesFood(beside)
  // "Nut free: no" is a warning, and so is "nut free: unknown"
  if (freeFrom) {
    if (yes.test(answer) && !doubtful) return denied
    return yes.test(answer) || no.test(answer) || isMaybe(answer) ? { kind: 'may', text } : null
  }
  if (yes.test(answer)) return { kind: 'contains', text }
  const none = no.test(answer) || notNear.test(answer)
  if (none && !doubtful) return denied
  return none || isMaybe(answer) ? { kind: 'may', text } : null
}
const isMaybe = (answer: string) => maybe.test(answer) || unlooked.test(answer)
const isFreeFrom = /^(.*\p{L})[- ]free$/iu
const stillThere =
  /\b(?:shared?|lines?|trac\p{L}*|sites?|may|factory|equipment|kitchen|bakery|mill|handl\p{L}*|us(?:es?|ed|ing)|stor(?:es?|ed|ing)|pack\p{L}*|process\p{L}*|bakes?|made|both|them|they|but|except\p{L}*)\b/iu
/** "no (not used here)" */
const neither = /^(?:not|never|no|none|nor|free)\b/iu
/** "no (not guaranteed)", "no (untested)" */
const notSure =
  /\b(?:not|never|no|un)[ -]?(?:\p{L}+ )?(?:guarantee\p{L}*|sure|certain\p{L}*|tested|known|check\p{L}*|confirm\p{L}*|exclud\p{L}*|ruled|analy[sz]ed|verified|proof|assessed)\b|\?$/iu
/** Not a name, but something said: "contains" of "This contains milk". */
const sentenceInName = /\b(?:contain\p{L}*(?! gluten)|may|is|are|has|made|with|from|free|no|not|without)\b/iu
/** "Milk: yes. Eggs: no. Nuts: may be present": a table of answers, or null. A head may stand before the first. */
export const answered = (sentence: string) =>
  answeredIn(sentence, /[;,\n]|\.(?=\s|$)/) ?? answeredIn(sentence, /[;,\n]|\s\/\s|\.(?=\s|$)/)
function answeredIn(sentence: string, apart: RegExp): Answers | null {
  const rows = sentence
    .replace(headOfAnswers, '')
    .split(apart)
    .map(row => row.trim())
    .filter(Boolean)
  const read: Answers = { contains: [], may: [], other: [] }
  for (const row of rows) {
    const [, named, answer, beside] =
      /^(\p{L}[\p{L} ()/&-]{1,60}?)(?:\s*[:=|–]\s*|\s+-\s+)([^:()]{1,30}?)(?:\s*\(([^()]{1,60})\))?$/u.exec(row) ?? []
    if (named === undefined || answer === undefined) return null
    if ((!isFreeFrom.test(named) && sentenceInName.test(named)) || namesFood(answer)) return null
    const one = heard(named, answer, beside ?? '')
    if (!one) return null
    read[one.kind].push(one.text)
  }
  return rows.length > 0 ? read : null
}
