import type { Purchase } from '@fair-tin/core/assess'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { shoppingCsv } from './shoppingCsv'

const purchase = (name: string, supplier: string): Purchase => ({
  ingredient: name,
  name,
  needed: 1200.4,
  stock: 200,
  instead: { ingredient: 'other', name: 'other', grams: 150 },
  toBuy: 1000.4,
  over: 999.6,
  unknown: null,
  choices: [{ ingredient: name, name, supplier, article: 'A-1', pack: 1000, count: 2, each: '3.40', price: '6.8' }],
})
describe('a shopping list as CSV', () => {
  it('read back by another reader says the same, by supplier', () => {
    const text = shoppingCsv([purchase('flour, fine', 'Tarn Mill'), purchase('damsons', 'Orchard Row')], 'GBP')
    const { data } = Papa.parse<string[]>(text)
    expect(data.map(row => [row[0], row[2], row[5], row[7], row[8]])).toEqual([
      ['Supplier', 'What', 'Packs', 'Together', 'Currency'],
      ['Orchard Row', 'damsons', '2', '6.8', 'GBP'],
      ['Tarn Mill', 'flour, fine', '2', '6.8', 'GBP'],
    ])
  })
  it('says what is taken of another article that stands in stock', () => {
    const { data, meta } = Papa.parse<Record<string, string>>(shoppingCsv([purchase('flour', 'Tarn Mill')], 'GBP'), {
      header: true,
    })
    expect(meta.fields).toContain('Of another article, g')
    expect(data[0]).toMatchObject({ 'Needed, g': '1200', 'In stock, g': '200', 'Of another article, g': '150' })
  })
  it('is never a formula', () => {
    const { data } = Papa.parse<string[]>(shoppingCsv([purchase('=HYPERLINK("x")', '+44')], 'GBP'))
    expect(data[1]!.some(cell => /^[=+@-]/.test(cell))).toBe(false)
  })
})
