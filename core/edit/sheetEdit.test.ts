import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleWorkbook } from '../../tests/fixtures/sample'
import { allergenCodes, allergenStatuses } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import {
  applySheetEdit,
  inverseOfSheetEdit,
  type KitchenSheet,
  type SheetEdit,
  type SheetKind,
  sheetEdits,
  takeSheetEdits,
} from './sheetEdit'

const fact = fc.record({ status: fc.constantFrom(...allergenStatuses) })
const pack = fc.record({
  grams: fc.constantFrom(500, 1000),
  price: fc.constantFrom('1.00', '2.50'),
  currency: fc.constant('GBP'),
  from: fc.constantFrom('2026-01-01', '2026-10-01'),
})
const paper = fc.record({
  id: fc.constantFrom('a', 'b', 'c'),
  kind: fc.constantFrom('specification' as const, 'test' as const),
  reference: fc.constantFrom('S-1', 'S-2'),
  dated: fc.constant('2026-06-01'),
})
const optional = <T>(one: fc.Arbitrary<T>, name: string) =>
  fc.option(one, { nil: undefined }).map(value => (value === undefined ? {} : { [name]: value }))
/** An ingredient with any of its fields said or not; two entries of a list may be alike. */
const ingredient = fc
  .tuple(
    fc.record({
      name: fc.constantFrom('flour', 'oats', 'milk'),
      allergens: fc.dictionary(fc.constantFrom<string>(...allergenCodes.slice(0, 4)), fact, { maxKeys: 4 }),
      packs: fc.array(pack, { maxLength: 3 }),
      evidence: fc.uniqueArray(paper, { maxLength: 3, selector: one => one.id }),
      traits: fc.record({ refined: fc.boolean() }, { requiredKeys: [] }),
    }),
    optional(fc.constantFrom('Miller & Sons', 'nobody'), 'supplier'),
    optional(fc.constantFrom([], [{ name: 'sugar' }]), 'composition'),
  )
  .map(([fields, ...more]) => Object.assign({}, sampleIngredient('x'), fields, ...more) as Ingredient)
const kitchen: KitchenSheet = { ...sampleWorkbook([], []).kitchen, evidence: [] }

/** The same but for the order of lists whose entries count by themselves. */
const canonical = ({ id: _, version: __, ...sheet }: Ingredient) => ({
  ...sheet,
  packs: sheet.packs.map(one => JSON.stringify(one)).sort(),
  evidence: sheet.evidence.map(one => JSON.stringify(one)).sort(),
})
const after = <T extends object>(kind: SheetKind, sheet: T, edits: readonly SheetEdit[]): T => {
  const done = takeSheetEdits(kind, sheet, edits)
  expect([done.clashes, done.refused]).toEqual([[], []])
  return done.sheet
}
const from = (edits: readonly SheetEdit[]) => new Set(edits.map(one => JSON.stringify(one.at)))

describe('what is changed on a sheet', () => {
  it('brings one to the other, is nothing where nothing is changed, and turned round brings it back', () =>
    fc.assert(
      fc.property(ingredient, ingredient, (before, wanted) => {
        const edits = sheetEdits('ingredient', before, wanted)
        const now = after('ingredient', before, edits)
        expect(canonical(now)).toEqual(canonical(wanted))
        expect(sheetEdits('ingredient', now, wanted)).toEqual([])
        expect(canonical(after('ingredient', now, [...edits].reverse().map(inverseOfSheetEdit)))).toEqual(
          canonical(before),
        )
      }),
    ))
  it('done twice is done once', () =>
    fc.assert(
      fc.property(ingredient, ingredient, (before, wanted) => {
        const edits = sheetEdits('ingredient', before, wanted)
        const once = after('ingredient', before, edits)
        expect(canonical(after('ingredient', once, edits))).toEqual(canonical(once))
      }),
    ))
  it('of two windows both go through where they touch other fields; where they touch the same, the second is told', () =>
    fc.assert(
      fc.property(ingredient, ingredient, ingredient, (base, mine, theirs) => {
        const [ours, others] = [sheetEdits('ingredient', base, mine), sheetEdits('ingredient', base, theirs)]
        const stands = after('ingredient', base, others)
        const done = takeSheetEdits('ingredient', stands, ours)
        const both = [...from(ours)].filter(at => from(others).has(at))
        // a clash is about a field that both changed, otherwise
        for (const { edit, now } of done.clashes) {
          expect(both).toContain(JSON.stringify(edit.at))
          expect(now).not.toEqual(edit.to)
        }
        // nothing of theirs is lost, and nothing of mine but what clashes
        for (const one of others)
          if (!both.includes(JSON.stringify(one.at)))
            expect(applySheetEdit('ingredient', done.sheet, one)).toEqual({ sheet: done.sheet })
        for (const one of done.taken)
          expect(applySheetEdit('ingredient', done.sheet, one)).toEqual({ sheet: done.sheet })
        expect(done.taken.length + done.clashes.length).toBe(ours.length)
        // put through all the same, it is as wanted
        const anyway = done.clashes.map(({ edit, now }) => ({ ...edit, was: now }))
        for (const one of ours)
          expect(applySheetEdit('ingredient', after('ingredient', done.sheet, anyway), one)).toHaveProperty('sheet')
      }),
    ))
})

