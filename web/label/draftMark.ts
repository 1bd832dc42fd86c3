// "DRAFT" across a label that nobody signed as it stands: drawn in strokes, so that it is no word of the label.
import type { LabelSize } from './layout'

const letters = [
  'M0 0 V6 H2 Q4 6 4 3 Q4 0 2 0 Z',
  'M0 6 V0 H2.5 Q4 0 4 1.6 Q4 3.2 2.5 3.2 H0 M2 3.2 L4 6',
  'M0 6 L2 0 L4 6 M0.8 4 H3.2',
  'M4 0 H0 V6 M0 3 H3',
  'M0 0 H4 M2 0 V6',
]
const advance = 5.5
const width = advance * (letters.length - 1) + 4

/** A stroke of each letter, mm, its left end at the origin; as large as fits across. */
export function draftMark(size: LabelSize): {
  paths: { d: string; x: number }[]
  scale: number
  colour: [number, number, number]
} {
  const scale = (size.width * 0.8) / width
  return { paths: letters.map((d, at) => ({ d, x: at * advance * scale })), scale, colour: [0.65, 0.2, 0.16] }
}
/** Where its left end stands and how far it leans, degrees: from the lower left up. */
export const draftPlace = (size: LabelSize): { x: number; y: number; lean: number } => {
  const lean = (Math.atan2(size.height * 0.5, size.width) * 180) / Math.PI
  const long = size.width * 0.8
  const angle = (lean * Math.PI) / 180
  return {
    x: (size.width - long * Math.cos(angle)) / 2,
    y: size.height / 2 + (long * Math.sin(angle)) / 2 - (3 * long) / width,
    lean,
  }
}
export const draftStroke = 0.6
export const draftOpacity = 0.35
