import { describe, expect, it } from 'vitest'
import type { LabelDesign } from '../model/labelDesign'
import { pictureQuestions } from './ownWords'

const design = (change: Partial<LabelDesign> = {}): LabelDesign => ({
  id: 'kraft',
  name: 'Kraft roll',
  width: 100,
  height: 70,
  logo: { id: 'sun', width: 10, height: 10 },
  blocks: [{ kind: 'logo', x: 5, y: 5, width: 10, height: 10 }],
  ...change,
})
const { logo: _, ...bare } = design({ blocks: [] })

describe('a picture on a label', () => {
  it('is asked about where its design stands on that label, and shows one', () => {
    const asked = (one: LabelDesign, market: 'uk' | 'us' = 'uk') =>
      pictureQuestions({ designs: { uk: 'kraft' } }, { labelDesigns: [one] }, market)
    expect(asked(design())).toEqual([expect.stringContaining('“Kraft roll” shows a picture')])
    expect([asked(design({ blocks: [] })), asked(bare), asked(design(), 'us')]).toEqual([[], [], []])
    expect(pictureQuestions({}, { labelDesigns: [design()] }, 'uk')).toEqual([])
  })
})
