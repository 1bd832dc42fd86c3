import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { type AllergenCode, allergenCodes } from '../model/allergen'
import type { CrossContact } from '../model/kitchen'
import type { Precaution } from '../model/precaution'
import { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { openWarnings, warnsOfEverything } from './precaution'

const water = sampleIngredient('water')
const almond = 'almond' as const
function declared(
  ingredients = [water],
  control: CrossContact['control'] | null = 'separated',
  precautions?: Omit<Precaution, 'over'>[],
  over = [`${control}`],
  tests: Workbook['tests'] = [],
) {
  const lines = ingredients.map(one => sampleLine(one.id, 10))
  const book = sampleWorkbook(
    ingredients,
    [sampleRecipe('top', lines)],
    precautions ? { precautions: precautions.map(one => ({ ...one, over })) } : {},
  )
  const others = book.kitchen.crossContact.filter(one => one.allergen !== almond)
  const crossContact = control === null ? others : [...others, { allergen: almond, control, evidence: 'review' }]
  return assess({ ...book, tests, kitchen: { ...book.kitchen, crossContact } }, 'cake', 'uk').declaration
}
const of = (declaration: ReturnType<typeof declared>, code: AllergenCode = almond) =>
  declaration.warned.find(one => one.code === code)
const decision = (say: boolean): Omit<Precaution, 'over'>[] => [
  { allergen: almond, say, why: 'the mixer is shared on Fridays' },
]

describe('a warning on a label', () => {
  it('is no question where the kitchen keeps it out with proof, nor where nothing shows it on the site', () => {
    expect(of(declared())).toBeUndefined()
    expect(of(declared([water], null))).toBeUndefined()
  })
  it('is said by itself where a supplier warns, and no decision leaves it off', () => {
    const syrup = carrying('syrup', almond, 'mayContain')
    for (const precautions of [undefined, decision(false), decision(true)]) {
      const declaration = declared([syrup, water], 'separated', precautions)
      expect(of(declaration)).toMatchObject({ says: true, bySupplier: true, open: false })
      expect(of(declaration)!.because[0]).toBe('syrup may contain almond')
      expect(declaration.declared.mayContain).toContain(almond)
    }
  })
  it('is said by itself of what is shared; left off only by a decision', () => {
    expect(declared([water], 'shared').declared.mayContain).toEqual([almond])
    expect(declared([water], 'shared', decision(false)).declared.mayContain).toEqual([])
    expect(openWarnings(declared([water], 'shared').warned)).toEqual([])
  })
  it('is open where the kitchen may bring it in, until somebody decides', () => {
    const open = declared([water], 'cleaned')
    expect(of(open)).toMatchObject({ says: false, open: true })
    expect(openWarnings(open.warned)).toEqual([
      'Does the label warn of almond? Almond is cleaned: that carries no claim. Decide it on its bench, under Proof.',
    ])
    for (const say of [true, false]) {
      const decided = declared([water], 'cleaned', decision(say))
      expect(decided.declared.mayContain).toEqual(say ? [almond] : [])
      expect(openWarnings(decided.warned)).toEqual([])
    }
  })
  it('left off stays left off only as long as the kitchen does what it did then; decided to warn, it stays', () => {
    const then = ['cleaned']
    expect(declared([water], 'cleaned', decision(false), then).warned.map(one => one.open)).toEqual([false])
    // it is shared since: nobody decided over that
    const since = declared([water], 'shared', decision(false), then)
    expect([since.declared.mayContain, of(since)!.decision]).toEqual([[almond], null])
    expect(declared([water], 'shared', decision(true), then).declared.mayContain).toEqual([almond])
    expect(of(declared([water], 'cleaned', decision(false), ['shared']))!.open).toBe(true)
  })
  it('left off is open again once a test found it since, and decided over that, stands; found where nobody assessed, it is open too', () => {
    const found = { equipment: 'mixer', allergen: almond, found: true, on: '2026-11-20' }
    const tested = (one: typeof found, control: 'cleaned' | null = 'cleaned', over = ['cleaned']) =>
      of(declared([water], control, decision(false), over, [one]))
    expect(tested({ ...found, found: false })).toMatchObject({ open: false, says: false })
    expect(tested(found)).toMatchObject({ open: true, decision: null })
    expect(tested(found, 'cleaned', tested(found)!.over)!.open).toBe(false)
    // another test that finds it is another question
    expect(tested({ ...found, on: '2026-11-26' }, 'cleaned', tested(found)!.over)!.open).toBe(true)
    expect(tested(found, null)).toMatchObject({ open: true })
    expect(tested(found, null)!.because[0]).toContain('the last test of mixer')
  })
  it('is open too where nobody assessed the kitchen and the larder shows that it is there', () => {
    const book = sampleWorkbook(
      [water, carrying('praline', almond, 'contains')],
      [sampleRecipe('top', [sampleLine('water', 10)])],
    )
    const crossContact = book.kitchen.crossContact.filter(one => one.allergen !== almond)
    const { warned } = assess({ ...book, kitchen: { ...book.kitchen, crossContact } }, 'cake', 'uk').declaration
    expect(warned.filter(one => one.open).map(one => one.code)).toEqual([almond])
  })
  it('of what is in the food is none: it is declared', () => {
    const declaration = declared([carrying('praline', almond, 'contains')], 'shared', decision(true))
    expect(of(declaration)).toBeUndefined()
    expect(declaration.declared.contains).toContain(almond)
  })
  it('makes no claim of absence hold, whatever is decided', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('cleaned' as const, 'shared' as const, null),
        fc.option(fc.boolean(), { nil: undefined }),
        fc.constantFrom('free' as const, 'mayContain' as const, 'unknown' as const),
        (control, say, status) => {
          const book = sampleWorkbook(
            [carrying('syrup', almond, status)],
            [sampleRecipe('top', [sampleLine('syrup', 10)])],
            {
              claims: ['nutFree'],
              ...(say === undefined
                ? {}
                : { precautions: decision(say).map(one => ({ ...one, over: control ? [control] : [] })) }),
            },
          )
          const others = book.kitchen.crossContact.filter(one => one.allergen !== almond)
          const crossContact = control ? [...others, { allergen: almond, control, evidence: 'review' }] : others
          const out = assess({ ...book, kitchen: { ...book.kitchen, crossContact } }, 'cake', 'uk')
          expect(out.claims[0]!.verdict).not.toBe('holds')
        },
      ),
    )
  })
  it('of nearly everything is called out', () => {
    const syrup = sampleIngredient('syrup', {
      allergens: Object.fromEntries(allergenCodes.map(code => [code, { status: 'mayContain', evidence: 'spec' }])),
    })
    expect(warnsOfEverything(declared([syrup]).warned)).toContain('learns nothing')
    expect(warnsOfEverything(declared([water], 'shared').warned)).toBeNull()
  })
  it('wants a reason', () => {
    const [product] = sampleWorkbook([water], [sampleRecipe('top', [])]).products
    expect(Product.safeParse({ ...product, precautions: [{ allergen: almond, say: false, why: ' ' }] }).success).toBe(
      false,
    )
    expect(
      Product.safeParse({ ...product, precautions: decision(false).map(one => ({ ...one, over: [] })) }).success,
    ).toBe(true)
  })
})
