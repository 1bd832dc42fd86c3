import { assess } from '@fair-tin/core/assess'
import { PDFDocument } from 'pdf-lib'
import { expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { layOut } from './layout'
import { sheetPdf } from './sheetPdf'

const book = sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])])
const stock = {
  id: 's',
  name: 'A4',
  width: 99,
  height: 70,
  sheet: { width: 210, height: 297, across: 2, down: 4, left: 5, top: 8, stepAcross: 101, stepDown: 70.5 },
}
const laid = layOut(assess(book, 'cake', 'uk').declaration, {}, stock)

it('ten labels from the seventh on are two sheets of their own size, the label set once', async () => {
  if ('tooMuch' in laid) return expect.fail(laid.tooMuch)
  const [few, many] = await Promise.all([
    sheetPdf(laid, 'Cake', stock, { copies: 10, from: 7, marks: true, draft: true }),
    sheetPdf(laid, 'Cake', stock, { copies: 400 }),
  ])
  const document = await PDFDocument.load(few)
  expect(document.getTitle()).toBe('Draft, not signed: Cake')
  expect(document.getPages().map(page => [page.getWidth(), page.getHeight()])).toEqual([
    [expect.closeTo(595.28, 1), expect.closeTo(841.89, 1)],
    [expect.closeTo(595.28, 1), expect.closeTo(841.89, 1)],
  ])
  expect((await PDFDocument.load(many)).getPageCount()).toBe(50)
  expect(many.length).toBeLessThan(few.length * 5)
})
