// A label design as a form: everything is there while it is edited, and a design again when it is kept.
import {
  edge,
  type LabelBlock,
  type LabelBlockKind,
  LabelDesign,
  type LabelStock,
  overlaps,
} from '@fair-tin/core/model'
import { v4 } from 'uuid'
import { labelSizes, sizeName } from '../../../label/layout'

export interface DesignDraft {
  key: string
  name: string
  /** Of the sizes there are, by name, or a stock of the kitchen's, by its id. */
  on: string
  width: number
  height: number
  blocks: LabelBlock[]
  logo: LabelDesign['logo'] | null
  words: string
}

export const designDraft = ({ id, name, width, height, stock, blocks, logo, words }: LabelDesign): DesignDraft => ({
  key: id,
  name,
  on: stock ?? sizeName({ width, height }),
  width,
  height,
  blocks,
  logo: logo ?? null,
  words: words ?? '',
})

const half = (mm: number) => Math.round(mm * 2) / 2

/** A beginning that fits any size: what it is at the left, the figures at the right. */
export function firstBlocks({ width, height }: { width: number; height: number }): LabelBlock[] {
  const inset = 2
  const middle = half(width * 0.56)
  const left = (kind: LabelBlockKind, from: number, to: number): LabelBlock => ({
    kind,
    x: inset,
    y: half(height * from) + (from === 0 ? inset : 0),
    width: middle - inset - 1,
    height: half(height * (to - from)) - (from === 0 ? inset : 0) - (to === 1 ? inset : 0.5),
  })
  const right = (kind: LabelBlockKind, from: number, to: number): LabelBlock => ({
    ...left(kind, from, to),
    x: middle,
    width: width - middle - inset,
  })
  return [
    left('front', 0, 0.24),
    left('list', 0.24, 0.86),
    left('business', 0.86, 1),
    right('table', 0, 0.7),
    right('keeping', 0.7, 1),
  ]
}
/** What a block asks for, wide and high: at most, and at least. */
const needs: Partial<Record<LabelBlockKind, [[number, number], [number, number]]>> = {
  codes: [
    [52, 25],
    [29, 25],
  ],
  summary: [
    [80, 24],
    [36, 16],
  ],
}

/** With one more, where it lies over nothing; where there is no such place, the largest block gives it from its foot. */
export function withBlock(
  { width, height, blocks }: Pick<DesignDraft, 'width' | 'height' | 'blocks'>,
  kind: LabelBlockKind,
): LabelBlock[] {
  const [most, least] = needs[kind] ?? [
    [30, 12],
    [12, 5],
  ]
  for (const [wide, high] of [most, [(most[0] + least[0]) / 2, (most[1] + least[1]) / 2], least].map(
    one => one.map(half) as [number, number],
  ))
    for (let y = 2; y + high <= height - 2; y++)
      for (let x = 2; x + wide <= width - 2; x++) {
        const here = { kind, x, y, width: wide, height: high }
        if (!blocks.some(one => overlaps(one, here))) return [...blocks, here]
      }
  const largest = blocks.toSorted((a, b) => b.width * b.height - a.width * a.height)[0]
  if (!largest)
    return [{ kind, x: 2, y: 2, width: Math.max(4, half(width - 4)), height: Math.max(2, half(height - 4)) }]
  const given = half(Math.min(Math.max(10, least[1] + 1), largest.height / 2))
  return [
    ...blocks.map(one => (one === largest ? { ...one, height: one.height - given } : one)),
    { ...largest, kind, y: largest.y + largest.height - given + 0.5, height: Math.max(2, given - 0.5) },
  ]
}
export const newDesign = (): DesignDraft => {
  const size = labelSizes[1]!
  return { key: v4(), name: '', on: sizeName(size), ...size, blocks: firstBlocks(size), logo: null, words: '' }
}

/** On another size every block keeps its share of it. */
export function onSize(draft: DesignDraft, on: string, size: { width: number; height: number }): Partial<DesignDraft> {
  const across = (x: number) => half(edge + ((x - edge) * (size.width - 2 * edge)) / (draft.width - 2 * edge))
  const down = (y: number) => half(edge + ((y - edge) * (size.height - 2 * edge)) / (draft.height - 2 * edge))
  return {
    on,
    width: size.width,
    height: size.height,
    blocks: draft.blocks.map(one => ({
      kind: one.kind,
      x: across(one.x),
      y: down(one.y),
      width: Math.max(4, across(one.x + one.width) - across(one.x)),
      height: Math.max(2, down(one.y + one.height) - down(one.y)),
    })),
  }
}

/** Half a millimetre or more, and no further than it may stand out. */
export function moved(block: LabelBlock, dx: number, dy: number, size: { width: number; height: number }): LabelBlock {
  const out = block.kind === 'logo' ? 3 : 0
  const within = (at: number, long: number, room: number) => half(Math.max(-out, Math.min(at, room + out - long)))
  return {
    ...block,
    x: within(block.x + dx, block.width, size.width),
    y: within(block.y + dy, block.height, size.height),
  }
}
export function sized(block: LabelBlock, dx: number, dy: number, size: { width: number; height: number }): LabelBlock {
  const out = block.kind === 'logo' ? 3 : 0
  return {
    ...block,
    width: half(Math.max(4, Math.min(block.width + dx, size.width + out - block.x))),
    height: half(Math.max(2, Math.min(block.height + dy, size.height + out - block.y))),
  }
}

export function designOf(draft: DesignDraft, stocks: readonly LabelStock[]): unknown {
  const { key, name, on, width, height, blocks, logo, words } = draft
  return {
    id: key,
    name,
    width,
    height,
    blocks,
    ...(stocks.some(one => one.id === on) ? { stock: on } : {}),
    ...(logo ? { logo } : {}),
    ...(words.trim() ? { words: words.trim() } : {}),
  }
}
/** All of them, or what is wrong with which, by its key. */
export function designsFrom(
  drafts: readonly DesignDraft[],
  stocks: readonly LabelStock[],
): { values: LabelDesign[] } | { problems: ReadonlyMap<string, string> } {
  const problems = new Map<string, string>()
  const values: LabelDesign[] = []
  for (const draft of drafts) {
    const read = LabelDesign.safeParse(designOf(draft, stocks))
    if (read.success) values.push(read.data)
    else problems.set(draft.key, read.error.issues[0]!.message)
  }
  return problems.size > 0 ? { problems } : { values }
}
