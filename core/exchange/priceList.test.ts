import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import { readDecimal } from '../words/number'
import { guessColumns, type PriceColumns, readDay, readPriceList } from './priceList'
import { looksLikeFormula, safeCell } from './safeCell'

const larder = [
  sampleIngredient('teff flour', { supplier: 'Tarn Mill', article: 'TM-412', packs: [] }),
  sampleIngredient('rice drink', { supplier: 'Tarn Mill', measures: [{ gramsPerMl: 1.03 }], packs: [] }),
  sampleIngredient('eggs', { supplier: 'Hob Farm', packs: [] }),
]
const columns: PriceColumns = {
  name: 0,
  article: 1,
  pack: 2,
  price: 3,
  from: null,
  currency: null,
  packUnit: 'kg',
  headRows: 1,
}
const context = { larder, supplier: 'Tarn Mill', currency: 'GBP', today: '2026-11-24' }
const head = ['Name', 'Article', 'Pack', 'Price']
const read = (rows: string[][], change: Partial<typeof context> = {}) =>
  readPriceList([head, ...rows], columns, { ...context, ...change })

describe('a price list', () => {
  it('finds things by article number or by name, and reads packs as they are written', () =>
    expect(
      read([
        ['Teff, brown', 'tm-412', '2 x 2.5 kg', '£31.20'],
        ['Rice drink', '', '6 l', '8,90'],
      ]).changes.map(({ ingredient, pack, row }) => [ingredient, pack.grams, pack.price, row]),
    ).toEqual([
      ['teff flour', 5000, '31.20', 2],
      ['rice drink', 6180, '8.90', 3],
    ]))
  it('refuses each row it cannot take, with its number and reason', () =>
    expect(
      read([
        ['Moonflour', '', '1 kg', '3.00'],
        ['Eggs', '', '30', '9.00'],
        ['Teff flour', '', 'a sack', '3.00'],
        ['Teff flour', '', '5 kg', 'on request'],
        ['Teff flour', '', '0', '3.00'],
        ['Teff flour', '', '', '3.00'],
        ['=HYPERLINK("x")', '', '1 kg', '3.00'],
        ['Teff flour', '', '30 pieces', '3.00'],
      ]).refused.map(({ row, reason }) => [row, reason.replace(/[.:].*/, '')]),
    ).toEqual([
      [2, 'Not in the larder under Tarn Mill, by article number or name'],
      [3, 'Not in the larder under Tarn Mill, by article number or name'],
      [4, '“a sack” is no pack size I can read'],
      [5, '“on request” is no price'],
      [6, 'A pack weighs more than nothing'],
      [7, 'There is no pack size'],
      [8, 'The name begins like a formula'],
      [9, '“30 pieces” is no pack size I can read'],
    ]))
  it('read again after it was taken changes nothing', () => {
    const rows = [['Teff flour', '', '5 kg', '28.90']]
    const first = read(rows)
    const after = larder.map(one => ({
      ...one,
      packs: first.changes.filter(change => change.ingredient === one.id).map(change => change.pack),
    }))
    expect(read(rows, { larder: after })).toMatchObject({ changes: [], unchanged: 1, refused: [] })
    // a month later, still at that price: nothing new to say
    expect(read(rows, { larder: after, today: '2026-12-24' })).toMatchObject({ changes: [], unchanged: 1 })
    expect(read([['Teff flour', '', '5 kg', '29.90']], { larder: after }).changes).toHaveLength(1)
  })
  it('takes the same pack once', () =>
    expect(
      read([
        ['Teff flour', '', '5 kg', '28.90'],
        ['TEFF FLOUR', '', '5', '30.00'],
      ]).refused[0]!.reason,
    ).toBe('The same pack stands in row 2 already.'))
  it('can be stopped, and then takes nothing', () =>
    expect(
      readPriceList([head, ['Teff flour', '', '5 kg', '28.90']], columns, { ...context, onProgress: () => false }),
    ).toMatchObject({ changes: [], stopped: true }))
  it('guesses its columns from the head', () => {
    expect(guessColumns(['Item no.', 'Description', 'Pack size (kg)', 'Net price', 'Valid from'])).toMatchObject({
      article: 0,
      name: 1,
      pack: 2,
      price: 3,
      from: 4,
      packUnit: 'kg',
    })
    expect(guessColumns(['Artikelbezeichnung', 'Inhalt', 'Preis €'])).toMatchObject({ name: 0, pack: 1, price: 2 })
  })
})

describe('numbers and days as lists write them', () => {
  it.each([
    ['3.40', '3.40'],
    ['3,40', '3.40'],
    ['£1,234.50', '1234.50'],
    ['1.234,50 €', '1234.50'],
    ['1,234', '1234'],
    ['12', '12'],
    ['.5', '0.5'],
    ['GBP 4', '4'],
    ['lots', null],
    ['1,2,3', null],
    ['-3', null],
    ['=1+1', null],
    ['', null],
  ])('%s is %s', (text, expected) => expect(readDecimal(text)).toBe(expected))
  it('every decimal with two places is read back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999_999 }), pence => {
        const text = (pence / 100).toFixed(2)
        expect(readDecimal(text)).toBe(text)
        expect(readDecimal(text.replace('.', ','))).toBe(text)
      }),
    )
  })
  it('days, and what is none', () =>
    expect(['2026-03-01', '1.3.2026', '01/03/2026', '31/02/2026', 'soon'].map(readDay)).toEqual([
      '2026-03-01',
      '2026-03-01',
      '2026-03-01',
      null,
      null,
    ]))
  it('a formula is never a number, and is made harmless when written', () => {
    for (const text of ['=SUM(A1)', '+44 1', '@cmd', '-a', '\tx']) {
      expect(looksLikeFormula(text)).toBe(true)
      expect(safeCell(text)).toBe(`'${text}`)
    }
    expect(safeCell('oat flour')).toBe('oat flour')
  })
})
