// The proof of a product's claims as a PDF to hand over: A4, page numbers, the day, and the fingerprint of the state it is of.
import fontkit from '@pdf-lib/fontkit'
import { PDFDocument, type PDFFont, rgb } from 'pdf-lib'
import { lacking } from './metrics'
import { labelFonts } from './pdf'

export interface ProofPage {
  title: string
  /** Under the title, a line each. */
  lead: string[]
  sections: { title: string; rows: { text: string; bold?: boolean; indent?: number }[] }[]
  /** At the foot of each page. */
  foot: string
}
const [width, height, margin] = [595.28, 841.89, 48]

/** What the font has no sign for stands as a question mark: no proof fails for a letter. */
export const drawable = (text: string): string => {
  const missing = new Set(lacking(text))
  return [...text].map(sign => (missing.has(sign) ? '?' : sign)).join('')
}
/** Every word of it, in lines no wider than the room. */
export function wrapped(text: string, font: PDFFont, size: number, room: number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of drawable(text).split(/\s+/)) {
    const next = line ? `${line} ${word}` : word
    if (line && font.widthOfTextAtSize(next, size) > room) {
      lines.push(line)
      line = word
    } else line = next
  }
  return [...lines, line]
}

export async function proofPdf(proof: ProofPage): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.registerFontkit(fontkit)
  document.setTitle(proof.title)
  document.setLanguage('en-GB')
  const { regular, bold } = await labelFonts(document)
  let page = document.addPage([width, height])
  let y = height - margin
  const put = (text: string, { size = 9.5, strong = false, indent = 0, gap = 3 } = {}) => {
    const font = strong ? bold : regular
    for (const line of wrapped(text, font, size, width - 2 * margin - indent)) {
      if (y < margin + 30) {
        page = document.addPage([width, height])
        y = height - margin
      }
      page.drawText(line, { x: margin + indent, y: y - size, size, font, color: rgb(0.1, 0.13, 0.2) })
      y -= size * 1.35
    }
    y -= gap
  }
  put(proof.title, { size: 17, strong: true, gap: 6 })
  for (const line of proof.lead) put(line)
  for (const section of proof.sections) {
    y -= 6
    put(section.title, { size: 12, strong: true, gap: 4 })
    for (const row of section.rows)
      put(row.text, { strong: row.bold ?? false, indent: (row.indent ?? 0) * 14, gap: 1.5 })
  }
  const pages = document.getPages()
  for (const [at, one] of pages.entries())
    one.drawText(drawable(`Page ${at + 1} of ${pages.length}. ${proof.foot}`), {
      x: margin,
      y: margin - 18,
      size: 7.5,
      font: regular,
      color: rgb(0.33, 0.36, 0.42),
    })
  return document.save()
}
