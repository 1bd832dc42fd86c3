// How a label is arranged: which block stands where on which size, in whole and half millimetres. What stands in a block is the
// declaration's; only a logo and words of her own are added.
import { z } from 'zod'

export const labelBlocks = [
  'front',
  'list',
  'table',
  'keeping',
  'business',
  'codes',
  'summary',
  'logo',
  'words',
] as const
export type LabelBlockKind = (typeof labelBlocks)[number]
/** What belongs together by law is one block: the name stands with the net quantity, what it contains with the list. */
export const labelBlockName: Record<LabelBlockKind, string> = {
  front: 'name and net quantity',
  list: 'list and statements',
  table: 'nutrition table',
  keeping: 'date, lot and storage',
  business: 'name and address of the business',
  codes: 'article number and square code',
  summary: 'summary or symbol for the front',
  logo: 'logo',
  words: 'own words',
}

const half = (mm: number) => Math.abs(mm * 2 - Math.round(mm * 2)) < 1e-9
const mm = (what: string, least: number, most: number) =>
  z
    .number(`Say ${what}, in millimetres.`)
    .min(least, `${what} is at least ${least} mm.`)
    .max(most, `${what} is at most ${most} mm.`)
    .refine(half, 'Blocks stand on half millimetres.')

/** How far a logo may run out over the edge, mm: what is cut away. */
const mostBleed = 3

export const LabelBlock = z.object({
  kind: z.enum(labelBlocks),
  x: mm('where it begins', -mostBleed, 400),
  y: mm('where it begins', -mostBleed, 600),
  width: mm('how wide it is', 4, 400),
  height: mm('how high it is', 2, 600),
})
export type LabelBlock = z.infer<typeof LabelBlock>

/** Words keep so far from the edge, mm: printers shift. A logo may run out over it. */
export const edge = 1.5

export const overlaps = (a: LabelBlock, b: LabelBlock): boolean =>
  a.x < b.x + b.width - 1e-9 && b.x < a.x + a.width - 1e-9 && a.y < b.y + b.height - 1e-9 && b.y < a.y + a.height - 1e-9

export const LabelDesign = z
  .object({
    id: z.string().min(1).max(100),
    name: z.string().trim().min(1, 'Give it a name.').max(80),
    /** Of the label, mm. */
    width: z.number().min(15).max(400),
    height: z.number().min(10).max(600),
    /** The kitchen's own stock it is for, where it is for one. */
    stock: z.string().max(100).exactOptional(),
    blocks: z.array(LabelBlock).max(labelBlocks.length),
    /** The picture that stands in its block, by its id, with its sides. */
    logo: z
      .object({ id: z.string().max(100), width: z.number().positive(), height: z.number().positive() })
      .exactOptional(),
    words: z.string().trim().max(300, 'Keep your own words under 300 letters.').exactOptional(),
  })
  .superRefine(({ width, height, blocks, logo }, context) => {
    const wrong = (message: string) => context.addIssue({ code: 'custom', path: ['blocks'], message })
    for (const [at, one] of blocks.entries()) {
      const name = labelBlockName[one.kind]
      if (blocks.slice(0, at).some(other => other.kind === one.kind)) wrong(`There are two blocks for ${name}.`)
      const margin = one.kind === 'logo' ? -mostBleed : edge
      if (
        one.x < margin - 1e-9 ||
        one.y < margin - 1e-9 ||
        one.x + one.width > width - margin + 1e-9 ||
        one.y + one.height > height - margin + 1e-9
      )
        wrong(`The block for ${name} stands out over the label, or closer to its edge than ${edge} mm.`)
      for (const other of blocks.slice(0, at))
        if (overlaps(one, other)) wrong(`The blocks for ${name} and ${labelBlockName[other.kind]} lie over each other.`)
    }
    if (blocks.some(one => one.kind === 'logo') && !logo) wrong('Choose a picture for the logo, or take its block out.')
  })
export type LabelDesign = z.infer<typeof LabelDesign>
