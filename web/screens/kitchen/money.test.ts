import type { Kitchen } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { type MoneyDraft, moneyDraft, moneyFrom } from './money'

const kitchen: Kitchen = {
  currency: 'GBP',
  crossContact: [],
  labourPerHour: '14.50',
  energyPerKwh: '0.27',
  around: { weighLine: 0.5, changeover: 15 },
  running: [{ name: 'rent', perMonth: '640', key: 'labourHour', monthly: 280 }],
  leftOver: 'charged',
  taxes: {
    uk: {
      included: true,
      rates: [
        { name: 'standard', percent: '20' },
        { name: 'zero', percent: '0' },
      ],
    },
  },
  pricePoint: { step: '0.50', less: '0.05' },
}
const said = (change: (draft: MoneyDraft) => void) => {
  const draft = moneyDraft(kitchen)
  change(draft)
  const read = moneyFrom(draft)
  return 'problem' in read ? read.problem : ''
}

describe('the kitchen’s money', () => {
  it('typed and read back is the same; empty stays unsaid', () => {
    const { currency: _, crossContact: __, ...money } = kitchen
    expect(moneyFrom(moneyDraft(kitchen))).toEqual({ kept: money })
    expect(moneyFrom(moneyDraft({ currency: 'GBP', crossContact: [] }))).toEqual({ kept: { leftOver: 'stock' } })
  })
  it('says what cannot be, and where', () => {
    expect(
      said(draft => {
        draft.labourPerHour = 'lots'
      }),
    ).toContain('An hour of work')
    expect(
      said(draft => {
        draft.labourPerHour = '-3'
      }),
    ).toContain('An hour of work')
    expect(
      said(draft => {
        draft.around.weighLine = '-1'
      }),
    ).toContain('Minutes cannot be less than none')
    expect(
      said(draft => {
        draft.running[0]!.monthly = '0'
      }),
    ).toContain('“rent”: There is more than none')
    expect(
      said(draft => {
        draft.running[0]!.perMonth = ''
      }),
    ).toContain('Write a price')
    expect(
      said(draft => {
        draft.taxes.uk!.rates[0]!.percent = 'some'
      }),
    ).toContain('A rate of tax')
    expect(
      said(draft => {
        draft.taxes.uk!.rates[1]!.name = 'standard'
      }),
    ).toContain('the same name')
    expect(
      said(draft => {
        draft.step = '0'
      }),
    ).toContain('more than nothing')
    expect(
      said(draft => {
        draft.energyPerKwh = '0,31'
      }),
    ).toBe('')
  })
})
