import { describe, expect, it } from 'vitest'
import { unknownIngredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import { sameShelf, shelfName, withInPlace } from './shelfName'

const house = unknownIngredient('a', 'Rice flour ')
const mill = { ...unknownIngredient('b', 'Fine white rice flour 5 kg'), standsFor: 'rice flour' }
const teff = unknownIngredient('c', 'Teff flour')
const workbook: Workbook = {
  products: [],
  recipes: [],
  ingredients: [house, mill, teff],
  kitchen: { currency: 'GBP', crossContact: [] },
  evidence: [],
  today: '2026-11-25',
}

describe('shelf names', () => {
  it('are what an article stands for, or its own name, however it is written', () => {
    expect([house, mill, teff].map(shelfName)).toEqual(['rice flour', 'rice flour', 'teff flour'])
    expect(sameShelf(workbook, house).map(one => one.id)).toEqual(['a', 'b'])
    expect(sameShelf(workbook, teff).map(one => one.id)).toEqual(['c'])
  })
  it('another in its place keeps the id that recipes call for, and nothing else of it', () => {
    expect(withInPlace(workbook, house, mill).ingredients).toEqual([{ ...mill, id: 'a' }, mill, teff])
    expect(withInPlace(workbook, house, house)).toBe(workbook)
  })
})
