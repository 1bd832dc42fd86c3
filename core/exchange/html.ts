// A pasted page: its scripts apart from what stands around them, and its tags and entities made plain.
import { decodeHTML } from 'entities'

export interface Page {
  /** Everything outside script and style elements. */
  outside: string
  scripts: { attributes: string; body: string }[]
}

/** Cuts the scripts and styles out in one pass; one that is never closed stays as text. */
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
    outside += page.slice(from, open.index)
    from = opening.lastIndex = closing.lastIndex
  }
  return { outside: outside + page.slice(from), scripts }
}

/** Without tags, "&frac12;" and "&#39;" as the signs they stand for. */
export const withoutMarkup = (text: string): string =>
  decodeHTML(text.replace(/<[^<>]*>/g, ' ')).replaceAll('\u00a0', ' ')
