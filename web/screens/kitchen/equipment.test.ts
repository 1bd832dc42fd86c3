import type { Kitchen } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { type EquipmentDraft, equipmentDraft, equipmentFrom } from './equipment'

const kitchen: Kitchen = {
  currency: 'GBP',
  crossContact: [],
  scales: [{ capacity: 15000, resolution: 0.5 }],
  mixers: [{ name: 'big one', grams: 6000 }],
  ovens: [
    { name: 'fan oven', tins: 4, fan: true, kW: 9.5, preheatMinutes: 15 },
    { name: 'deck oven', tins: 2 },
  ],
  tins: [
    { shape: 'ring', diameter: 20, hole: 6, depth: 8 },
    { shape: 'cups', count: 12, volumeMl: 90 },
  ],
}
const changed = (change: (draft: EquipmentDraft) => void) => {
  const draft = equipmentDraft(kitchen)
  change(draft)
  const read = equipmentFrom(draft)
  return 'problems' in read ? read.problems.map(one => one.message) : []
}

describe('equipment', () => {
  it('typed and read back is the same', () => {
    const { scales, mixers, ovens, tins } = kitchen
    expect(equipmentFrom(equipmentDraft(kitchen))).toEqual({ kept: { scales, mixers, ovens, tins } })
  })
  it('says what cannot be: a scale without a step, a tin of no depth, a ring that is all hole, an oven of no tins', () => {
    expect(
      changed(draft => {
        draft.scales[0]!.typed.resolution = ''
      }),
    ).toEqual(['Say the scale’s step, in grams: 1, or 0.1.'])
    expect(
      changed(draft => {
        draft.scales[0]!.typed.capacity = '0,2'
      }),
    ).toEqual(['A scale’s step is less than what it takes.'])
    expect(
      changed(draft => {
        draft.tins[0]!.tin.measures.depth = '0'
      }),
    ).toEqual(['A tin without width or depth holds nothing.'])
    expect(
      changed(draft => {
        draft.tins[0]!.tin.measures.hole = '20'
      }),
    ).toEqual(['The hole is as wide as the ring: nothing fits between.'])
    expect(
      changed(draft => {
        draft.tins[1]!.tin.measures.count = '1.5'
      }),
    ).toEqual(['Count whole cups.'])
    expect(
      changed(draft => {
        draft.ovens[1]!.typed.tins = '-1'
      }),
    ).toHaveLength(1)
    expect(
      changed(draft => {
        draft.mixers[0]!.typed.name = ' '
      }),
    ).toEqual(['Give the mixer a name.'])
  })
})
