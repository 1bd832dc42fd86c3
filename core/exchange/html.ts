// A pasted page: its scripts apart from what stands around them, and its tags and entities made plain.

export interface Page {
  /** The page with its script and style elements blanked, each as long as it was: all else keeps its place. */
  outside: string
  scripts: { attributes: string; body: string }[]
}

/** Blanks the scripts and styles in one pass; one that is never closed stays as text. */
export function cutScripts(page: string): Page {
  const opening = /<(script|style)\b/gi
  const closing = /<\/(?:script|style)\s{0,20}>/gi
  const scripts: Page['scripts'] = []
  let outside = ''
  let from = 0
  for (let open = opening.exec(page); open; open = opening.exec(page)) {
    closing.lastIndex = opening.lastIndex
    const close = closing.exec(page)
    if (!close) break
    const inner = page.slice(opening.lastIndex, close.index)
    const end = inner.indexOf('>')
    if (end >= 0 && open[1]!.toLowerCase() === 'script')
      scripts.push({ attributes: inner.slice(0, end), body: inner.slice(end + 1) })
    outside += page.slice(from, open.index) + ' '.repeat(closing.lastIndex - open.index)
    from = opening.lastIndex = closing.lastIndex
  }
  return { outside: outside + page.slice(from), scripts }
}

/** The named signs a recipe is written with; letters with an accent are made from their parts. */
const named: Record<string, string> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  frac13: '⅓',
  frac23: '⅔',
  frasl: '⁄',
  deg: '°',
  times: '×',
  ndash: '–',
  mdash: '—',
  lsquo: '‘',
  rsquo: '’',
  ldquo: '“',
  rdquo: '”',
  hellip: '…',
  bull: '•',
  middot: '·',
  szlig: 'ß',
  aelig: 'æ',
  oslash: 'ø',
  pound: '£',
  euro: '€',
}
const accents: Record<string, string> = {
  grave: '\u0300',
  acute: '\u0301',
  circ: '\u0302',
  tilde: '\u0303',
  uml: '\u0308',
  cedil: '\u0327',
}
function sign(all: string, body: string): string {
  const number = /^#(?:x([0-9a-f]+)|(\d+))$/i.exec(body)
  if (number) {
    const code = number[1] ? Number.parseInt(number[1], 16) : Number(number[2])
    return code > 0 && code <= 0x10ffff && !(code >= 0xd800 && code <= 0xdfff) ? String.fromCodePoint(code) : all
  }
  const letter = /^([a-z])(grave|acute|circ|tilde|uml|cedil)$/i.exec(body)
  return letter
    ? (letter[1]! + accents[letter[2]!.toLowerCase()]!).normalize('NFC')
    : Object.hasOwn(named, body)
      ? named[body]!
      : all
}

/** Without tags, "&frac12;" and "&#39;" as the signs they stand for; what is no known sign stays as written. */
export const withoutMarkup = (text: string): string =>
  text
    .replace(/<[^<>]*>/g, ' ')
    .replace(/&(#x[0-9a-f]{1,6}|#\d{1,7}|[a-z][a-z\d]{1,9});/gi, sign)
    .replaceAll('\u00a0', ' ')
