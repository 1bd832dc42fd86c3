// The rows of a pasted text, without what a page, a table or mark-up puts around them.
import { cutScripts } from '../exchange/html'
import { isKnownFood } from '../ingredient/knownFood'
import { madeFoodsIn } from '../ingredient/usually'
import { readAmount, readUnit } from '../measure/quantity'
import { plainly } from '../words/number'
import { undecorated } from './opening'
import { readLine } from './readLine'

export interface Row {
  text: string
  /** Put together from the cells of a table: a line, and never a title. */
  cells: boolean
  /** One of a list that was written in one row: a line too. */
  thing?: boolean
  /** Stood behind a bullet. */
  bullet: boolean
  /** A row without anything stood before it. */
  gap: boolean
  /** Where it stands in what was pasted, with the signs that end it. */
  from: number
  to: number
}
/** What of a text is no row: blank (a page's scripts too), the head of a table and its rules. */
export interface Aside {
  as: 'blank' | 'table'
  from: number
  to: number
}

type Column = 'name' | 'amount' | 'unit' | 'share' | 'batch' | 'note' | 'other'
interface Head {
  column: Column
  /** "Weight (g)": what its bare numbers count. */
  unit: string
}
const unitWord = /\b(g|kg|ml|l|oz|lb)\b|\b(gram)s?\b/i
const columns: [Column, RegExp][] = [
  ['name', /^(?:ingredients?|items?|what|components?|names?|materials?|recipe)$/i],
  ['share', /^(?:%|(?:baker['’]?s?['’]? )?(?:%|per ?cent(?:age)?|parts?|ratio|share)(?: of flour)?)$/i],
  ['unit', /^(?:units?|unit of measure)$/i],
  [
    'amount',
    /^(?:(?:amount|quantity|qty|weight|measure|how much|metric|per batch)\b.{0,12}|(?:g|kg|ml|oz|lb|grams)\b.{0,12})$/i,
  ],
  // "1 tin", "3 tins", "x 2", "double": how much of it a batch of that size takes
  [
    'batch',
    /^(?:(?:[x×] ?)?\d{1,3} ?(?:[x×]|\p{L}{3,12})?|(?:small|medium|large|single|double|triple|half|full|whole)(?: (?:batch|tin|size|tray))?|(?:batch|tin|size|mix|tray) \p{L}?\d{0,2})$/iu,
  ],
  ['note', /^(?:notes?|prep(?:aration)?|comments?|remarks|how)$/i],
]
const headOf = (cell: string): Head => ({
  column: columns.find(([, pattern]) => pattern.test(cell))?.[0] ?? 'other',
  unit:
    unitWord
      .exec(cell)?.[0]
      .toLowerCase()
      .replace(/^grams?$/, 'g') ?? '',
})
const ruler = /^[\s|:=+-]+$/
const startsWithBullet = /^\s*(?:[-–—*•◦▪▢☐□✓✔·+»›→①-⓿❶-➓]|(?![°№])\p{So}|\[[ x]?\])\s/u
const onlyBullet = /^(?:[-–—*•◦▪▢☐□✓✔·+]|\[[ x]?\])$/u

/** "Cornflour | 40 g": a thing and how much of it. */
const isPair = (raw: string): boolean => {
  const cells = raw.split(' | ')
  return cells.length === 2 && cells.some(cell => isAmount(cell) && readAmount(plainly(cell))!.amount.unit !== 'each')
}
/** The cells of a row of a table, or null. `beside`: the rows before and behind it. */
function cellsOf(raw: string, beside: readonly (string | undefined)[]): string[] | null {
  // "Calories | Fat" by itself is no table
  const ruled = beside.some(other => other?.includes('|') && ruler.test(other))
  const piped =
    /^\s*\|/.test(raw) ||
    (ruled && raw.includes('|')) ||
    (raw.includes(' | ') && (beside.some(other => other?.includes(' | ')) || isPair(raw)))
  if (!piped && !raw.includes('\t')) return null
  const cells = (piped ? raw.replace(/^\s*\||\|\s*$/g, '') : raw)
    .split(piped ? '|' : '\t')
    .map(cell => undecorated(cell))
    .filter(cell => !onlyBullet.test(cell))
  return cells.length > 1 && cells.some(cell => cell !== '') ? cells : null
}

