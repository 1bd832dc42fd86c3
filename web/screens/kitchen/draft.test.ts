import { type KitchenSheet, sheetEdits } from '@fair-tin/core/edit'
import { allergenCodes, evidenceKinds } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kitchen as demoKitchen } from '../../../demo/kitchen'
import { kitchenDraft, kitchenFrom, newRate, newRow, rebased } from './draft'

const maybe = <T>(one: fc.Arbitrary<T>) => fc.option(one, { nil: undefined })
const money = fc.integer({ min: 1, max: 99_999 }).map(pence => (pence / 100).toFixed(2))
const three = (min: number, max: number) => fc.integer({ min: min * 1000, max: max * 1000 }).map(one => one / 1000)
const day = fc.constantFrom('2026-01-01', '2026-10-01')
const operator = fc.record({
  name: fc.constantFrom('Test Bakehouse', 'Other'),
  address: fc.constantFrom('', '1 Nowhere Lane'),
})
/** Any kitchen, with any of its fields said or not. */
const kitchen = fc
  .record({
    currency: fc.constantFrom('GBP', 'EUR'),
    labourPerHour: maybe(money),
    energyPerKwh: maybe(money),
    scales: maybe(fc.array(fc.record({ capacity: three(10, 9000), resolution: three(1, 9) }), { maxLength: 3 })),
    mixers: maybe(
      fc.array(fc.record({ name: fc.constantFrom('Big', 'Small'), grams: three(1, 9000) }), { maxLength: 3 }),
    ),
    ovens: maybe(
      fc.array(
        fc.record({ name: fc.constantFrom('Deck', 'Fan'), tins: fc.integer({ min: 1, max: 20 }), kW: three(1, 40) }),
        {
          maxLength: 2,
        },
      ),
    ),
    running: maybe(
      fc.array(
        fc.record({
          name: fc.constantFrom('rent', 'water'),
          perMonth: money,
          key: fc.constantFrom('batch' as const),
          monthly: three(1, 400),
        }),
        { maxLength: 2 },
      ),
    ),
    rates: maybe(
      fc.array(fc.record({ currency: fc.constantFrom('EUR', 'USD'), rate: money, from: day }), { maxLength: 2 }),
    ),
    operator: maybe(operator),
    operatorIn: maybe(operator.map(eu => ({ eu }))),
    evidenceYears: maybe(
      fc.dictionary(fc.constantFrom<string>(...evidenceKinds.slice(0, 4)), fc.integer({ min: 0, max: 20 }), {
        minKeys: 1,
      }),
    ),
    freeByNature: maybe(fc.constant(['salt'])),
    crossContact: fc.uniqueArray(
      fc.record({
        allergen: fc.constantFrom('gluten' as const, ...allergenCodes),
        control: fc.constantFrom('notOnSite' as const, 'separated' as const, 'shared' as const),
        equipment: fc.constantFrom('mixer', 'oven'),
        mgProteinPerKg: fc.constantFrom(1, 5),
      }),
      { maxLength: 6, selector: one => `${one.allergen} ${one.equipment}` },
    ),
    evidence: fc.uniqueArray(
      fc.record({
        id: fc.constantFrom('a', 'b'),
        kind: fc.constantFrom('test' as const),
        reference: fc.constant('T-1'),
        dated: day,
      }),
      { maxLength: 2, selector: one => one.id },
    ),
  })
  .map(given => JSON.parse(JSON.stringify(given)) as KitchenSheet)
const kept = (draft: Parameters<typeof kitchenFrom>[0], before: KitchenSheet) => {
  const built = kitchenFrom(draft, before)
  return 'kitchen' in built ? built.kitchen : expect.fail(built.problems.map(one => one.message).join(' '))
}

describe('the kitchen as a form', () => {
  it('kept untouched changes nothing, whatever the kitchen', () => {
    fc.assert(
      fc.property(kitchen, one => {
        const said = sheetEdits('kitchen', one, kept(kitchenDraft(one), one))
        // what nobody said is said as the house has it: only that
        expect(said.filter(edit => !(edit.was === null && ['leftOver', 'taxes'].includes(edit.at[0]!)))).toEqual([])
      }),
    )
    const { kitchen: demo, evidence } = demoKitchen('2026-11-26')
    const whole = { ...demo, evidence }
    expect(sheetEdits('kitchen', whole, kept(kitchenDraft(whole), whole))).toEqual([])
  })
  it('what is typed is what is changed', () => {
    const { kitchen: demo, evidence } = demoKitchen('2026-11-26')
    const before = { ...demo, evidence }
    const draft = kitchenDraft(before)
    const next = kept(
      {
        ...draft,
        rows: [...draft.rows, { ...newRow('sesame'), control: 'cleaned', equipment: ' big mixer ' }],
        rates: [...draft.rates, { ...newRate('2026-11-26'), currency: 'usd', rate: '0,79' }],
        years: { ...draft.years, test: '2' },
      },
      before,
    )
    expect(sheetEdits('kitchen', before, next)).toEqual([
      {
        at: ['crossContact', 'sesame big mixer'],
        was: null,
        to: { allergen: 'sesame', control: 'cleaned', equipment: 'big mixer' },
      },
      {
        at: ['rates', 'USD 2026-11-26'],
        was: null,
        to: { currency: 'USD', rate: '0.79', from: '2026-11-26' },
      },
      { at: ['evidenceYears', 'test'], was: null, to: 2 },
    ])
  })
  it.each([
    [
      'years',
      { years: { test: 'many' } },
      'Nothing is kept yet: a test result is good for 0 to 20 years, not “many”.',
      '',
    ],
    ['a currency', { currency: 'pounds' }, expect.any(String), 'currency'],
    [
      'a rate',
      { rates: [{ key: 'x', currency: 'EUR', rate: 'much', from: '2026-11-26' }] },
      expect.any(String),
      'rates.0.rate',
    ],
    [
      'a paper',
      {
        papers: [
          { id: 'p', kind: 'test' as const, reference: '', dated: '', expires: '', reviewed: '', reviewedBy: '' },
        ],
      },
      'A document needs its date; its end may stay empty.',
      'evidence.0.dated',
    ],
  ])('%s that cannot be read keeps nothing, and says where', (_, change, message, path) => {
    const { kitchen: demo, evidence } = demoKitchen('2026-11-26')
    const before = { ...demo, evidence }
    expect(kitchenFrom({ ...kitchenDraft(before), ...change }, before)).toMatchObject({ problems: [{ path, message }] })
  })
})

describe('a form left open', () => {
  it('takes in what others changed meanwhile, and loses nothing typed', () =>
    fc.assert(
      fc.property(kitchen, kitchen, (before, now) => {
        const typed = { ...kitchenDraft(before), operator: { name: 'Typed Bakehouse', address: 'here' } }
        const left = rebased({ draft: typed, before }, now)
        const wanted = kept(left.draft, left.before)
        expect(wanted.operator).toEqual({ name: 'Typed Bakehouse', address: 'here' })
        // laid over theirs, or kept with what it was opened with
        if (left.before === now)
          expect(sheetEdits('kitchen', now, wanted).every(edit => edit.at[0] === 'operator' || edit.was === null)).toBe(
            true,
          )
        else expect(left.before).toBe(before)
      }),
      { numRuns: 60 },
    ))
})
