import { readFileSync } from 'node:fs'
import { assess } from '@fair-tin/core/assess'
import { type Declaration, textOf } from '@fair-tin/core/label'
import { rulesAsRead } from '@fair-tin/core/market'
import { type MarketCode, marketCodes } from '@fair-tin/core/model'
import fontkit from '@pdf-lib/fontkit'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../demo/workbook'
import { type LabelExtras, type LabelLayout, layOut } from './layout'
import { lacking, textWidth, xHeight } from './metrics'

const workbook = demoWorkbook('2026-11-24')
const declare = (id: string, market: MarketCode = 'uk'): Declaration => assess(workbook, id, market).declaration
const fits = (declaration: Declaration, extras: LabelExtras = {}): LabelLayout => {
  const laid = layOut(declaration, extras)
  return 'tooMuch' in laid ? expect.fail(laid.tooMuch) : laid
}
const words = (laid: LabelLayout) =>
  laid.texts
    .map(text => text.text)
    .join(' ')
    .replace(/\s+/g, ' ')

const every = workbook.products.flatMap(product => marketCodes.map(market => [product.id, market] as const))
describe.each(every)('the label of %s, %s', (id, market) => {
  const declaration = declare(id, market)
  const laid = fits(declaration)
  it('keeps everything inside its edges, and no two texts on one spot', () => {
    for (const text of laid.texts) {
      expect(text.x).toBeGreaterThanOrEqual(2.9)
      expect(text.x + textWidth(text.text, text.size, text.bold)).toBeLessThanOrEqual(laid.width - 2.9)
      expect(text.y).toBeLessThanOrEqual(laid.height - 2)
      expect(text.y - text.size * 0.7).toBeGreaterThanOrEqual(1.5)
    }
    const byRow = new Map<string, LabelLayout['texts']>()
    for (const text of laid.texts) byRow.set(text.y.toFixed(3), [...(byRow.get(text.y.toFixed(3)) ?? []), text])
    for (const row of byRow.values()) {
      const sorted = [...row].sort((a, b) => a.x - b.x)
      for (const [at, text] of sorted.entries())
        if (at > 0)
          expect(text.x).toBeGreaterThanOrEqual(
            sorted[at - 1]!.x + textWidth(sorted[at - 1]!.text, sorted[at - 1]!.size, sorted[at - 1]!.bold) - 1e-6,
          )
    }
  })
  it('says every word of the declaration', () => {
    const said = words(laid)
      .replace(/ ([,.)])/g, '$1')
      .replace(/\( /g, '(')
    for (const piece of [
      declaration.name,
      // what is drawn as a symbol stands in no sentence
      ...declaration.statements.map(textOf).filter(one => one !== declaration.symbol?.text),
      declaration.particulars.netQuantity,
      declaration.particulars.operator ?? '',
    ])
      for (const word of piece.split(' ')) expect(said).toContain(word)
    const list = textOf(declaration.ingredients).replace(/\s+/g, '')
    expect(said.replace(/\s+/g, '')).toContain(list)
  })
  it('has letters as tall as the law asks', () => {
    const letters = rulesAsRead(market).letters
    expect(laid.xHeight).toBeGreaterThanOrEqual(letters.smallestXHeight - 1e-9)
    // outside a panel, whose sizes are the rule's own (6 pt and more)
    const outside = laid.texts.filter(text => !laid.boxes.some(box => text.x >= box.x))
    expect(Math.min(...outside.map(text => text.size)) * xHeight).toBeGreaterThanOrEqual(letters.smallestXHeight - 1e-9)
    expect(Math.min(...laid.texts.map(text => text.size))).toBeGreaterThanOrEqual(6 * (25.4 / 72) - 1e-9)
    // Directive 76/211/EEC by content; 21 CFR 101.7(h) by the panel, here 100 × 150 mm
    const { netGrams } = declaration.particulars
    const european = netGrams <= 50 ? 2 : netGrams <= 200 ? 3 : netGrams <= 1000 ? 4 : 6
    // Canada by the panel, here 150 × 150 mm; Australia as on the largest pack
    const figures = { us: 25.4 / 8, ca: 3.2, anz: 4.8, uk: european, eu: european }
    expect(laid.figureHeight).toBeCloseTo(figures[market], 9)
  })
  it('says it is a draft while anything stands against it', () =>
    expect(words(laid).includes('DRAFT')).toBe(declaration.problems.length > 0))
})

describe('a label', () => {
  it('that does not fit is an error in words, never cut', () => {
    const declaration = declare('damson-slice')
    expect(layOut(declaration, {}, { width: 40, height: 30 })).toMatchObject({
      tooMuch: expect.stringContaining('does not fit on 40 × 30 mm'),
    })
    expect(
      layOut({ ...declaration, ingredients: Array.from({ length: 400 }, (_, at) => ({ text: `ingredient ${at}, ` })) }),
    ).toHaveProperty('tooMuch')
  })
  it('breaks a word longer than its column instead of running over', () => {
    const laid = fits({ ...declare('ginger-teff-loaf'), name: 'Kastanienmehlbiskuitroulade'.repeat(3) })
    expect(words(laid).replace(/ /g, '')).toContain('Kastanienmehlbiskuitroulade'.repeat(3))
  })
  it('cannot be set in letters its font lacks', () =>
    expect(layOut({ ...declare('ginger-teff-loaf'), name: 'Loaf 🙂' })).toEqual({
      tooMuch: expect.stringContaining('no “🙂”'),
    }))
  it('looks up every word in its font, the name of a piece too', () => {
    const { particulars, ...rest } = declare('ginger-teff-loaf')
    expect(layOut({ ...rest, particulars: { ...particulars, servingHeads: ['per bun 🙂', '(92 g)'] } })).toEqual({
      tooMuch: expect.stringContaining('no “🙂”'),
    })
  })
  it('never lets the table run into the list, however a piece is called', () => {
    const { particulars, ...rest } = declare('ginger-teff-loaf')
    let set = 0
    for (let letters = 1; letters <= 60; letters++) {
      const laid = layOut({
        ...rest,
        particulars: { ...particulars, servingHeads: [`per ${'m'.repeat(letters)}`, '(92 g)'] },
      })
      if ('tooMuch' in laid) continue
      set++
      const column = laid.rules[0]!.x1
      for (const text of laid.texts)
        expect(text.x >= column - 1e-6 || text.x + textWidth(text.text, text.size, text.bold) <= column).toBe(true)
    }
    expect(set).toBeGreaterThan(3)
    expect(set).toBeLessThan(60)
  })
  it('prints the date and lot it is given', () =>
    expect(words(fits(declare('ginger-teff-loaf'), { date: 'Best before 1 May 2027', lot: 'L77' }))).toContain(
      'Best before 1 May 2027 Lot L77',
    ))
})

describe('its measures', () => {
  it('are those of the font files', () => {
    for (const [weight, bold] of [
      ['400Regular', false],
      ['700Bold', true],
    ] as const) {
      const font = fontkit.create(
        readFileSync(`node_modules/@expo-google-fonts/archivo/${weight}/Archivo_${weight}.ttf`),
      )
      for (const letter of 'Aaégß½µ×–“1,')
        expect(textWidth(letter, 1000, bold)).toBeCloseTo(
          font.glyphForCodePoint(letter.codePointAt(0)!).advanceWidth,
          6,
        )
    }
  })
  it('cover Latin and its accents', () =>
    expect(lacking('Crème brûlée, Żurawina, smørrebrød, ½ × 100 °C – “a” £ €')).toEqual([]))
})