const isUnit = (cell: string) => {
  const read = readUnit(plainly(cell))
  return read !== null && /^\.?$/.test(read.rest)
}
const isAmount = (cell: string) => {
  const read = readAmount(plainly(cell))
  return read !== null && /^\s*(?:$|[,(/])/.test(read.rest)
}
/** Without a head: the first name, the first amount, the unit beside it; the rest is noted. */
function guessed(cells: readonly string[]): Head[] {
  const amount = cells.findIndex(isAmount)
  const unit = cells.findIndex((cell, at) => at === amount + 1 && isUnit(cell))
  const isName = (cell: string, at: number) => cell !== '' && at !== amount && at !== unit
  // a second amount is no name, nor is a share
  const named = cells.findIndex((cell, at) => isName(cell, at) && /\p{L}{2}/u.test(cell) && !isAmount(cell))
  const name = named >= 0 ? named : cells.findIndex(isName)
  return cells.map((_, at) => ({
    column:
      at === amount
        ? 'amount'
        : at === unit && amount >= 0
          ? 'unit'
          : at === name
            ? 'name'
            : /\p{L}/u.test(cells[at]!)
              ? 'note'
              : 'other',
    unit: '',
  }))
}
/** One line as it would be written. */
function lineOf(cells: readonly string[], heads: readonly Head[]): string {
  const said = (column: Column) => cells.filter((cell, at) => cell !== '' && heads[at]?.column === column)
  const at = heads.findIndex((head, at) => head.column === 'amount' && (cells[at] ?? '') !== '')
  const name = said('name').join(' ')
  const written = plainly(cells[at] ?? '')
  const read = readAmount(written)
  const notes = [...said('note'), ...said('other').filter(cell => /\p{L}{2}/u.test(cell))]
  const share = said('share')[0]
  // a table of shares alone
  if (!read && name !== '' && share && /\d/.test(share))
    return [`${name} ${share.replace(/\s*%$/, '')} %`, ...(written ? [`(${written})`] : []), ...notes].join(' ')
  if (!read) return [name, written, ...notes].filter(Boolean).join(', ')
  const much = written.slice(0, written.length - read.rest.length)
  const unit = read.amount.unit === 'each' && read.rest === '' ? (said('unit')[0] ?? heads[at]!.unit) : ''
  const rest = read.rest.trim().replace(/^,\s*/, '')
  return [
    [much, unit, name, ...(/^[(/]/.test(rest) ? [rest] : [])].filter(Boolean).join(' '),
    ...(rest && !/^[(/]/.test(rest) ? [rest] : []),
    ...notes,
  ].join(', ')
}

/** Without mark-up for headings and stress; what was a heading ends in a colon. */
function unmarked(row: string): string {
  const heading = /^#{1,6}\s+(.*?)(?:\s+#+)?$/.exec(row) ?? /^(?:\*\*|__)([^*_]+?):?(?:\*\*|__):?$/.exec(row)
  if (heading) return `${heading[1]!.replace(/[*_]{2,3}/g, '').replace(/:$/, '')}:`
  const alone = /^([*_])([^*_.!?:]{2,40})\1$/.exec(row)
  if (alone && alone[2]!.split(' ').length <= 4) return `${alone[2]}:`
  return row
    .replace(/^([*_])([^*_]+)\1$/, '$2')
    .replace(/(?<=^|\s)_([^_]+)_(?=\s|$)/g, '$1')
    .replace(/(\*\*|__)(?=\S)(.+?)(?<=\S)\1/g, '$2')
}

/** "20 min prep", "1 h 15 min in the oven" */
const startsWithTime = /^(?:about )?\d{1,3}\s*(?:min|h|hr|hours?|std)\b/i
const nutrition = /\b(?:calories|kcal|carb\w*|protein|fat|saturates|sugars|fibre|fiber|sodium|salt)\b/gi
/** "Oat milk 500 ml | yolks 5 | sugar 100 g" are as many rows, each saying how much; a nutrition table is none. */
function listed(row: string): string[] {
  const parts = row.split(' | ')
  if (parts.length < 3 || (row.match(nutrition)?.length ?? 0) > 1) return [row]
  const weighed = parts.filter(part => readLine(part).amount !== null && !startsWithTime.test(part)).length
  return weighed >= 2 && weighed >= parts.length - 1 ? parts : [row]
}

/** "[09:15] Ines: ", "12/03/2026, 09:15 - Ines: ", "> ": what a conversation puts before a row. */
const sent =
  /^\s*(?:>\s?)*(?:\[?(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4},?\s+)?\d{1,2}[:.]\d{2}(?::\d{2})?(?:\s?[ap]m)?\]?(?:\s*[-–]\s|:?\s+))?/iu
const speaker = /^(\p{L}[\p{L} .’'-]{0,30}):\s+(?=\S)/u
/** Who speaks in a conversation: names behind the time of two rows and more. */
function speakersIn(text: string): ReadonlySet<string> {
  const names = text.split('\n').flatMap(row => {
    const before = sent.exec(row)?.[0] ?? ''
    const name = /\d/.test(before) ? speaker.exec(row.slice(before.length))?.[1] : undefined
    return name === undefined ? [] : [name]
  })
  return new Set(names.length > 1 ? names.filter(name => !isKnownFood(name)) : [])
}
/** A row without when it was sent and by whom. */
function unsent(raw: string, speakers: ReadonlySet<string>): string {
  const before = sent.exec(raw)?.[0] ?? ''
  // "10:30 start" of a plan is no message: only where somebody speaks
  if (speakers.size === 0) return raw.replace(/^\s*(?:>\s?)+(?=\S)/, '')
  const said = raw.slice(before.length)
  const name = speaker.exec(said)
  if (name && speakers.has(name[1]!)) return said.slice(name[0].length)
  // "10.50 kg flour", the second row of a message, begins with no time
  return before.includes('[') ? said : raw
}

/** "**250 g butter**" in every row stresses nothing. */
function plainlyWritten(text: string): (raw: string) => string {
  const rows = text.split('\n').filter(row => row.trim() !== '')
  const stressed = /^(\s*(?:[-*•]\s+)?)(\*\*|__)(.+?)\2\s*$/
  const allStressed = rows.length > 2 && rows.filter(row => stressed.test(row)).length * 3 > rows.length * 2
  return raw => (allStressed ? raw.replace(stressed, '$1$3') : raw)
}

const ends = /\r\n?|\n|<br\s{0,5}\/?>|<\/(?:p|li|div|h\d|tr)>/gi
/** The written rows with their places. */
function writtenRows(text: string): { raw: string; from: number; to: number }[] {
  const written: { raw: string; from: number; to: number }[] = []
  let from = 0
  for (const end of text.matchAll(ends)) {
    written.push({ raw: text.slice(from, end.index), from, to: end.index + end[0].length })
    from = end.index + end[0].length
  }
  written.push({ raw: text.slice(from), from, to: text.length })
  return written
}

/** Behind it the stroke stays, though the row broke there: "gluten-" / "free". */
const keepsStroke =
  /^(?:free|raising|rising|fat|purpose|skimmed|proof|inch|cm|size|sized|flavou?red|coated|dried|milled|ground|cut|made|roasted|toasted|salted|baked|quality|cooked|soaked|washed|range|style|type|all|milk|cream|butter|flour|oil|drink|cheese|wash|syrup|sugar)(?!\p{L})/u
const writtenAsOne = /^(?:buttermilk|buttercream|cornflour)(?!\p{L})/iu
/** As long as a row may become that was broken. */
const longestBroken = 400
/** Two rows that were one before a narrow column broke it: in a word, behind "bicarbonate of", in a bracket; null where they were not. */
function mended(above: string, below: string): string | null {
  const [left, right] = [above.trimEnd(), below.trimStart()]
  if (left.length + right.length > longestBroken) return null
  const inWord = /\p{Ll}-$/u.test(left)
    ? /^\p{Ll}{2}/u.test(right)
    : /\p{Lu}{2}-$/u.test(left) && /^\p{Lu}{2}/u.test(right)
  if (inWord) {
    const whole = left.slice(0, -1) + right
    return keepsStroke.test(right) && !writtenAsOne.test(whole.slice(left.search(/\p{L}+-$/u))) ? left + right : whole
  }
  const goesOn = /\b(?:bi)?carb\p{L}* of$|\bcream of$/iu.test(left) && /^\p{Ll}/u.test(right)
  const closes = /\([^()]*\p{L}[^()]*$/u.test(left) && /^(?![a-z]\))\p{L}[^()]*\)/iu.test(right)
  return goesOn || closes ? `${left} ${right}` : null
}
function unbroken<T extends { raw: string; to: number }>(rows: readonly T[]): T[] {
  const out: T[] = []
  for (const row of rows) {
    const above = out.at(-1)
    const whole = above && mended(above.raw, row.raw)
    if (above && whole) out[out.length - 1] = { ...above, raw: whole, to: row.to }
    else out.push(row)
  }
  return out
}

const fewestOfTable = 3
/** From where to where rows follow on each other that have as many cells. */
function runsOf(cells: readonly (readonly string[])[], isRow: (at: number) => boolean): [from: number, end: number][] {
  const runs: [number, number][] = []
  for (let from = 0; from < cells.length; from++) {
    let end = from
    while (isRow(end) && cells[end]!.length === cells[from]!.length) end++
    if (end > from) runs.push([from, end])
    from = Math.max(from, end - 1)
  }
  return runs
}

/**
 * Columns held apart by blanks, as a typewriter sets them: where three rows and more that follow on each other have as many cells,
 * an amount among them, they are a table.
 */
function spaced<T extends { raw: string }>(rows: readonly T[]): T[] {
  const cells = rows.map(({ raw }) => (/\t| \| /.test(raw) ? [] : raw.trim().split(/ {2,}/)))
  const isRow = (at: number) => {
    const row = cells[at] ?? []
    return row.length > 1 && row.some(isAmount) && row.some(cell => /\p{L}{2}/u.test(cell) && !isAmount(cell))
  }
  const out = [...rows]
  for (const [begins, end] of runsOf(cells, isRow)) {
    if (end - begins < fewestOfTable) continue
    // its head stands right above it
    const above = cells[begins - 1] ?? []
    const from = above.length === cells[begins]!.length && headOf(above[0]!).column === 'name' ? begins - 1 : begins
    for (let at = from; at < end; at++) out[at] = { ...rows[at]!, raw: cells[at]!.join('\t') }
  }
  return out
}

/** "caster|150g": three rows and more that follow on each other, each with as many bars and an amount, are a table. */
function barred<T extends { raw: string }>(rows: readonly T[]): T[] {
  const cells = rows.map(({ raw }) => (/ \| |^\s*\|/.test(raw) ? [] : raw.trim().split('|')))
  const isRow = (at: number) => (cells[at]?.length ?? 0) > 1 && cells[at]!.some(cell => /\p{L}{2}/u.test(cell))
  const out = [...rows]
  for (const [from, end] of runsOf(cells, isRow)) {
    if (end - from < fewestOfTable || cells.slice(from, end).filter(row => row.some(isAmount)).length * 2 <= end - from)
      continue
    for (let at = from; at < end; at++)
      // "Blueberry muffins|12" above them all is what they make
      if (at > 0 || !namesWhatIsMade(cells[at]!)) out[at] = { ...rows[at]!, raw: cells[at]!.join('\t') }
  }
  return out
}
const namesWhatIsMade = ([name = '', count = '']: readonly string[]): boolean =>
  /^\d{1,3}$/.test(count.trim()) && madeFoodsIn(name).length > 0

/**
 * Two lists side by side, held apart by blanks, as a page is copied: the rows of the left one, then those of the right. Each cell
 * says how much by itself, or heads its list.
 */
function sideBySide<T extends { raw: string; from: number; to: number }>(rows: readonly T[]): T[] {
  const isItem = (cell: string) => /:$/.test(cell) || (isAmountFirst(cell) && /\p{L}{2}/u.test(cell))
  const halves = rows.map(row => {
    const gap = /\S( {3,}|\t+ *)(?=\S)/.exec(row.raw)
    if (!gap) return null
    const at = gap.index + gap[0].length
    const [left, right] = [row.raw.slice(0, at).trim(), row.raw.slice(at).trim()]
    if (!isItem(left) || !isItem(right) || / {3,}|\t/.test(right)) return null
    return [
      { ...row, raw: left, to: row.from + at },
      { ...row, raw: right, from: row.from + at },
    ] as const
  })
  const out: T[] = []
  for (let from = 0; from < rows.length; from++) {
    let end = from
    while (end < rows.length && rows[end]!.raw.trim() !== '') end++
    const block = halves.slice(from, end)
    if (block.filter(Boolean).length < 3) out.push(...rows.slice(from, end))
    else {
      out.push(...block.map((half, at) => half?.[0] ?? rows[from + at]!))
      out.push(...block.flatMap(half => (half ? [half[1]] : [])))
    }
    if (end < rows.length) out.push(rows[end]!)
    from = end
  }
  return out
}
const isAmountFirst = (cell: string): boolean => {
  const read = readAmount(plainly(cell))
  return read !== null && /\p{L}{2}/u.test(read.rest)
}

/** Letters of the longest row of a sheet whose quotes are looked at. */
const longestSheetRow = 2000
/** Cells between signs; what stands in quotes is one, whatever is in it. */
function sheetCells(raw: string, sign: string): string[] {
  if (!raw.includes('"') || raw.length > longestSheetRow) return raw.split(sign).map(cell => cell.trim())
  const cells = ['']
  let quoted = false
  for (let at = 0; at < raw.length; at++) {
    const letter = raw[at]!
    if (letter === '"' && quoted && raw[at + 1] === '"') {
      cells[cells.length - 1] += letter
      at++
    } else if (letter === '"' && (quoted || cells.at(-1)!.trim() === '')) quoted = !quoted
    else if (letter === sign && !quoted) cells.push('')
    else cells[cells.length - 1] += letter
  }
  // a quote that is never closed is a sign like any other
  return quoted ? raw.split(sign) : cells.map(cell => cell.trim())
}
/** "Ingredient,Amount,Unit": the rows of a sheet saved as text, up to the next blank one, with their cells apart as a table has them. */
function separated<T extends { raw: string }>(rows: readonly T[]): T[] {
  let by: string | null = null
  return rows.map(row => {
    if (row.raw.trim() === '') by = null
    for (const sign of [',', ';']) {
      const heads = sheetCells(row.raw, sign).map(cell => headOf(cell).column)
      if (heads.length > 1 && heads.includes('name') && heads.includes('amount')) by = sign
    }
    return by === null ? row : { ...row, raw: sheetCells(row.raw, by).join('\t') }
  })
}

/** The parts of one row with their places; what joins two belongs to the first. */
export function placed<T extends Row>(row: T, parts: readonly string[], text: string): T[] {
  let at = row.from
  const starts = parts.map((part, index) => {
    const found = index === 0 ? row.from : text.indexOf(part, at)
    at = found >= at && found < row.to ? found : at
    return at
  })
  return parts.map((part, index) => ({ ...row, text: part, from: starts[index]!, to: starts[index + 1] ?? row.to }))
}

/** Every row that says something, in order, and what stands aside. The head of a table only says how its cells are read. */
export function rowsOf(text: string): { rows: Row[]; asides: Aside[] } {
  const rows: Row[] = []
  const asides: Aside[] = []
  const { outside: source } = cutScripts(text)
  let heads: Head[] | null = null
  let gap = false
  const speakers = speakersIn(source)
  const plain = plainlyWritten(source)
  const written = spaced(
    separated(
      sideBySide(
        barred(
          unbroken(writtenRows(source).map(one => ({ ...one, raw: plain(one.raw.replace(/<\/t[dh]>/gi, '\t')) }))),
        ),
      ),
    ),
  )
  for (const [at, { raw, from, to }] of written.entries()) {
    const place = { from, to }
    // what parts the head of a table from its rows keeps the head
    if (raw.includes('|') && ruler.test(raw)) {
      asides.push({ as: 'table', ...place })
      continue
    }
    const cells = cellsOf(raw, [written[at - 1]?.raw, written[at + 1]?.raw])
    if (!cells || cells.filter(cell => cell !== '').length < (heads || cells[0] === '' ? 1 : 2)) {
      heads = null
      const row = unmarked(undecorated(unsent(raw, speakers)))
      if (row === '') asides.push({ as: 'blank', ...place })
      else
        rows.push(
          ...placed(
            { text: row, cells: false, bullet: startsWithBullet.test(raw), gap, ...place },
            listed(row),
            source,
          ),
        )
      gap = row === ''
      continue
    }
    if (ruler.test(raw)) {
      asides.push({ as: 'table', ...place })
      continue
    }
    const named = cells.map(headOf)
    // the first column of "| | g |" goes without saying
    if (cells[0] === '' && named[0]) named[0].column = 'name'
    const has = (column: Column) => named.some(head => head.column === column)
    const batch = named.findIndex(head => head.column === 'batch')
    // of several sizes the first is taken; beside shares, what has another name
    const sized = !heads && (batch > 0 || has('share'))
    const size = batch > 0 ? batch : named.findIndex(head => head.column === 'other')
    if (sized && !has('amount') && size > 0) named[size]!.column = 'amount'
    if (has('name') && (sized || (has('amount') && !cells.some(cell => /\d/.test(cell))))) {
      heads = named
      asides.push({ as: 'table', ...place })
      continue
    }
    const line = lineOf(cells, heads ?? guessed(cells))
    if (line !== '') rows.push({ text: line, cells: true, bullet: false, gap, ...place })
    else asides.push({ as: 'blank', ...place })
    gap = false
  }
  return { rows, asides }
}
