import Big from 'big.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Kitchen } from '../model/kitchen'
import type { Product } from '../model/product'
import type { Step } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { type CostPart, fullCostOf } from './fullCost'

const flour = sampleIngredient('flour')
const steps: Step[] = [
  { text: 'Mix', when: 'bench', work: { minutes: 15, people: 2, per: 'load' } },
  { text: 'Shape', when: 'bench', work: { minutes: 0.5, per: 'piece' } },
  { text: 'Bake', when: 'oven', minutes: { from: 25, to: 30 }, celsius: 180 },
]
const kitchen: Partial<Kitchen> = {
  labourPerHour: '12.00',
  energyPerKwh: '0.30',
  mixers: [{ name: 'mixer', grams: 1500 }],
  ovens: [{ name: 'oven', tins: 2, kW: 4, preheatMinutes: 20 }],
  around: { weighLine: 1, changeover: 10, packOne: 0.5 },
  running: [
    { name: 'rent', perMonth: '400', key: 'labourHour', monthly: 160 },
    { name: 'insurance', perMonth: '60', key: 'batch', monthly: 40 },
  ],
}
const product: Partial<Product> = {
  pieces: 2,
  packsPerBox: 6,
  packing: [
    { name: 'bag', price: '0.05', per: 'pack' },
    { name: 'box', price: '0.60', per: 'box' },
  ],
}
const book = (change: { kitchen?: Partial<Kitchen>; product?: Partial<Product>; steps?: Step[] } = {}): Workbook => {
  const workbook = sampleWorkbook(
    [flour],
    [sampleRecipe('top', [sampleLine('flour', 1000)], { pieces: 24, tins: 2, steps: change.steps ?? steps })],
    { ...product, ...change.product },
  )
  return { ...workbook, kitchen: { ...workbook.kitchen, ...kitchen, ...change.kitchen } }
}
const part = (parts: readonly CostPart[], kind: string) => parts.find(one => one.kind === kind)!
const added = (parts: readonly CostPart[]) =>
  parts.reduce((sum, one) => sum.plus(one.amount ?? 0), new Big(0)).toFixed()

