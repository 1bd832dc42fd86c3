import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KeepingTable, type KeptSo, keepingPlaces } from '../model/keeping'
import { dateBorneBy, keepingProblems } from './keeping'

const days = fc.integer({ min: 1, max: 60 })
const row = fc.record(
  {
    place: fc.constantFrom(...keepingPlaces),
    good: days,
    safe: fc.oneof(fc.constant('asLongAsGood' as const), days),
    basis: fc.constantFrom('', 'test T-4'),
  },
  { requiredKeys: ['place'] },
) as fc.Arbitrary<KeptSo>
const table = fc.uniqueArray(row, { selector: one => one.place, maxLength: 5 })
const printed = fc.record(
  {
    days,
    mark: fc.constantFrom('bestBefore' as const, 'useBy' as const),
    storage: fc.constant(''),
    as: fc.constantFrom(...keepingPlaces),
  },
  { requiredKeys: ['days', 'mark', 'storage'] },
)

describe('the date of a keeping table', () => {
  it('that nothing stands against is safe, stays good, and rests on something (property)', () => {
    let borne = 0
    fc.assert(
      fc.property(table, printed, (keeping, keeps) => {
        const problems = keepingProblems({ keeps, keeping })
        if (keeping.length === 0) expect(problems).toEqual([])
        if (keeping.length === 0 || problems.length > 0) return
        borne++
        const of = keeping.find(one => one.place === keeps.as)!
        expect(of.safe).toBeDefined()
        expect(of.basis).toBeTruthy()
        if (typeof of.safe === 'number') expect([keeps.days <= of.safe, keeps.mark]).toEqual([true, 'useBy'])
        if (of.safe === 'asLongAsGood') expect(of.good).toBeDefined()
        if (of.good !== undefined) expect(keeps.days).toBeLessThanOrEqual(of.good)
      }),
      { numRuns: 3000 },
    )
    expect(borne).toBeGreaterThan(20)
  })
  it('taken from a row has nothing against it but what nobody wrote down (property)', () => {
    fc.assert(
      fc.property(row, of => {
        const date = dateBorneBy(of)
        if ('open' in date) return
        const keeps = { ...date, storage: '', as: of.place }
        const problems = keepingProblems({ keeps, keeping: [of] })
        expect(problems.map(one => one.what).filter(one => !one.includes('not written down'))).toEqual([])
        // a day more is a day too long wherever anything bounds it
        const more = keepingProblems({ keeps: { ...keeps, days: date.days + 1 }, keeping: [of] })
        expect(more.length).toBeGreaterThan(problems.length)
      }),
    )
  })
  it('says so gravely where it is longer than safe', () => {
    const keeping: KeptSo[] = [{ place: 'cold', good: 7, safe: 4, basis: 'challenge test' }]
    expect(keepingProblems({ keeps: { days: 5, mark: 'useBy', storage: '', as: 'cold' }, keeping })).toMatchObject([
      { weight: 'breaks', what: 'Kept in the fridge, it is safe for 4 days, and the date gives it 5 days.' },
    ])
  })
  it('of two rows for one way of keeping takes neither', () =>
    expect(KeepingTable.safeParse([{ place: 'cold' }, { place: 'cold' }]).success).toBe(false))
})