describe('one by one', () => {
  it('what cannot be read back is refused by itself, with where it is; the rest goes through', () => {
    const done = takeSheetEdits('ingredient', sampleIngredient('x'), [
      { at: ['name'], was: 'x', to: '' },
      { at: ['supplier'], was: null, to: 'Miller & Sons' },
      { at: ['nutrients', 'fat'], was: { value: 10, source: 'invented' }, to: { value: 'much' } },
      { at: ['constructor'], was: null, to: 'x' },
      { at: ['id'], was: 'x', to: 'y' },
      { at: ['allergens', 'dragon'], was: null, to: { status: 'free' } },
    ])
    expect(done.sheet).toMatchObject({ id: 'x', name: 'x', supplier: 'Miller & Sons' })
    expect(done.refused.map(one => [one.path, one.why])).toEqual([
      ['name', 'Give it a name.'],
      ['nutrients.fat.value', expect.any(String)],
      ['constructor', 'There is no such field.'],
      ['id', 'There is no such field.'],
      ['allergens', expect.any(String)],
    ])
    expect(done.taken).toHaveLength(1)
  })
  it('of the kitchen: an oven here, an allergen there, and a number of an oven that both turned', () => {
    const oven = { name: 'Deck', tins: 4 }
    const base: KitchenSheet = { ...kitchen, ovens: [oven], crossContact: [{ allergen: 'milk', control: 'shared' }] }
    const mine = {
      ...base,
      ovens: [
        { ...oven, tins: 6 },
        { name: 'Small', tins: 1 },
      ],
    }
    const theirs: KitchenSheet = {
      ...base,
      crossContact: [
        { allergen: 'milk', control: 'separated' },
        { allergen: 'milk', control: 'cleaned', equipment: 'Mixer' },
      ],
    }
    const stands = after('kitchen', base, sheetEdits('kitchen', base, theirs))
    expect(after('kitchen', stands, sheetEdits('kitchen', base, mine))).toEqual({ ...theirs, ovens: mine.ovens })
    const turned = after('kitchen', base, sheetEdits('kitchen', base, { ...base, ovens: [{ ...oven, tins: 2 }] }))
    expect(takeSheetEdits('kitchen', turned, sheetEdits('kitchen', base, mine)).clashes).toEqual([
      { edit: { at: ['ovens', 'Deck'], was: oven, to: { ...oven, tins: 6 } }, now: { ...oven, tins: 2 } },
    ])
  })
  it('two packs alike are two, and the second can go by itself', () => {
    const [one] = sampleIngredient('x').packs
    const [single, twice] = [sampleIngredient('x', { packs: [one!] }), sampleIngredient('x', { packs: [one!, one!] })]
    const edits = sheetEdits('ingredient', single, twice)
    expect(after('ingredient', single, edits).packs).toEqual([one, one])
    expect(after('ingredient', twice, edits.map(inverseOfSheetEdit)).packs).toEqual([one])
  })
  it('a thing made is taken out again', () =>
    expect(inverseOfSheetEdit({ at: [], was: null, to: { name: 'x' } })).toEqual({
      at: ['removed'],
      was: null,
      to: true,
    }))
})
