// A picture that came from outside, drawn anew: what comes out is its points and nothing else, no script, no place, no hidden word.
import { Resvg, renderAsync } from '@resvg/resvg-js'

export interface Redrawn {
  type: 'image/png'
  width: number
  height: number
  bytes: Uint8Array
}
/** Points of the longer side at most: 60 mm at 500 to the inch. */
const longest = 1200
const starts = (bytes: Uint8Array, ...first: number[]) => first.every((byte, at) => bytes[at] === byte)

/** An SVG may draw from itself alone; what it would fetch, or unpack, is refused before it is read. */
const fetches = /<!DOCTYPE|<!ENTITY|\bhref\s*=\s*["']?(?!["']?\s*#)|@import|url\(\s*["']?(?!["']?#)/i
/** What makes much of few letters: each of one may stand for many of another. */
const grows = /<(?:[\w-]+:)?(?:filter|marker|pattern|mask)\b/i
const mostUses = 12
/** Letters of an SVG, and points of a PNG. */
const most = { letters: 500_000, points: 16_000_000 }

function svgOf(bytes: Uint8Array): { svg: string } | { problem: string } {
  if (starts(bytes, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
    const [width, height] = bytes.length > 24 ? [view.getUint32(16), view.getUint32(20)] : [0, 0]
    if (width < 1 || height < 1 || width * height > most.points)
      return { problem: 'is no PNG that can be drawn, or has over 16 million points: keep a smaller one.' }
    const data = Buffer.from(bytes).toString('base64')
    return {
      svg: `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><image width="${width}" height="${height}" href="data:image/png;base64,${data}"/></svg>`,
    }
  }
  const text = new TextDecoder('utf-8', { fatal: false }).decode(bytes)
  if (!/<svg[\s>]/i.test(text.slice(0, 5000)))
    return { problem: 'is no PNG and no SVG, whatever its name says. Only those are taken.' }
  if (fetches.test(text))
    return {
      problem: 'takes in another file, a picture or an address. Save it as a plain SVG of shapes, or as a PNG.',
    }
  if (text.length > most.letters || grows.test(text) || (text.match(/<(?:[\w-]+:)?use\b/gi) ?? []).length > mostUses)
    return { problem: 'is too much to draw. Save it as a PNG.' }
  return { svg: text }
}

/** As PNG, or why not, to be read behind its name. */
export async function redrawn(bytes: Uint8Array): Promise<Redrawn | { problem: string }> {
  const read = svgOf(bytes)
  if ('problem' in read) return read
  try {
    const { width, height } = new Resvg(read.svg, { font: { loadSystemFonts: false } })
    if (!(width > 0 && height > 0)) return { problem: 'has no size.' }
    const scale = longest / Math.max(width, height)
    // a picture of points is not blown up
    const isDrawing = !starts(bytes, 0x89)
    const fitTo = isDrawing || scale < 1 ? { mode: 'zoom' as const, value: scale } : { mode: 'original' as const }
    const image = await renderAsync(read.svg, { font: { loadSystemFonts: false }, fitTo })
    const png = new Uint8Array(image.asPng())
    return { type: 'image/png', width: image.width, height: image.height, bytes: png }
  } catch {
    return { problem: 'cannot be drawn. Open it in a drawing program and save it again.' }
  }
}
