// A supplier's ingredient statement, read into a composition tree, with the allergens its words speak of.
import { type AllergenCode, glutenCereals, treeNuts } from '../model/allergen'
import type { Component } from '../model/ingredient'
import { type Clauses, clausesOf } from './clauses'
import { foreignMentions, opensList } from './foreign'
import { isKnownFood } from './knownFood'
import { mentions } from './lexicon'
import { absent, blank } from './sober'
import { partLines } from './toldApart'
import { isAnsweredBy, type OpenGroup, usuallyIn } from './usually'

export interface ReadStatement {
  components: Component[]
  contains: AllergenCode[]
  mayContain: AllergenCode[]
  /** Named as a group only ("nuts", "breadcrumbs"): one of these is likely in it, and nobody has said which. */
  groups: OpenGroup[]
  /** Sentences that are neither list nor warning: storage, "suitable for vegans", "free from milk". No proof of anything. */
  unread: string[]
  /** For each allergen proposed, the words it came from. */
  words: Partial<Record<AllergenCode, string>>
  /** What cannot be right as it is printed: an open bracket, a share above 100 %. */
  doubts: string[]
}

const className =
  '(?:(?:mixed |natural |permitted )?(?:emulsifier|emulsifying salt|raising agent|leavening(?: agent)?|thickener|thickening agent|stabili[sz]er|gelling agent|acidity regulator|acidulant|acid|antioxidant|colou?r(?:ing)?|preservative|sweetener|humectant|glazing agent|anti-?caking agent|bulking agent|carrier|flour treatment agent|flavou?r enhancer|flavou?ring|firming agent|foaming agent|anti-?foaming agent|sequestrant|propellant|modified starch|vitamin|mineral)(?:e?s)?)'
const functionClass = new RegExp(`^${className}$`, 'i')
const classWithColon = new RegExp(`^(${className})\\s*:\\s*(.+)$`, 'is')
const classWithBracket = new RegExp(`^(${className})\\s*[([{](.+)[)\\]}]$`, 'is')
/** Only these may be a class by themselves with names behind a dash: "emulsifier - soya lecithin". */
const classWithDash = new RegExp(`^(${className})\\s+[-–]\\s+(.+)$`, 'is')
const singular = (text: string) =>
  text
    .toLowerCase()
    .trim()
    .replace(/(?<!s)s$/, '')
const isPlural = (text: string) => /(?<!s)s$/i.test(text.trim())

const additive =
  /\bE\s?\d{3,4}|phosphate|carbonate|gum\b|lecithin|glycerides|\bacid\b|citrate|lactate|tartrate|sorbate|benzoate|alginate|carrageenan|pectin|cellulose|ascorb|tocopherol|annatto|curcumin|paprika|caroten|anthocyanin|beetroot red|caramel|titanium|silicon dioxide|glycerol|glycerine|polysorbate|stearoyl|esters? of|erythritol|xylitol|maltitol|sorbitol|sucralose|stevi|aspartame|acesulfame|sul(?:ph|f)ite|nitrite|agar|gelatine?|starch phosphate|thiamin|riboflavin|niacin|folic|\biron\b|calcium|vitamin/i

/** Splits at the separators that stand outside every bracket; a decimal comma is no separator. Unclosed brackets end with the text. */
function splitOutside(text: string, separators: RegExp): string[] {
  const pieces: string[] = []
  let depth = 0
  let from = 0
  for (let at = 0; at < text.length; at++) {
    const letter = text[at]!
    if ('([{'.includes(letter)) depth++
    else if (')]}'.includes(letter)) depth = Math.max(0, depth - 1)
    else if (
      depth === 0 &&
      separators.test(letter) &&
      !(letter === ',' && /\d/.test(text[at - 1] ?? '') && /\d/.test(text[at + 1] ?? ''))
    ) {
      pieces.push(text.slice(from, at))
      from = at + 1
    }
  }
  pieces.push(text.slice(from))
  return pieces.map(piece => piece.trim()).filter(Boolean)
}

const bracketPairs: Record<string, string> = { '(': ')', '[': ']', '{': '}' }
/** Closes what was left open and drops what closes nothing, so that a slip of the printer does not swallow the rest. */
function balanced(text: string): string {
  const open: string[] = []
  let out = ''
  for (const letter of text) {
    if (letter in bracketPairs) open.push(letter)
    else if (')]}'.includes(letter)) {
      if (open.length === 0) continue
      // the kind of bracket is not taken too seriously
      out += bracketPairs[open.pop()!]
      continue
    }
    out += letter
  }
  return (
    out +
    open
      .reverse()
      .map(letter => bracketPairs[letter])
      .join('')
  )
}

