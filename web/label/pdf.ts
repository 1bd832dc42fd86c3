// A laid-out label as a PDF at true size, with embedded fonts and text one can select.
import { readFile } from 'node:fs/promises'
import path from 'node:path'
import fontkit from '@pdf-lib/fontkit'
import { degrees, PDFDocument, PDFName, rgb } from 'pdf-lib'
import { draftMark, draftOpacity, draftPlace, draftStroke } from './draftMark'
import type { LabelLayout } from './layout'

const pointsPerMm = 72 / 25.4
const file = async (weight: '400Regular' | '700Bold') => {
  const inPackage = path.join('node_modules/@expo-google-fonts/archivo', weight, `Archivo_${weight}.ttf`)
  for (const base of [process.cwd(), path.join(process.cwd(), '..')]) {
    const bytes = await readFile(path.join(base, inPackage)).catch(() => null)
    if (bytes) return bytes
  }
  throw new Error(`The label font ${inPackage} is not installed. Run npm ci.`)
}
// advance widths only, as the layout measured them: no kerning, no ligatures
const features = { liga: false, clig: false, dlig: false, calt: false, kern: false }

/** The label's own fonts, set into a document that has a fontkit. */
export async function labelFonts(document: PDFDocument) {
  const [regular, bold] = await Promise.all([file('400Regular'), file('700Bold')])
  return {
    regular: await document.embedFont(regular, { subset: true, features }),
    bold: await document.embedFont(bold, { subset: true, features }),
  }
}

/** PDF bytes: one page a copy, each exactly as large as the label; a draft is marked as one. */
export async function labelPdf(
  layout: LabelLayout,
  title: string,
  { copies = 1, draft = false }: { copies?: number; draft?: boolean } = {},
): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.registerFontkit(fontkit)
  document.setTitle(draft ? `Draft, not signed: ${title}` : title)
  document.setLanguage('en-GB')
  const fonts = await labelFonts(document)
  // set once: every copy is a page that shows the same
  const page = document.addPage([layout.width * pointsPerMm, layout.height * pointsPerMm])
  const y = (mm: number) => (layout.height - mm) * pointsPerMm
  for (const rule of layout.rules)
    page.drawLine({
      start: { x: rule.x1 * pointsPerMm, y: y(rule.y) },
      end: { x: rule.x2 * pointsPerMm, y: y(rule.y) },
      thickness: rule.weight * pointsPerMm,
      color: rgb(0, 0, 0),
    })
  for (const box of layout.boxes)
    page.drawRectangle({
      x: box.x * pointsPerMm,
      y: y(box.y + box.height),
      width: box.width * pointsPerMm,
      height: box.height * pointsPerMm,
      borderWidth: box.weight * pointsPerMm,
      borderColor: rgb(0, 0, 0),
    })
  for (const fill of layout.fills)
    page.drawRectangle({
      x: fill.x * pointsPerMm,
      y: y(fill.y + fill.height),
      width: fill.width * pointsPerMm,
      height: fill.height * pointsPerMm,
      color: rgb(0, 0, 0),
    })
  for (const text of layout.texts)
    page.drawText(text.text, {
      x: text.x * pointsPerMm,
      y: y(text.y),
      size: text.size * pointsPerMm,
      font: text.bold ? fonts.bold : fonts.regular,
      color: rgb(0, 0, 0),
    })
  if (draft) {
    const { paths, scale, colour } = draftMark(layout)
    const { x, y: top, lean } = draftPlace(layout)
    const angle = (lean * Math.PI) / 180
    for (const one of paths)
      page.drawSvgPath(one.d, {
        x: (x + one.x * Math.cos(angle)) * pointsPerMm,
        y: y(top - one.x * Math.sin(angle)),
        scale: scale * pointsPerMm,
        rotate: degrees(lean),
        borderColor: rgb(...colour),
        borderWidth: draftStroke,
        borderOpacity: draftOpacity,
      })
  }
  for (let copy = 1; copy < copies; copy++) {
    const again = document.addPage([layout.width * pointsPerMm, layout.height * pointsPerMm])
    for (const part of ['Contents', 'Resources'].map(name => PDFName.of(name))) {
      const shared = page.node.get(part)
      if (shared) again.node.set(part, shared)
    }
  }
  return document.save()
}
