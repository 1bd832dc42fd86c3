import { edge, type LabelBlock, LabelDesign, labelBlocks } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labelSizes } from '../../../label/layout'
import { designDraft, designsFrom, firstBlocks, moved, newDesign, onSize, sized, withBlock } from './draft'

const size = fc.record({ width: fc.integer({ min: 30, max: 200 }), height: fc.integer({ min: 30, max: 300 }) })
const block = fc.record({
  kind: fc.constantFrom(...labelBlocks),
  x: fc.integer({ min: 0, max: 40 }),
  y: fc.integer({ min: 0, max: 40 }),
  width: fc.integer({ min: 4, max: 60 }),
  height: fc.integer({ min: 2, max: 60 }),
}) as fc.Arbitrary<LabelBlock>
const pull = fc.double({ min: -300, max: 300, noNaN: true })

describe('a label design', () => {
  it('begins as one that can be kept, on any size', () => {
    fc.assert(
      fc.property(size, of => {
        const draft = { ...newDesign(), name: 'Quay', ...of, blocks: firstBlocks(of) }
        expect(designsFrom([draft], [])).toHaveProperty('values')
      }),
    )
  })
  it('takes one block after another without laying any over another', () => {
    fc.assert(
      fc.property(size, fc.shuffledSubarray(['codes', 'summary', 'words'] as const), (of, kinds) => {
        let draft = { ...newDesign(), name: 'Quay', ...of, blocks: firstBlocks(of) }
        for (const kind of kinds) draft = { ...draft, blocks: withBlock(draft, kind) }
        expect(designsFrom([draft], [])).toHaveProperty('values')
        expect(draft.blocks).toHaveLength(5 + kinds.length)
      }),
    )
  })
  it('written as a form and read again is the same', () => {
    for (const of of labelSizes) {
      const made = LabelDesign.parse({
        id: 'd',
        name: 'Quay',
        ...of,
        blocks: firstBlocks(of),
        words: 'Baked by the sea.',
      })
      expect(designsFrom([designDraft(made)], [])).toEqual({ values: [made] })
    }
  })
  it('keeps every block on the label and on half millimetres, however it is pulled (property)', () => {
    fc.assert(
      fc.property(size, block, pull, pull, (of, one, dx, dy) => {
        for (const now of [moved(one, dx, dy, of), sized(moved(one, 0, 0, of), dx, dy, of)]) {
          const out = one.kind === 'logo' ? 3 : 0
          expect(now.kind).toBe(one.kind)
          for (const mm of [now.x, now.y, now.width, now.height]) expect(mm * 2).toBe(Math.round(mm * 2))
          expect(Math.min(now.x, now.y)).toBeGreaterThanOrEqual(-out)
          if (one.width <= of.width) expect(now.x + now.width).toBeLessThanOrEqual(of.width + out)
          if (one.height <= of.height) expect(now.y + now.height).toBeLessThanOrEqual(of.height + out)
        }
      }),
    )
  })
  it('on another size keeps its blocks apart', () => {
    for (const from of labelSizes)
      for (const to of labelSizes) {
        const draft = { ...newDesign(), name: 'Quay', ...from, blocks: firstBlocks(from) }
        expect(designsFrom([{ ...draft, ...onSize(draft, 'other', to) }], [])).toHaveProperty('values')
      }
  })
  it.each([
    [{ name: '' }, 'Give it a name.'],
    [{ blocks: [{ kind: 'list', x: 1, y: 10, width: 20, height: 10 }] }, `closer to its edge than ${edge} mm`],
    [
      {
        blocks: [
          { kind: 'list', x: 2, y: 10, width: 20, height: 10 },
          { kind: 'table', x: 20, y: 15, width: 20, height: 10 },
        ],
      },
      'lie over each other',
    ],
    [{ blocks: [{ kind: 'logo', x: 2, y: 10, width: 20, height: 10 }] }, 'Choose a picture for the logo'],
  ] as [Partial<ReturnType<typeof newDesign>>, string][])('says what is wrong with it: %j', (change, problem) => {
    const draft = { ...newDesign(), name: 'Quay', ...change }
    expect(designsFrom([draft], [])).toEqual({ problems: new Map([[draft.key, expect.stringContaining(problem)]]) })
  })
})
