// Over the whole demo bakery: every way that can be tried here, tried, makes its claim hold and no other worse.
import { assess, waysToMend } from '@fair-tin/core/assess'
import { severity } from '@fair-tin/core/claim'
import { applyEdit } from '@fair-tin/core/edit'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from './workbook'

const books = demoWorkbook('2026-11-24')
const open = books.products.flatMap(product =>
  product.markets.flatMap(market =>
    assess(books, product.id, market)
      .claims.filter(one => one.verdict !== 'holds')
      .map(one => ({ product, market, claim: one.claim })),
  ),
)

describe('ways to mend the demo bakery', () => {
  it('are found for whatever does not hold, the least trouble first, none inside another', () => {
    expect(open.length).toBeGreaterThan(20)
    for (const { product, market, claim } of open) {
      const ways = waysToMend(books, product.id, market, claim)
      const where = `${product.name}, ${market}, ${claim}`
      expect(ways.length, where).toBeGreaterThan(0)
      expect(
        [...ways].sort((a, b) => a.effort - b.effort).map(one => one.effort),
        where,
      ).toEqual(ways.map(one => one.effort))
      const sets = ways.map(one => new Set(one.deeds.map(deed => deed.key)))
      for (const [at, set] of sets.entries())
        for (const [other, bigger] of sets.entries())
          if (at !== other)
            expect(
              [...set].every(key => bigger.has(key)),
              where,
            ).toBe(false)
    }
  })
  it('tried, do what they say', () => {
    let tried = 0
    for (const { product, market, claim } of open) {
      const before = assess(books, product.id, market)
      for (const way of waysToMend(books, product.id, market, claim)) {
        if (!way.tried || way.deeds.some(one => one.edits.length === 0)) continue
        tried++
        const recipes = books.recipes.map(recipe =>
          recipe.id === product.recipe
            ? way.deeds
                .flatMap(one => one.edits)
                .reduce((so, edit) => {
                  const done = applyEdit(so, edit)
                  return 'recipe' in done ? done.recipe : expect.fail(done.clash.fact)
                }, recipe)
            : recipe,
        )
        const after = assess({ ...books, recipes }, product.id, market)
        expect(after.claims.find(one => one.claim === claim)?.verdict, `${product.name}: ${claim}`).toBe('holds')
        for (const [at, one] of after.claims.entries())
          expect(severity[one.verdict]).toBeLessThanOrEqual(severity[before.claims[at]!.verdict])
      }
    }
    expect(tried).toBeGreaterThan(3)
  })
})
