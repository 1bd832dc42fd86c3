// Words set into a column: measured once, broken where they must be, never cut. Millimetres throughout.
import type { Run } from '@fair-tin/core/label'
import { textWidth } from './metrics'
import type { Page } from './page'

export const leading = 1.22

/** A word measured once, at an em of 1 mm; it may be half bold ("butter**milk**"). */
export interface Word {
  pieces: { text: string; bold: boolean; width: number }[]
  width: number
  /** Set off from the word before by a space. */
  spaced: boolean
}
export interface Paragraph {
  words: Word[]
  /** Times the em of the body; or, `fixed`, mm. */
  size: number
  fixed?: true
  /** Space after it, in its own em. */
  gap: number
}
export interface Column {
  x: number
  width: number
  y: number
}

const unitSpace = textWidth(' ', 1)
const piece = (text: string, bold: boolean) => ({ text, bold, width: textWidth(text, 1, bold) })

function wordsOf(runs: readonly Run[]): Word[] {
  const words: Word[] = []
  let word: Word | null = null
  let spaced = false
  for (const run of runs)
    for (const bit of run.text.split(/(\s+)/)) {
      if (bit === '') continue
      if (/^\s+$/.test(bit)) {
        word = null
        spaced = true
        continue
      }
      if (!word) {
        word = { pieces: [], width: 0, spaced }
        words.push(word)
        spaced = false
      }
      const measured = piece(bit, run.strong ?? false)
      word.pieces.push(measured)
      word.width += measured.width
    }
  return words
}

/** A word wider than its column is broken where it must be; nothing is cut off. `width` at an em of 1 mm. */
function broken(word: Word, width: number): Word[] {
  if (word.width <= width) return [word]
  const out: Word[] = []
  let now: Word = { pieces: [], width: 0, spaced: word.spaced }
  for (const { text, bold } of word.pieces)
    for (const letter of text) {
      const wide = textWidth(letter, 1, bold)
      if (now.width + wide > width && now.pieces.length > 0) {
        out.push(now)
        now = { pieces: [], width: 0, spaced: false }
      }
      const last = now.pieces.at(-1)
      if (last && last.bold === bold) {
        last.text += letter
        last.width += wide
      } else now.pieces.push({ text: letter, bold, width: wide })
      now.width += wide
    }
  out.push(now)
  return out
}

/** Sets one paragraph into a column, from its `y` down. */
export function set(page: Page, column: Column, paragraph: Paragraph, em: number): void {
  const size = paragraph.fixed ? paragraph.size : paragraph.size * em
  const room = column.width / size
  let x = 0
  // neighbours of one kind on one row are one text, its spaces inside
  let open: Page['texts'][number] | null = null
  column.y += size * leading
  for (const whole of paragraph.words)
    for (const word of broken(whole, room)) {
      const lead = word.spaced && x > 0 ? unitSpace : 0
      if (x > 0 && x + lead + word.width > room + 1e-9) {
        column.y += size * leading
        x = 0
        open = null
      }
      const spaced = x > 0 && word.spaced
      if (spaced) x += unitSpace
      for (const [at, { text, bold, width }] of word.pieces.entries()) {
        if (open && open.bold === bold) open.text += `${at === 0 && spaced ? ' ' : ''}${text}`
        else {
          open = { x: column.x + x * size, y: column.y, text, size, bold }
          page.texts.push(open)
        }
        x += width
      }
    }
  column.y += paragraph.gap * size
}

export const plain = (text: string): Run[] => [{ text }]
export const paragraph = (runs: readonly Run[], gap = 0.35, size = 1): Paragraph => ({
  words: wordsOf(runs),
  size,
  gap,
})
