// A label in points, as a printer of so many to the inch has them: for a picture, and for a label printer.
import { existsSync } from 'node:fs'
import path from 'node:path'
import type { Points } from '@fair-tin/core/exchange'
import { renderAsync } from '@resvg/resvg-js'
import { createElement } from 'react'
import { draftOpacity } from './draftMark'
import { LabelSvg } from './LabelSvg'
import type { LabelLayout } from './layout'
import type { Pictures } from './pdf'

/** Points to the inch that label printers have, and one for the eye. */
export const resolutions = [203, 300, 600] as const
export type Resolution = (typeof resolutions)[number]

const fontFiles = ['400Regular', '700Bold'].map(weight => {
  const inPackage = path.join('node_modules/@expo-google-fonts/archivo', weight, `Archivo_${weight}.ttf`)
  return (
    [process.cwd(), path.join(process.cwd(), '..')].map(base => path.join(base, inPackage)).find(existsSync) ??
    inPackage
  )
})

/** As many points as are drawn at once: a label of 300 mm by 300 mm at 300 to the inch. */
const mostPoints = 13_000_000
/** Why a label of that size is not drawn so finely; null: it is. Sizes in millimetres. */
export function tooFine({ width, height }: Pick<LabelLayout, 'width' | 'height'>, perInch: Resolution): string | null {
  const fits = resolutions.filter(one => width * height * (one / 25.4) ** 2 <= mostPoints)
  if (fits.includes(perInch)) return null
  const finest = fits.at(-1)
  return `At ${perInch} points to the inch this label is too large to be drawn. ${finest ? `Take ${finest}` : 'Make it smaller'}, or take it as PDF or SVG, which are sharp at any size.`
}

/** As a drawing by itself, its picture inside. */
export async function labelSvg(
  layout: LabelLayout,
  draft: boolean,
  pictures: Pictures,
  font?: string,
): Promise<string> {
  const { renderToStaticMarkup } = await import('react-dom/server')
  const drawn = renderToStaticMarkup(
    createElement(LabelSvg, {
      layout,
      draft,
      trueSize: true,
      ...(font ? { font } : {}),
      pictureAt: id => `data:image/png;base64,${Buffer.from(pictures[id] ?? []).toString('base64')}`,
    }),
  )
  return drawn.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ').replaceAll('xmlSpace=', 'xml:space=')
}

/** `inInk`: for a printer that has ink or none, so that the mark of a draft is none of what comes out pale and is lost. */
async function rendered(layout: LabelLayout, draft: boolean, pictures: Pictures, perInch: Resolution, inInk = false) {
  const drawn = await labelSvg(layout, draft, pictures, 'Archivo')
  const svg = (inInk ? drawn.replace(`opacity="${draftOpacity}"`, 'opacity="1"') : drawn)
    // its size is said in points, not in millimetres
    .replace(/ width="[\d.]+mm" height="[\d.]+mm"/, ` width="${layout.width}" height="${layout.height}"`)
  return renderAsync(svg, {
    background: '#fff',
    fitTo: { mode: 'width', value: Math.round((layout.width / 25.4) * perInch) },
    font: { loadSystemFonts: false, fontFiles, defaultFontFamily: 'Archivo' },
  })
}

export async function labelPng(layout: LabelLayout, draft: boolean, pictures: Pictures, perInch: Resolution) {
  return new Uint8Array((await rendered(layout, draft, pictures, perInch)).asPng())
}

/** In ink or none, as a label printer prints it. */
export async function labelPoints(
  layout: LabelLayout,
  draft: boolean,
  pictures: Pictures,
  perInch: Resolution,
): Promise<Points> {
  const { width, height, pixels } = await rendered(layout, draft, pictures, perInch, true)
  return {
    width,
    height,
    dark: (x, y) => {
      const at = (y * width + x) * 4
      return (pixels[at]! * 299 + pixels[at + 1]! * 587 + pixels[at + 2]! * 114) / 1000 < 140
    },
  }
}
