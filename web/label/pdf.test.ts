import { assess } from '@fair-tin/core/assess'
import { PDFDocument } from 'pdf-lib'
import { expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { layOut } from './layout'
import { labelPdf } from './pdf'

const book = sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])])
const laid = layOut(assess(book, 'cake', 'uk').declaration)

it('every copy is a page of the label’s size that shows what the first one shows, and 500 weigh little more than one', async () => {
  if ('tooMuch' in laid) return expect.fail(laid.tooMuch)
  const [one, many] = [await labelPdf(laid, 'Cake'), await labelPdf(laid, 'Cake', { copies: 500 })]
  const document = await PDFDocument.load(many)
  const pages = document.getPages()
  expect(pages).toHaveLength(500)
  const [first] = pages
  for (const page of pages) {
    expect(page.getSize()).toEqual(first!.getSize())
    expect(String(page.node.Contents())).toBe(String(first!.node.Contents()))
    expect(String(page.node.Resources())).toBe(String(first!.node.Resources()))
  }
  expect(many.length).toBeLessThan(one.length * 5)
})
it('a draft says so in its title, and draws its mark on top', async () => {
  if ('tooMuch' in laid) return expect.fail(laid.tooMuch)
  const draft = await PDFDocument.load(await labelPdf(laid, 'Cake', { draft: true }))
  expect(draft.getTitle()).toBe('Draft, not signed: Cake')
  expect((await PDFDocument.load(await labelPdf(laid, 'Cake'))).getTitle()).toBe('Cake')
})
