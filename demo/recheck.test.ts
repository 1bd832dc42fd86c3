// After any fact of any ingredient changes, the kept books say of every claim what judging all anew says.
import { assess, booksOf, catalogueOf, claimsThatChange, recheck, verdictsIn, whatChanges } from '@fair-tin/core/assess'
import { allergenCodes, type Ingredient, marketCodes, type Workbook } from '@fair-tin/core/model'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { demoWorkbook } from './workbook'

const demo = demoWorkbook('2026-11-24')
/** With a record that milk and gluten are not on the site, which a fact of the larder may contradict. */
const workbook: Workbook = {
  ...demo,
  kitchen: {
    ...demo.kitchen,
    crossContact: [
      ...demo.kitchen.crossContact,
      ...(['celery', 'lupin', 'milk'] as const).map(allergen => ({ allergen, control: 'notOnSite' as const })),
    ],
  },
}
const books = booksOf(workbook)
const all = (of: Workbook) =>
  of.products.flatMap(product =>
    marketCodes.flatMap(market => {
      const asked = { ...of, products: [{ ...product, claims: [...books.claims] }] }
      return assess(asked, product.id, market).claims.map(
        ({ claim, verdict }) => [`${product.id} ${market} ${claim}`, verdict] as const,
      )
    }),
  )

const status = fc.record({
  status: fc.constantFrom('contains', 'mayContain', 'free', 'unknown'),
  mgPerKg: fc.constantFrom(undefined, 5, 900),
})
const fields: Partial<Record<keyof Ingredient, fc.Arbitrary<unknown>>> = {
  allergens: fc.dictionary(fc.constantFrom(...allergenCodes), status, { maxKeys: 3 }),
  gluten: fc.constantFrom(undefined, { atMostMgPerKg: 3 }, { atMostMgPerKg: 19.9 }, { atMostMgPerKg: 400 }),
  traits: fc.constantFrom({}, { animal: ['honey'] }, { sweetening: ['polyol'], animal: [] }, { grain: ['other'] }),
  composition: fc.constantFrom(undefined, [], [{ name: 'maltitol' }], [{ name: 'barley malt' }]),
  notes: fc.constantFrom('smells of hazelnut', 'keep cold', 'may hold lupin'),
  evidence: fc.constantFrom([]),
  oatsSpeciallyProduced: fc.boolean(),
  nutrients: fc.constantFrom({}, { fat: { value: 90, source: 'x' }, sugars: { value: 1, source: 'x' } }),
  measures: fc.constantFrom([], [{ gramsPerMl: 2 }]),
  name: fc.constantFrom('butter', 'quince', 'oat crumble'),
}
const change = fc
  .subarray(Object.keys(fields) as (keyof Ingredient)[], { minLength: 1, maxLength: 2 })
  .chain(keys => fc.record(Object.fromEntries(keys.map(key => [key, fields[key]!]))))
/** One ingredient with another value in some field; allergens and nutrients beside those it has. */
function changed(pick: number, by: Partial<Ingredient>): Ingredient {
  const own = workbook.ingredients[pick % workbook.ingredients.length]!
  const made = { ...own, ...by }
  if (by.allergens) made.allergens = { ...own.allergens, ...by.allergens }
  if (by.nutrients) made.nutrients = { ...own.nutrients, ...by.nutrients }
  return JSON.parse(JSON.stringify(made))
}

it('kept, every claim of every product has the verdict it is judged to have', () => {
  const said = workbook.products.flatMap(({ id }) =>
    marketCodes.flatMap(market =>
      verdictsIn(books, id, market).map(([claim, verdict]) => [`${id} ${market} ${claim}`, verdict]),
    ),
  )
  expect(said).toEqual(all(workbook))
})

it('what is rechecked after a change is what judging all anew finds', () => {
  const before = new Map(all(workbook))
  fc.assert(
    fc.property(fc.nat(), change, (pick, by) => {
      const one = changed(pick, by as Partial<Ingredient>)
      const after = { ...workbook, ingredients: workbook.ingredients.map(old => (old.id === one.id ? one : old)) }
      const differ = all(after).filter(([key, verdict]) => before.get(key) !== verdict)
      const said = recheck(books, one).map(({ product, market, claim, now }) => [`${product} ${market} ${claim}`, now])
      expect(said.sort()).toEqual(differ.map(each => [...each]).sort())
    }),
    { numRuns: 25 },
  )
})

it('what is said of the claims at first is said in full afterwards, also of what uses it only in place of something', () => {
  const catalogue = catalogueOf(workbook)
  fc.assert(
    fc.property(fc.nat(), change, (pick, by) => {
      const one = changed(pick, by as Partial<Ingredient>)
      const full = whatChanges(catalogue, one)!
      const claims = /(?: breaks| holds| is unproven)$/
      const told = (all: typeof full) =>
        all.flatMap(({ product, market, what }) =>
          what.filter(text => claims.test(text)).map(text => `${product} ${market} ${text}`),
        )
      expect(told(claimsThatChange(books, one)).sort()).toEqual(told(full).sort())
    }),
    { numRuns: 15 },
  )
})
