// A laid-out label as a PDF at true size, with embedded fonts and text one can select.
import { readFile } from 'node:fs/promises'
import path from 'node:path'
import fontkit from '@pdf-lib/fontkit'
import { degrees, PDFDocument, type PDFFont, type PDFHexString, PDFName, type PDFPage, rgb } from 'pdf-lib'
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
    regular: shapedOnce(await document.embedFont(regular, { subset: true, features })),
    bold: shapedOnce(await document.embedFont(bold, { subset: true, features })),
  }
}
/** Labels repeat their words: each is shaped once a document. */
function shapedOnce(font: PDFFont): PDFFont {
  const shaped = new Map<string, PDFHexString>()
  const shape = font.encodeText.bind(font)
  font.encodeText = text => {
    const known = shaped.get(text) ?? shape(text)
    shaped.set(text, known)
    return known
  }
  return font
}

export type Pictures = Readonly<Record<string, Uint8Array>>
/** Length of a mark, and how far it keeps from the edge, mm. */
export const [long, away] = [3, 1]

function trimmed(page: PDFPage, { width, height }: LabelLayout, around: number, bleed: number): void {
  const at = (from: number, wide: number, high: number) =>
    [from * pointsPerMm, from * pointsPerMm, wide * pointsPerMm, high * pointsPerMm] as const
  page.setTrimBox(...at(around, width, height))
  page.setBleedBox(...at(around - bleed, width + 2 * bleed, height + 2 * bleed))
}
/** At the corners, outside of what is cut away. */
function drawMarks(page: PDFPage, { width, height }: LabelLayout, around: number, bleed: number): void {
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    page.drawLine({
      start: { x: (x1 + around) * pointsPerMm, y: (y1 + around) * pointsPerMm },
      end: { x: (x2 + around) * pointsPerMm, y: (y2 + around) * pointsPerMm },
      thickness: 0.25,
      color: rgb(0, 0, 0),
    })
  const [near, far] = [bleed + away, bleed + away + long]
  for (const x of [0, width]) {
    line(x, -near, x, -far)
    line(x, height + near, x, height + far)
  }
  for (const y of [0, height]) {
    line(-near, y, -far, y)
    line(width + near, y, width + far, y)
  }
}

interface Cut {
  /** mm around the label that are cut away. */
  bleed?: number
  /** Where to cut, around it. */
  marks?: boolean
}
interface Label {
  layout: LabelLayout
  /** Not signed as it stands: marked as such. */
  draft?: boolean
  copies?: number
  /** PNG bytes, by id. */
  pictures?: Pictures
}

/** PDF bytes: one page a copy, each exactly as large as the label; a draft is marked as one. */
export const labelPdf = (
  layout: LabelLayout,
  title: string,
  { bleed, marks, ...label }: Omit<Label, 'layout'> & Cut = {},
): Promise<Uint8Array> =>
  labelsPdf([{ layout, ...label }], title, { ...(bleed ? { bleed } : {}), ...(marks ? { marks } : {}) })

/** Labels of several kinds, one kind after the other. */
export async function labelsPdf(
  labels: readonly Label[],
  title: string,
  { bleed = 0, marks = false }: Cut = {},
): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.registerFontkit(fontkit)
  document.setTitle(labels.some(one => one.draft) ? `Draft, not signed: ${title}` : title)
  document.setLanguage('en-GB')
  const fonts = await labelFonts(document)
  const around = bleed + (marks ? long + away : 0)
  for (const label of labels) {
    const { layout, copies = 1 } = label
    const whole: [number, number] = [
      (layout.width + 2 * around) * pointsPerMm,
      (layout.height + 2 * around) * pointsPerMm,
    ]
    // set once: every copy is a page that shows the same
    const page = document.addPage(whole)
    await drawLabel(document, page, fonts, label, around)
    if (marks) drawMarks(page, layout, around, bleed)
    if (around > 0) trimmed(page, layout, around, bleed)
    for (let copy = 1; copy < copies; copy++) {
      const again = document.addPage(whole)
      for (const part of ['Contents', 'Resources'].map(name => PDFName.of(name))) {
        const shared = page.node.get(part)
        if (shared) again.node.set(part, shared)
      }
      if (around > 0) trimmed(again, layout, around, bleed)
    }
  }
  return document.save()
}

async function drawLabel(
  document: PDFDocument,
  page: PDFPage,
  fonts: Awaited<ReturnType<typeof labelFonts>>,
  { layout, draft, pictures = {} }: Label,
  around: number,
): Promise<void> {
  const x = (mm: number) => (mm + around) * pointsPerMm
  const y = (mm: number) => (layout.height - mm + around) * pointsPerMm
  for (const rule of layout.rules)
    page.drawLine({
      start: { x: x(rule.x1), y: y(rule.y) },
      end: { x: x(rule.x2), y: y(rule.y) },
      thickness: rule.weight * pointsPerMm,
      color: rgb(0, 0, 0),
    })
  for (const box of layout.boxes)
    page.drawRectangle({
      x: x(box.x),
      y: y(box.y + box.height),
      width: box.width * pointsPerMm,
      height: box.height * pointsPerMm,
      borderWidth: box.weight * pointsPerMm,
      borderColor: rgb(0, 0, 0),
    })
  for (const image of layout.images) {
    const bytes = pictures[image.id]
    if (!bytes) continue
    page.drawImage(await document.embedPng(bytes), {
      x: x(image.x),
      y: y(image.y + image.height),
      width: image.width * pointsPerMm,
      height: image.height * pointsPerMm,
    })
  }
  for (const ring of layout.rings)
    page.drawCircle({
      x: x(ring.x),
      y: y(ring.y),
      size: ring.r * pointsPerMm,
      borderWidth: ring.weight * pointsPerMm,
      borderColor: rgb(0, 0, 0),
    })
  for (const fill of layout.fills)
    page.drawRectangle({
      x: x(fill.x),
      y: y(fill.y + fill.height),
      width: fill.width * pointsPerMm,
      height: fill.height * pointsPerMm,
      color: rgb(0, 0, 0),
    })
  for (const text of layout.texts)
    page.drawText(text.text, {
      x: x(text.x),
      y: y(text.y),
      size: text.size * pointsPerMm,
      font: text.bold ? fonts.bold : fonts.regular,
      color: text.inverse ? rgb(1, 1, 1) : rgb(0, 0, 0),
    })
  if (draft) {
    const { paths, scale, colour } = draftMark(layout)
    const { x: left, y: top, lean } = draftPlace(layout)
    const angle = (lean * Math.PI) / 180
    for (const one of paths)
      page.drawSvgPath(one.d, {
        x: x(left + one.x * Math.cos(angle)),
        y: y(top - one.x * Math.sin(angle)),
        scale: scale * pointsPerMm,
        rotate: degrees(lean),
        borderColor: rgb(...colour),
        borderWidth: draftStroke,
        borderOpacity: draftOpacity,
      })
  }
}
