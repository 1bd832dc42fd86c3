import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readKeeping, readKeepingTable } from './readKeeping'
import { readRecipe } from './readRecipe'

describe('readKeeping', () => {
  it.each([
    ['Keeps 5 days in an airtight tin.', 5, 'in an airtight tin'],
    ['Store in a sealed container for up to a week.', 7, 'in a sealed container'],
    ['They will keep for 2-3 days, covered, in the fridge', 2, 'covered, in the fridge'],
    ['Best eaten within two days.', 2, ''],
    ['Keeps a fortnight wrapped in paper; freezes for 3 months.', 14, 'wrapped in paper'],
    ['Shelf life: 4 weeks at room temperature', 28, 'at room temperature'],
  ])('reads %s', (text, days, storage) => expect(readKeeping(text)).toEqual({ days, storage }))
  it.each([
    'Freeze for up to 3 months.',
    'Bake for 20 minutes.',
    'Keep the syrup.',
    'Leave the dough for a day.',
    'Soak 2 days ahead.',
    '',
  ])('reads no keeping in %s', text => expect(readKeeping(text)).toBeNull())
  it('of a whole recipe proposes the shortest, wherever it is said', () =>
    expect(
      readRecipe('Buns\n\n100 g oats\n\nBake. Keeps 2 weeks in a tin.\nFill, and eat within 2 days.').keeping?.days,
    ).toBe(2))
  it('takes the shortest of what is said, whatever stands around it', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 4 }), all => {
        const text = all.map(days => `Keeps ${days} days in a tin.`).join(' Cut it cold. ')
        expect(readKeeping(text)).toEqual({ days: Math.min(...all), storage: 'in a tin' })
      }),
    )
  })
})

describe('readKeepingTable', () => {
  it.each([
    ['Keeps 5 days in an airtight tin, or freeze for up to 3 months.', { wrapped: 5, frozen: 90 }],
    ['Store covered in the fridge for 3 days. Once thawed, eat within 2 days.', { cold: 3, thawed: 2 }],
    ['Best eaten within two days; they keep for a week wrapped in paper.', { room: 2, wrapped: 7 }],
    ['Bake for 20 minutes and freeze the trays.', {}],
  ])('reads each way of keeping apart in %s', (text, kept) =>
    expect(Object.fromEntries(readKeepingTable(text).map(one => [one.place, one.good]))).toEqual(kept),
  )
  it('proposes how long it stays good, and never that it is safe', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 1, max: 30 }),
            fc.constantFrom('in the fridge', 'in a tin', 'thawed, in the fridge', 'on a shelf'),
          ),
        ),
        said => {
          const rows = readKeepingTable(said.map(([days, where]) => `Keeps ${days} days ${where}.`).join(' '))
          expect(rows.every(one => one.safe === undefined && one.basis === undefined)).toBe(true)
          expect(rows.reduce((sum, one) => Math.min(sum, one.good!), 99)).toBe(
            Math.min(99, ...said.map(([days]) => days)),
          )
        },
      ),
    )
  })
})
