// Names of the trade and the claims they stand against, whatever is put down of them: "black pudding" is not vegan because a form
// says so. Common practice, no published source. The names were written before the words that are listened for were looked at, and run
// once: of 353 that give a kind away, 83 held a claim against their own name. Beside them names that only sound so.
import { readFileSync } from 'node:fs'
import { assess, type NamedClaim } from '@fair-tin/core'
import { expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../fixtures/sample'

const [, givesAway = '', soundsSo = ''] = readFileSync(new URL('../blind/kinds.txt', import.meta.url), 'utf8').split(
  /^# .*\n/m,
)
const rows = (table: string) =>
  table
    .trim()
    .split('\n')
    .map(row => row.split(' ¦ ') as [NamedClaim, string])

/** The verdict of a product made of one thing alone, of which every allergen and every kind is put down as not there. */
function verdictOf(claim: NamedClaim, name: string) {
  const books = sampleWorkbook([sampleIngredient('x', { name })], [sampleRecipe('top', [sampleLine('x', 100)])])
  const products = books.products.map(one => ({ ...one, claims: [claim] }))
  return assess({ ...books, products }, products[0]!.id, 'uk').claims.find(one => one.claim === claim)!.verdict
}
it.each(rows(givesAway))('%s never holds over a name that gives it away', (claim, names) => {
  const held = names.split('; ').filter(name => verdictOf(claim, name) === 'holds')
  expect(held).toEqual([])
})
it.each(rows(soundsSo))('%s holds over a name that only sounds so', (claim, names) => {
  const against = names.split('; ').filter(name => verdictOf(claim, name) !== 'holds')
  expect(against).toEqual([])
})