const share = '(\\d{1,3}(?:[.,]\\d+)?)\\s*%'
const shareAlone = new RegExp(
  `^(?:min(?:imum|\\.)?|max(?:imum|\\.)?|at least|approx(?:imately|\\.)?|ca\\.?|about|<|>|≥|≤)?\\s*${share}\\s*(?:min(?:imum|\\.)?|max(?:imum|\\.)?)?$`,
  'i',
)
const shareInside = new RegExp(
  `\\s*(?:\\b(?:min(?:imum|\\.)?|max(?:imum|\\.)?|at least|approx(?:imately|\\.)?|ca\\.?|about)\\s*)?${share}\\s*(?:\\b(?:min(?:imum|\\.)?|max(?:imum|\\.)?))?\\s*`,
  'i',
)
const eNumberPattern = /\bE\s?-?(\d{3,4}[a-f]?)(?:\s?\(([ivx]+)\))?/i
const percentOf = (text: string) => Math.min(100, Number(text.replace(',', '.')))

/** One entry with what stands in its brackets. */
function component(text: string): Component {
  let rest = text
    .trim()
    .replace(/[*†‡°¹²³]+/g, '')
    .trim()
  const made: Component = { name: '' }
  const inside: string[] = []
  // brackets in turn: a share, an E number, or what it is made of
  for (let open = rest.search(/[([{]/); open >= 0; open = rest.search(/[([{]/)) {
    let depth = 0
    let close = rest.length
    for (let at = open; at < rest.length; at++) {
      if ('([{'.includes(rest[at]!)) depth++
      else if (')]}'.includes(rest[at]!) && --depth === 0) {
        close = at
        break
      }
    }
    const content = rest.slice(open + 1, close).trim()
    const before = rest.slice(0, open)
    // "E450(i)" keeps its roman number
    if (/^[ivx]+$/i.test(content) && /E\s?\d{3,4}[a-f]?\s*$/i.test(before)) {
      made.eNumber ??= `E${/(\d{3,4}[a-f]?)\s*$/i.exec(before)![1]}(${content.toLowerCase()})`
      rest = `${before.trim()} ${rest.slice(close + 1).trim()}`.trim()
      continue
    }
    const alone = shareAlone.exec(content)
    if (alone) made.percent ??= percentOf(alone[1]!)
    else if (content !== '') inside.push(content)
    rest = `${before.trim()} ${rest.slice(close + 1).trim()}`.trim()
  }
  const said = shareInside.exec(rest)
  if (said) {
    made.percent ??= percentOf(said[1]!)
    rest = `${rest.slice(0, said.index)} ${rest.slice(said.index + said[0].length)}`
  }
  const own = eNumberPattern.exec(rest)
  if (own && made.eNumber === undefined)
    made.eNumber = `E${own[1]!.toLowerCase()}${own[2] ? `(${own[2].toLowerCase()})` : ''}`
  if (made.eNumber === undefined) {
    const only = inside.findIndex(one => /^E\s?-?\d{3,4}[a-f]?(?:\s?\([ivx]+\))?$/i.test(one))
    if (only >= 0) {
      const found = eNumberPattern.exec(inside.splice(only, 1)[0]!)!
      made.eNumber = `E${found[1]!.toLowerCase()}${found[2] ? `(${found[2].toLowerCase()})` : ''}`
    }
  }
  made.name =
    rest
      .replace(/\s+/g, ' ')
      .replace(/^[-–•·:]+|[.;:,\-–]+$/g, '')
      .replace(/^(?:and|&)\s+/i, '')
      .replace(/\s*\bin varying proportions?\b/i, '')
      .trim() ||
    (made.eNumber ?? text.trim())
  const children = inside
    .filter(one => !/^in varying proportions?$/i.test(one))
    .flatMap(one =>
      components(
        one.replace(
          /^(?:of which|contains?:?|containing|including|made (?:from|with)|from|with added|with)\b:?\s*/i,
          '',
        ),
      ),
    )
  if (children.length > 0) made.components = children
  return made
}

/** The last of a list may hang on an "and": "salt and flavouring" are two, "mono- and diglycerides" are one. */
function lastApart(pieces: string[]): string[] {
  const last = pieces.at(-1)
  if (last === undefined || pieces.length < 2) return pieces
  const joint = /\s+(?:and|&)\s+/i.exec(last)
  const parts =
    joint && !inBrackets(last, joint.index)
      ? [last.slice(0, joint.index), last.slice(joint.index + joint[0].length)]
      : []
  if (parts.length !== 2 || parts.some(part => part.split(/\s+/).length > 4) || /-$/.test(parts[0]!)) return pieces
  if (/\b(?:mono|di|fats?|oils?|herbs?|natural|salt and vinegar|sage)$/i.test(parts[0]!)) return pieces
  return [...pieces.slice(0, -1), ...parts]
}
const inBrackets = (text: string, at: number) => {
  const before = text.slice(0, at)
  return (before.match(/[([{]/g) ?? []).length > (before.match(/[)\]}]/g) ?? []).length
}

/** "emulsifiers: lecithin, E471" puts the class on each name that follows, as long as they are additives. */
function components(text: string): Component[] {
  const out: Component[] = []
  let running: { name: string; many: boolean; count: number } | null = null
  for (const piece of lastApart(splitOutside(text, /[,;•\n]/))) {
    const plain = piece.replace(/^(?:of which|including|and|&|contains?)\b:?\s*/i, '')
    const classed = classWithColon.exec(plain) ?? classWithDash.exec(plain)
    if (classed) {
      running = { name: singular(classed[1]!), many: isPlural(classed[1]!), count: 0 }
      for (const name of splitOutside(classed[2]!.replace(/\s+(?:and|&)\s+(?=E\s?\d)/gi, ','), /[,&]/)) {
        out.push({ ...component(name), functionClass: running.name })
        running.count++
      }
      continue
    }
    const bracketed = classWithBracket.exec(plain)
    if (bracketed && bracketEndsIt(plain)) {
      for (const inner of components(bracketed[2]!)) out.push({ ...inner, functionClass: singular(bracketed[1]!) })
      running = null
      continue
    }
    const next = component(plain)
    if (!next.name || /^in varying proportions?$/i.test(next.name)) continue
    if (running?.many && additive.test(`${next.name} ${next.eNumber ?? ''}`) && !functionClass.test(next.name)) {
      out.push({ ...next, functionClass: running.name })
      running.count++
    } else {
      running = null
      out.push(next)
    }
  }
  return out
}
/** Is the bracket that opens first the one that closes last? */
function bracketEndsIt(text: string): boolean {
  let depth = 0
  for (let at = text.search(/[([{]/); at < text.length - 1; at++) {
    if ('([{'.includes(text[at]!)) depth++
    else if (')]}'.includes(text[at]!) && --depth === 0) return false
  }
  return true
}

/** What a warning calls by its group. The market names kinds, so all kinds are meant. */
const groups: [RegExp, readonly AllergenCode[], string][] = [
  // "cashew nuts" names its kind; "nut free factory" names none
  [
    /(?<![\p{L}-])(?<!\b(?:almond|cashew|hazel|wal|pecan|brazil|macadamia|pistachio|pine|queensland)[ -])(?:tree ?|other |mixed |all )?nuts?(?![\p{L}])(?! ?shells?)/iu,
    treeNuts,
    'nuts',
  ],
  [/(?<![\p{L}-])gluten(?![\p{L}])/iu, glutenCereals, 'gluten'],
  // without a kind it may be of any
  [
    /(?:^|[,;:(/]|\b(?:and|or|use[sd]?|using|of|contains?|handl\p{L}+|where|with|process\p{L}*))\s*(?:(?:plain|white|bread|strong|self[- ]raising) )?flours?(?![\p{L}-])/iu,
    glutenCereals,
    'flour',
  ],
  [/(?<![\p{L}-])(?:dairy|lactose)(?![\p{L}])/iu, ['milk'], 'dairy'],
  [/(?<![\p{L}-])shell ?fish(?![\p{L}-])/iu, ['crustaceans', 'molluscs'], 'shellfish'],
]

type Words = Map<AllergenCode, string>
/** Groups that a text names and no kind of them. */
const groupsNamed = (text: string): OpenGroup[] => {
  const found = speaking(text, false)
  const sober = text.replace(absent, blank)
  return [
    ...groups.flatMap(([pattern, codes, word]) => (pattern.test(sober) ? [{ codes, word }] : [])),
    ...foreignMentions(text).flatMap(({ named, word }) => (isGroup(named) ? [{ codes: groupCodes[named], word }] : [])),
  ].filter(({ codes }) => !codes.some(code => found.has(code)))
}
const groupCodes = { nuts: treeNuts, gluten: glutenCereals }
const isGroup = (named: string): named is keyof typeof groupCodes => named in groupCodes

function speaking(text: string, withGroups: boolean): Words {
  const found: Words = new Map()
  for (const { code, word } of mentions(text)) if (!found.has(code)) found.set(code, word)
  if (!withGroups) return found
  for (const { named, word } of foreignMentions(text))
    if (isGroup(named)) for (const code of groupCodes[named]) if (!found.has(code)) found.set(code, word)
  const sober = text.replace(absent, blank)
  for (const [pattern, codes, word] of groups) {
    if (!pattern.test(sober)) continue
    // "nuts (almonds, hazelnuts)", "gluten (wheat)": the kinds are named, so only they are meant
    const kinds = codes.filter(code => found.has(code))
    const named = new RegExp(`${pattern.source}(?:\\s*[:(]|[^.:,;]{0,60}:)|\\b(?:from|as|namely)\\b`, 'iu').test(text)
    if (kinds.length > 0 && named) continue
    for (const code of codes) if (!found.has(code)) found.set(code, word)
  }
  return found
}

/** No supplier's statement is longer, in letters, nor has brackets in brackets as deep: such a text is left unread, whole. */
const longest = 20_000
const deepest = 24
/** Nothing of it is read as a list; what it speaks of is proposed all the same, as carefully as can be: contained. */
function unreadable(text: string): ReadStatement {
  const contains = [...new Set(mentions(text).map(mention => mention.code))]
  return {
    components: [],
    contains,
    mayContain: [],
    groups: [],
    unread: [text.trim()],
    words: Object.fromEntries(contains.map(code => [code, 'named somewhere in it'])),
    doubts: ['This is too long, or has brackets too deep, to be read. Paste only the list from the pack.'],
  }
}
function deepestIn(text: string): number {
  let depth = 0
  let most = 0
  for (const sign of text)
    if (sign === '(' || sign === '[') most = Math.max(most, ++depth)
    else if (sign === ')' || sign === ']') depth = Math.max(0, depth - 1)
  return most
}

/** For whom it is, where to look, how it is stored: names food, and tells of none. */
const advises =
  /^\s*(?:suitable|ideal|perfect|great|delicious|serve|serving|store|keep|best|use|once opened|see|allerg\p{L}*(?: advice| information)?:? (?:see|for|none|no\b|nil))|\bsee (?:the )?(?:ingredients|list)\b|\bin bold\b|\bhighlighted\b|(?:<|≤|\bless than|\bbelow|\bunder|\bat most|\bno more than)\s*\d[\d.,]*\s*(?:ppm|mg\/kg)/iu
/** "Traces: celery / Contains: egg" */
const betweenClauses =
  /\s+[|/•·]\s+(?=(?:may (?:also )?contain|contains?|traces|allerg|cross[- ]conta|free from|produced|made|packed|(?:not |un)?suitable)\b)/giu
/** "signed 3 May", "since May 2026": a month, and no warning. A sign that is not seen keeps it from being heard as one. */
const monthOfMay =
  /(?<=\b(?:\d{1,2}(?:st|nd|rd|th)?(?: of)?|in|since|from|until|till|by|of|last|this|next) )May(?! (?:also |still )?(?:contain|be|have|include)\b)|\bMay(?= (?:\d{4}|['’]\d\d|\d{1,2}(?:st|nd|rd|th)?\b))/g
const unseen = '\u2060'
const seen = (clauses: Clauses): Clauses =>
  Object.fromEntries(
    Object.entries(clauses).map(([kind, all]: [string, string[]]) => [
      kind,
      all.map(one => one.replaceAll(unseen, '')),
    ]),
  ) as unknown as Clauses
/** Reads a statement as printed on a pack. A proposal only: what is not mentioned is unknown, never absent. */
export function readStatement(text: string): ReadStatement {
  if (text.length > longest || deepestIn(text) > deepest) return unreadable(text)
  const body = partLines(
    text
      .replace(/<[^>]{1,60}>|[*_]{2}/g, ' ')
      .replace(/\r\n?/g, '\n')
      .replace(monthOfMay, `M${unseen}ay`),
  )
    // wrapped lines are one list; lines without a comma are a list of lines
    .replace(/^[^\n,]*,[^\n,]*,[\s\S]*/m, all => all.replace(/\n(?!\s*\n)/g, ' '))
    .replace(/\n(?=\s*[\p{Ll}\p{N}(])/gu, ', ')
    .replace(/,\s*,/g, ',')
    .replace(/[ \t\u00a0]+/g, ' ')
    .replace(/^\s*(?:ingredients?|composition)\s*(?:list|statement|declaration)?\s*:\s*/i, '')
    .replace(opensList, '')
    .replace(betweenClauses, '\n')
    .trim()
  const said = seen(clausesOf(body))
  // "contains: flour, sugar", and nothing else: that is the list
  const list = (said.list.length > 0 ? said.list : said.contains).map(one => balanced(one.replace(/\.$/, '')))
  const read = list.flatMap(components)
  const inList = speaking(list.join(' ; '), false)
  const inBox = speaking(said.contains.join(' ; '), false)
  const contains: Words = new Map([...inBox, ...inList])
  // what is told beside and is no advice is heard as a warning: nothing that names an allergen is passed over
  const beside = said.untold.filter(one => !advises.test(one)).map(one => one.replace(absent, blank))
  const may = speaking([...said.may, ...beside].join(' ; '), true)
  return {
    components: read,
    contains: [...contains.keys()],
    mayContain: [...may.keys()].filter(code => !contains.has(code)),
    groups: openGroups(said.contains, read, [...contains.keys()]),
    // a warning that names nothing known is for her to read
    unread: [...said.other, ...said.may.filter(one => speaking(one, true).size === 0)],
    words: Object.fromEntries([...may, ...contains]),
    doubts: [...said.doubts, ...doubtsOf(said.list.join(' ; '), read), ...tongueDoubt(body, read)],
  }
}

/** Groups that the box and the list name without a kind: "contains nuts", "breadcrumbs". Any kind that is named settles its group. */
function openGroups(box: readonly string[], read: readonly Component[], named: readonly AllergenCode[]): OpenGroup[] {
  const kinds = new Set(named)
  const open = [...box.flatMap(groupsNamed), ...usuallyIn(read)].filter(one => !isAnsweredBy(one, kinds))
  return open.filter(({ codes }, at) => open.findIndex(one => one.codes.join() === codes.join()) === at)
}

/** Most of it in words that are not known here: then nobody has read it. */
function tongueDoubt(body: string, read: readonly Component[]): string[] {
  const flat = (list: readonly Component[]): Component[] => list.flatMap(one => [one, ...flat(one.components ?? [])])
  const names = flat(read).map(one => one.name)
  const letters = body.match(/\p{L}/gu)?.length ?? 0
  const readable = body.match(/[\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}]/gu)?.length ?? 0
  const strange = names.length >= 3 && names.filter(isKnownFood).length * 4 < names.length
  return letters > 0 && (readable * 2 < letters || strange)
    ? [
        'Most of its words are not known here. If it is in another tongue, have it read by somebody who speaks it: every allergen stays unknown.',
      ]
    : []
}

function doubtsOf(text: string, read: readonly Component[]): string[] {
  const doubts: string[] = []
  let depth = 0
  let stray = false
  for (const letter of text) {
    if ('([{'.includes(letter)) depth++
    else if (')]}'.includes(letter)) {
      if (depth === 0) stray = true
      else depth--
    }
  }
  if (depth > 0) doubts.push('A bracket is opened and not closed: check where it ends.')
  if (stray) doubts.push('A bracket is closed that was never opened.')
  for (const [, figure] of text.matchAll(/(\d{3,}(?:[.,]\d+)?)\s*%/g))
    if (Number(figure!.replace(',', '.')) > 100) doubts.push(`“${figure} %” is more than the whole.`)
  const sum = read.reduce((so, one) => so + (one.percent ?? 0), 0)
  if (sum > 102) doubts.push(`The shares add up to ${Math.round(sum)} %.`)
  return doubts
}
