import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { marketsServed, rulesAsRead } from '../market/market'
import { marketCodes } from '../model/market'
import type { Product } from '../model/product'
import { particulars, saleForms } from '../model/sale'
import { saidBy } from '../seal/said'
import { checklistOf } from './checklist'

const { fat: _, ...withoutFat } = sampleIngredient('flour').nutrients
const book = (product: Partial<Product> = {}, kitchen = {}) => {
  const made = sampleWorkbook(
    [sampleIngredient('flour', { nutrients: withoutFat })],
    [sampleRecipe('cake', [sampleLine('flour', 100)], { pieces: 1, bakeLoss: 0 })],
    { claims: [], category: 'cookie', ...product },
  )
  return { ...made, kitchen: { ...made.kitchen, ...kitchen } }
}
const declared = (product: Partial<Product>, market = marketCodes[0] as (typeof marketCodes)[number], kitchen = {}) =>
  assess(book(product, kitchen), 'cake', market).declaration
const problems = (...of: Parameters<typeof declared>) =>
  declared(...of)
    .problems.map(one => one.what)
    .join('\n')

describe('how it is sold', () => {
  it('in the United Kingdom what is packed where it is sold bears its name and its list, and no table is missed', () => {
    // Food Information (Amendment) (England) Regulations 2019, from memory
    const bare = { operator: undefined }
    expect(problems({}, 'uk', bare)).toMatch(/table cannot be given[\s\S]*name and address[\s\S]*date mark/)
    const said = problems({ soldAs: 'directSale' }, 'uk', bare)
    expect(said).not.toMatch(/table|name and address|date mark/)
    expect(declared({ soldAs: 'directSale' }).table).toHaveProperty('leftOut')
  })
  it('a table that can be given is printed, asked for or not, until somebody leaves it out', () => {
    const full = sampleIngredient('flour')
    const sold = (product: Partial<Product>) => {
      const made = book({ soldAs: 'directSale', ...product })
      return assess({ ...made, ingredients: [full] }, 'cake', 'uk').declaration.table
    }
    expect(sold({})).toHaveProperty('rows')
    expect(sold({ withoutTable: { uk: 'notAsked' } })).toHaveProperty('leftOut')
  })
  it('an exemption leaves the table out where it counts, says why, and that is signed', () => {
    const product = { withoutTable: { uk: 'handcrafted' } } satisfies Partial<Product>
    expect(problems(product)).not.toContain('table')
    expect(problems(product, 'eu')).toContain('table cannot be given')
    const assessment = assess(book(product), 'cake', 'uk')
    expect(saidBy(assessment, {}).find(one => one.part === 'nutrition')?.words).toMatch(
      /^No table: made by hand.*Annex V\(19\)/,
    )
  })
  it.each([
    [
      'a claim about nutrients ends it',
      { claims: ['lowFat'], withoutTable: { uk: 'handcrafted' } },
      /beside a nutrition/,
    ],
    ['also where nobody asks for a table', { claims: ['lowFat'], soldAs: 'directSale' }, /table cannot be given/],
    [
      'so does what is said of carbohydrate',
      { claims: ['keto'], withoutTable: { uk: 'handcrafted' } },
      /beside a nutrition/,
    ],
    ['one that there is not', { withoutTable: { uk: 'because' } }, /does not count/],
    ['one of another form of sale', { withoutTable: { us: 'oneShop' }, soldAs: 'distance' }, /does not count/],
  ] as [string, Partial<Product>, RegExp][])('%s', (_, product, said) => {
    const market = product.withoutTable && 'us' in product.withoutTable ? 'us' : 'uk'
    expect(problems(product, market)).toMatch(said)
  })
  it('whatever the form of sale, nothing about allergens and claims is asked less', () => {
    const about = /llergen|breaks|unproven|may contain|proves|made of|kitchen/
    fc.assert(
      fc.property(
        fc.constantFrom(...saleForms),
        fc.constantFrom(...marketsServed),
        fc.constantFrom('unknown', 'mayContain', 'contains' as const),
        (soldAs, market, status) => {
          const told = (product: Partial<Product>) => {
            const made = book({ claims: ['dairyFree', 'glutenFree'], ...product })
            const ingredients = [{ ...carrying('flour', 'milk', status as 'unknown'), nutrients: withoutFat }]
            return assess({ ...made, ingredients }, 'cake', market)
              .declaration.problems.map(one => one.what)
              .filter(what => about.test(what))
          }
          expect(told({ soldAs })).toEqual(told({}))
        },
      ),
    )
  })
})

it('where a symbol for what is high stands and the table does not, somebody competent is asked', () => {
  const sweet = sampleIngredient('flour', {
    nutrients: { ...sampleIngredient('flour').nutrients, sugars: { value: 40, source: 'invented' } },
  })
  const asked = (withoutTable: Product['withoutTable']) => {
    const made = book(withoutTable ? { withoutTable } : {})
    return assess({ ...made, ingredients: [sweet] }, 'cake', 'ca').declaration.questions.join()
  }
  expect(asked({ ca: 'byItsMaker' })).toContain('the symbol for what is high in it')
  expect(asked(undefined)).not.toContain('symbol')
})

describe('the list of what a label bears', () => {
  it('names every particular once, each there, missing or not asked, and says why', () => {
    for (const market of marketsServed)
      for (const soldAs of saleForms) {
        const made = book({ soldAs })
        const checks = checklistOf(assess(made, 'cake', market).declaration, made.products[0]!, rulesAsRead(market))
        expect(checks.map(one => one.particular)).toEqual([...particulars])
        for (const one of checks) if (one.state !== 'there') expect(one.why, `${market} ${one.particular}`).toBeTruthy()
        // no form lets a name or an allergen off
        for (const one of ['name', 'allergens'] as const)
          expect(checks.find(each => each.particular === one)!.state).toBe('there')
      }
  })
  it('misses what nobody entered', () => {
    const made = book({}, { operator: undefined })
    const checks = checklistOf(assess(made, 'cake', 'uk').declaration, made.products[0]!, rulesAsRead('uk'))
    expect(checks.filter(one => one.state === 'missing').map(one => one.particular)).toEqual([
      'date',
      'storage',
      'operator',
      'nutrition',
    ])
  })
})
describe('every pack', () => {
  it('leaves a table out only for a form it knows to ask for one', () => {
    for (const market of marketsServed) {
      const { forms, withoutTable } = rulesAsRead(market).sale
      for (const { forms: of, id } of withoutTable) {
        expect(
          of.some(form => (forms[form] ?? forms.prepacked).asks.includes('nutrition')),
          `${market} ${id}`,
        ).toBe(true)
        expect(id).not.toBe('notAsked')
      }
      expect(new Set(withoutTable.map(one => one.id)).size).toBe(withoutTable.length)
    }
  })
})
