import { describe, expect, it } from 'vitest'
import { labelled } from '../../tests/fixtures/labelled'
import { sampleIngredient, sampleLine } from '../../tests/fixtures/sample'
import type { Component } from '../model/ingredient'
import type { MarketCode } from '../model/market'

// Regulation (EC) 1333/2008 and (EU) 2015/2283, 21 CFR; from memory
const asked = (composition: Component[], market: MarketCode = 'uk', role: 'mix' | 'beside' = 'mix') =>
  labelled({
    ingredients: [sampleIngredient('flour'), sampleIngredient('drops', { composition })],
    lines: [sampleLine('flour', 10), sampleLine('drops', 10, { role })],
    market,
  }).questions

describe('whether it may be used', () => {
  it('is asked of each sweetener, colour and novel food, once, with its source', () => {
    expect(asked([{ name: 'sucralose' }, { name: 'sucralose' }, { name: 'curcumin' }])).toEqual([
      'Sucralose: may this sweetener be used in this food (United Kingdom)? Ask someone competent (Regulation (EC) 1333/2008, Annex II).',
      'Curcumin: may this colour be used in this food (United Kingdom)? Ask someone competent (Regulation (EC) 1333/2008, Annex II).',
    ])
    expect(asked([{ name: 'Chia seeds' }, { name: 'chia flour' }])).toEqual([
      'Chia seeds: may this novel food be used in this food (United Kingdom)? Ask someone competent (Regulation (EU) 2015/2283).',
      'Chia: may this novel food be used in this food (United Kingdom)? Ask someone competent (Regulation (EU) 2015/2283).',
    ])
  })
  it('is asked by the rules of the place of sale', () => {
    expect(asked([{ name: 'allulose' }], 'us')).toEqual([
      'Allulose: may this sweetener be used in this food (United States)? Ask someone competent (21 CFR parts 172, 180 and 184).',
    ])
    expect(asked([{ name: 'chia seeds' }], 'us')).toEqual([])
  })
  it('is not asked of a word inside another, of plain food, or of what is only served beside', () => {
    expect(asked([{ name: 'brachiaria' }, { name: 'sugar' }])).toEqual([])
    expect(asked([{ name: 'sucralose' }], 'uk', 'beside')).toEqual([])
  })
})

// Regulation (EU) 1169/2011, Annex III and VI; 21 CFR 180.25; FSC Schedule 9; from memory
describe('what else a thing may ask of the label', () => {
  it.each([
    ['uk', 'liquorice root', 'Liquorice: from 100 mg/kg'],
    ['eu', 'plant sterol esters', 'Plant sterol esters: added plant sterols'],
    ['eu', 'guarana extract', 'Guarana: was it added'],
    ['us', 'sorbitol', 'Sorbitol: where 20 g of mannitol'],
    ['anz', 'royal jelly', 'Royal jelly: a warning of severe allergic reactions'],
  ] as const)('%s, %s: is asked with its source, once', (market, name, says) => {
    const found = asked([{ name }, { name }], market).filter(one => one.startsWith(says))
    expect(found).toHaveLength(1)
    expect(found[0]).toMatch(/\? \((?:Regulation|21 CFR|FSC)/)
    expect(asked([{ name }], market, 'beside').filter(one => one.startsWith(says))).toEqual([])
  })
  it('is not asked where no such rule is known, nor of plain food', () => {
    expect(asked([{ name: 'liquorice' }], 'us').filter(one => one.includes('mg/kg'))).toEqual([])
    expect(asked([{ name: 'sugar' }])).toEqual([])
  })
  it('of what is sold thawed, in Europe, until its name says so', () => {
    const thawed = (legalName: string, market: MarketCode = 'uk') =>
      labelled({
        ingredients: [sampleIngredient('flour')],
        lines: [sampleLine('flour', 10)],
        market,
        product: { legalName, keeps: { days: 2, mark: 'useBy', storage: '', as: 'thawed' } },
      }).questions.filter(one => one.includes('thawed'))
    expect([thawed('Bun').length, thawed('Bun, defrosted').length, thawed('Bun', 'us').length]).toEqual([1, 0, 0])
  })
})
