import type { FullCost } from '@fair-tin/core/cost'
import { describe, expect, it } from 'vitest'
import { priceSteps } from './priceSteps'

const part = (kind: 'ingredients' | 'labour', amount: string | null) => ({
  kind,
  name: kind,
  amount,
  estimate: false,
  how: '',
  parts: [],
})
const cost: FullCost = {
  currency: 'GBP',
  parts: [part('ingredients', '6'), part('labour', '4')],
  losses: null,
  total: '10',
  made: 20,
  sold: 16,
  perPiece: '0.625',
  perPack: '1.25',
  perBox: null,
  foodPerPiece: '0.3',
  unknown: [],
  labourHours: 1,
  ovenHours: 0,
}
describe('the steps to a price', () => {
  it('each begins where the last ended, and the last is the price', () => {
    const steps = priceSteps(cost, { net: 1, tax: 0.2, paid: 1.2 })
    expect(steps.map(one => [one.name, Number(one.from.toFixed(3)), Number(one.to.toFixed(3))])).toEqual([
      ['ingredients', 0, 0.3],
      ['labour', 0.3, 0.5],
      ['for what is not sold', 0.5, 0.625],
      ['left to you', 0.625, 1],
      ['tax', 1, 1.2],
      ['price', 0, 1.2],
    ])
  })
  it('a price under the cost goes back: it loses', () => {
    const steps = priceSteps(cost, { net: 0.5, tax: 0, paid: 0.5 })
    expect(steps.find(one => one.key === 'left')).toMatchObject({ name: 'it loses', from: 0.625, to: 0.5 })
  })
  it('where something is not known, no more than that can be left, and no less is lost', () => {
    const named = (net: number) =>
      priceSteps({ ...cost, unknown: ['no price for oats'] }, { net, tax: 0, paid: net }).map(one => one.name)
    expect(named(1)).toContain('left at most')
    expect(named(0.5)).toContain('loses at least')
  })
  it('leaves out what is not known, and is nothing where a piece cannot be said', () => {
    expect(priceSteps({ ...cost, parts: [part('ingredients', null)], perPiece: '0' }, null)).toEqual([])
    expect(priceSteps({ ...cost, perPiece: null }, null)).toEqual([])
  })
})