describe('the full cost of a batch', () => {
  const cost = fullCostOf(book(), 'cake')
  it('by hand: 24 pieces of 1 kg of flour at £1', () => {
    expect(part(cost.parts, 'ingredients').amount).toBe('1')
    // 12 bags at 5p, 2 boxes at 60p
    expect(part(cost.parts, 'packing').amount).toBe('1.8')
    // mixing 15 × 2 × 1 load, shaping ½ × 24, weighing 1, changeover 10, packing ½ × 12: 59 minutes at £12
    expect(part(cost.parts, 'labour').amount).toBe('11.8')
    // two tins in one load of 30 minutes after 20 to heat: 4 kW × 50/60 h × 30p
    expect(part(cost.parts, 'oven')).toMatchObject({ amount: '1', estimate: true })
    // £400 × 59/60 h ÷ 160, and £60 ÷ 40
    expect(part(cost.parts, 'running').amount).toBe(
      new Big(400).times(59).div(60).div(160).plus(1.5).round(6).toFixed(),
    )
    expect(cost).toMatchObject({ made: 24, sold: 24, losses: null, unknown: [], ovenHours: 0.5 })
    expect(cost.perPiece).toBe(new Big(cost.total).div(24).round(6, Big.roundHalfUp).toFixed())
  })
  it('every figure opens into what adds up to it, for any batch', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 40, noNaN: true }), factor => {
        const any = fullCostOf(book({ product: { losses: { trimmings: 0.04, unsold: 0.1 } } }), 'cake', { factor })
        expect(added(any.parts)).toBe(any.total)
        for (const one of any.parts) expect(added(one.parts)).toBe(one.amount)
      }),
    )
  })
  it('what is baked in a part is its share of a making; an oven time that nobody says is missing, not nothing', () => {
    const shell = sampleRecipe('shell', [sampleLine('flour', 500)], {
      steps: [
        { text: 'Bake blind', when: 'oven', minutes: { from: 20 }, celsius: 170, work: { minutes: 2, per: 'batch' } },
      ],
    })
    const tart = (shellSteps: Step[]) => {
      const workbook = book()
      const top = { ...workbook.recipes[0]!, lines: [sampleLine('part:shell', 250), sampleLine('flour', 750)] }
      return { ...workbook, recipes: [top, { ...shell, steps: shellSteps }] }
    }
    const cost = fullCostOf(tart(shell.steps), 'cake')
    // beside the tart's own £1: half of a making of 4 kW × 40/60 h × 30p
    expect(part(cost.parts, 'oven').parts.map(one => one.amount)).toEqual(['1', '0.4'])
    expect(cost.ovenHours).toBeCloseTo(0.5 + 1 / 6, 9)
    expect(cost.unknown).toEqual([])
    const unsaid = fullCostOf(
      tart([{ text: 'Bake blind until gold', when: 'oven', work: { minutes: 2, per: 'batch' } }]),
      'cake',
    )
    expect(unsaid.unknown).toEqual(['how long shell is in the oven'])
  })
  it('work and oven go up by the load, not by the piece: 48 need no more mixing than 36', () => {
    const mixing = (factor: number) =>
      part(fullCostOf(book(), 'cake', { factor }).parts, 'labour').parts.find(one => one.name === 'Mix')!.amount
    expect([1, 1.5, 2, 3].map(mixing)).toEqual(['6', '6', '12', '12'])
    const baking = (factor: number) => part(fullCostOf(book(), 'cake', { factor }).parts, 'oven').amount
    expect([1, 1.1, 2].map(baking)).toEqual(['1', '1.6', '1.6'])
  })
  it('what is lost is carried by what is sold', () => {
    const lossy = fullCostOf(book({ product: { losses: { trimmings: 0.1, breakages: 0.05, unsold: 0.2 } } }), 'cake')
    expect(lossy.sold).toBeCloseTo(24 * 0.9 * 0.95 * 0.8, 9)
    expect(lossy.total).toBe(cost.total)
    expect(Number(lossy.perPiece)).toBeCloseTo(Number(cost.total) / lossy.sold!, 5)
    expect(Number(lossy.losses!.amount)).toBeCloseTo(Number(cost.total) * (1 - 0.9 * 0.95 * 0.8), 5)
    expect(Number(added(lossy.losses!.parts))).toBeCloseTo(Number(lossy.losses!.amount), 5)
  })
  it('all of it lost: nothing is left to carry it, and that is said', () => {
    const none = fullCostOf(book({ product: { losses: { unsold: 1 } } }), 'cake')
    expect(none).toMatchObject({ perPiece: null, perPack: null, sold: 0 })
    expect(none.unknown).toEqual(['what a piece carries: nothing is left to sell'])
  })
  it('what nobody set is named, and the rest still adds up', () => {
    const bare = fullCostOf(
      {
        ...sampleWorkbook(
          [flour, sampleIngredient('teff', { packs: [] })],
          [
            sampleRecipe('top', [sampleLine('flour', 1000), sampleLine('teff', 10)], {
              pieces: 24,
              steps: [{ text: 'Mix', when: 'bench' }, steps[2]!],
            }),
          ],
        ),
      },
      'cake',
    )
    expect(bare.unknown).toEqual([
      'no price for teff',
      'what it is packed in (say it under Cost, or that it is not packed)',
      'what an hour of work costs (set it under Kitchen)',
      'the work of making top (say it under Cost)',
      'which oven it bakes in (set one under Kitchen)',
    ])
    expect(bare).toMatchObject({ total: '1', perPiece: '0.041667' })
  })
  it('left-overs of parts are stock, or charged, as she says', () => {
    const workbook = sampleWorkbook(
      [flour],
      [
        sampleRecipe('top', [sampleLine('part:blend', 300)], { pieces: 10 }),
        sampleRecipe('blend', [sampleLine('flour', 1000)]),
      ],
      { packing: [] },
    )
    const total = (leftOver?: 'stock' | 'charged', stock = {}) =>
      fullCostOf(
        { ...workbook, kitchen: { ...workbook.kitchen, ...(leftOver ? { leftOver } : {}) } },
        'cake',
        { factor: 1 },
        stock,
      ).total
    expect(total()).toBe('0.3')
    expect(total('charged')).toBe('1')
    // there is enough on the shelf: nothing is made, so nothing is left over of it
    expect(total('charged', { blend: 300 })).toBe('0.3')
  })
  it('the work of parts counts by the share of a making that goes in, or by whole makings where left-overs are charged', () => {
    const blend = sampleRecipe('blend', [sampleLine('flour', 1000)], {
      steps: [{ text: 'Sift', when: 'ahead', work: { minutes: 30, people: 2, per: 'batch' } }],
    })
    const workbook = {
      ...book({ product: { packing: [] } }),
      recipes: [sampleRecipe('top', [sampleLine('part:blend', 250)], { pieces: 10, steps }), blend],
    }
    const sifting = (leftOver: 'stock' | 'charged') =>
      part(fullCostOf({ ...workbook, kitchen: { ...workbook.kitchen, leftOver } }, 'cake').parts, 'labour').parts.find(
        one => one.name === 'blend',
      )!.amount
    // 60 minutes at £12 for a kilogram
    expect([sifting('stock'), sifting('charged')]).toEqual(['3', '12'])
    const silent = { ...workbook, recipes: [workbook.recipes[0]!, { ...blend, steps: [] }] }
    expect(fullCostOf(silent, 'cake').unknown).toEqual(['the work of making blend'])
  })
  it('never less for more: a dearer price, more work or another loss never makes a piece cheaper', () => {
    const times = fc.double({ min: 1, max: 5, noNaN: true })
    fc.assert(
      fc.property(times, times, fc.double({ min: 0, max: 0.9, noNaN: true }), (dearer, slower, unsold) => {
        const workbook = book({
          product: { losses: { unsold } },
          steps: steps.map(one =>
            one.work ? { ...one, work: { ...one.work, minutes: one.work.minutes * slower } } : one,
          ),
        })
        const packs = [{ ...flour.packs[0]!, price: dearer.toFixed(6) }]
        const after = fullCostOf({ ...workbook, ingredients: [{ ...flour, packs }] }, 'cake')
        expect(Number(after.perPiece)).toBeGreaterThanOrEqual(Number(cost.perPiece) - 1e-6)
      }),
    )
  })
})
