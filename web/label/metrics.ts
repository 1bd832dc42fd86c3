// How wide label text is, in millimetres, from the font's own advance widths.
import archivo from './archivo.json'

const widths = { regular: archivo.regular as Record<string, number>, bold: archivo.bold as Record<string, number> }

const measured = { regular: new Map<string, number>(), bold: new Map<string, number>() }
const mostMeasured = 5000

/** Width of `text` at an em of 1 mm; labels repeat their words, so each is measured once. */
function unitWidth(text: string, bold: boolean): number {
  const known = (bold ? measured.bold : measured.regular).get(text)
  if (known !== undefined) return known
  const table = bold ? widths.bold : widths.regular
  let units = 0
  for (const letter of text) units += table[letter] ?? archivo.unitsPerEm / 2
  const memory = bold ? measured.bold : measured.regular
  if (memory.size >= mostMeasured) memory.clear()
  memory.set(text, units / archivo.unitsPerEm)
  return units / archivo.unitsPerEm
}

/** Width in mm of `text` set at `size` mm to the em. No kerning and no ligatures, in layout, on screen and in the PDF. */
export const textWidth = (text: string, size: number, bold = false): number => unitWidth(text, bold) * size

/** Characters the label's font lacks: they can be neither measured nor printed. */
export const lacking = (text: string): string[] => [...new Set([...text].filter(letter => !(letter in widths.regular)))]

/** Share of the em: small letters without ascenders, and figures. */
export const xHeight = archivo.xHeight / archivo.unitsPerEm
export const figureHeight = archivo.capHeight / archivo.unitsPerEm
