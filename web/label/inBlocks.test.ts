import { assess } from '@fair-tin/core/assess'
import { type LabelDesign, labelBlocks, type MarketCode } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../demo/workbook'
import { firstBlocks } from '../screens/kitchen/designs/draft'
import { codesFor } from './codes'
import { layOut, layOutIn } from './layout'
import { textWidth } from './metrics'

const workbook = demoWorkbook('2026-11-24')
const declare = (id: string, market: MarketCode) => assess(workbook, id, market).declaration
const design = (size: { width: number; height: number }, change: Partial<LabelDesign> = {}): LabelDesign => ({
  id: 'd',
  name: 'Quay',
  ...size,
  blocks: firstBlocks(size),
  ...change,
})
const wordsOf = (texts: readonly { text: string }[]) =>
  texts
    .map(one => one.text)
    .join('')
    .replace(/\s+/g, '')
const markets = ['uk', 'eu', 'us', 'ca', 'anz'] as const
const all = workbook.products.flatMap(one => markets.map(market => [one.id, market] as const))

describe('a label in blocks', () => {
  it('says what the usual one says, letter for letter, in letters as tall as the law asks, whatever its size (property)', () => {
    let [fitted, refused] = [0, 0]
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.integer({ min: 60, max: 210 }),
        fc.integer({ min: 60, max: 290 }),
        ([id, market], width, height) => {
          const declaration = declare(id, market)
          const whole = design({ width, height })
          // Canada's symbol needs a place of its own
          const blocks = declaration.symbol
            ? [
                ...whole.blocks.filter(one => one.kind !== 'business'),
                ...whole.blocks.filter(one => one.kind === 'business').map(one => ({ ...one, width: one.width / 2 })),
              ]
            : whole.blocks
          if (declaration.symbol) {
            const business = whole.blocks.find(one => one.kind === 'business')!
            blocks.push({ ...business, kind: 'summary', x: business.x + business.width / 2, width: business.width / 2 })
          }
          const laid = layOutIn({ ...whole, blocks }, declaration)
          if ('tooMuch' in laid) {
            refused++
            expect(laid.tooMuch).toMatch(/Make it larger|has no block|in the lowest 30 %/)
            return
          }
          fitted++
          const usual = layOut(declaration, {}, { width: 210, height: 297 })
          if ('tooMuch' in usual) return expect.fail(usual.tooMuch)
          // where two languages stand one over the other, no stroke parts them
          const sorted = (texts: readonly { text: string }[]) => [...wordsOf(texts).replaceAll('/', '')].sort().join('')
          // the forms of a panel say the same in other words
          if (!declaration.panel) expect(sorted(laid.texts)).toBe(sorted(usual.texts))
          for (const text of laid.texts) {
            const inside = blocks.some(
              one =>
                text.x >= one.x - 1e-6 &&
                text.x + textWidth(text.text, text.size, text.bold) <= one.x + one.width + 1e-6 &&
                text.y >= one.y &&
                text.y <= one.y + one.height + 0.1,
            )
            expect(inside, text.text).toBe(true)
          }
        },
      ),
      { numRuns: 150 },
    )
    expect(Math.min(fitted, refused)).toBeGreaterThan(10)
  })
  it('left without a block, whatever must stand on it is named', async () => {
    const declaration = declare('ginger-teff-loaf', 'uk')
    const size = { width: 150, height: 150 }
    const codes = await codesFor({ gtin: '5012345678900' }, { lot: 'L1', date: null })
    const extras = codes && !('problem' in codes) ? { codes } : {}
    for (const kind of labelBlocks) {
      const laid = layOutIn(
        design(size, { blocks: firstBlocks(size).filter(one => one.kind !== kind), words: 'By the sea.' }),
        declaration,
        extras,
      )
      const said = 'tooMuch' in laid ? laid.tooMuch : ''
      if (['front', 'list', 'table', 'keeping', 'business', 'codes', 'words'].includes(kind))
        expect(said).toContain('no block')
    }
  })
  it('in the United States the net quantity stands in the lowest 30 per cent of it (21 CFR 101.7(f)), elsewhere anywhere in view', () => {
    const size = { width: 200, height: 250 }
    const [front, list, ...rest] = firstBlocks(size)
    const low = design(size, {
      blocks: [{ ...front!, y: list!.y + list!.height - front!.height + 0.5 }, { ...list!, y: front!.y }, ...rest],
    })
    for (const market of ['us', 'uk'] as const) {
      const declaration = declare('ginger-teff-loaf', market)
      const high = layOutIn(design(size), declaration)
      expect('tooMuch' in high && high.tooMuch.includes('in the lowest 30 %')).toBe(market === 'us')
      const laid = layOutIn(low, declaration)
      if ('tooMuch' in laid) return expect.fail(laid.tooMuch)
      const net = laid.texts.find(one => one.text.startsWith(market === 'us' ? 'Net Wt' : '1.1 kg'))!
      if (market === 'us') expect(net.y).toBeGreaterThan(size.height * 0.7)
    }
  })
  it('a logo keeps its sides, in the middle of its place', () => {
    const size = { width: 150, height: 150 }
    const [first, ...rest] = firstBlocks(size)
    const place = { kind: 'logo' as const, x: 2, y: 2, width: 20, height: 20 }
    const laid = layOutIn(
      design(size, {
        blocks: [{ ...first!, x: 23, width: first!.width - 21 }, ...rest, place],
        logo: { id: 'p', width: 200, height: 100 },
      }),
      declare('ginger-teff-loaf', 'uk'),
    )
    expect('tooMuch' in laid ? laid.tooMuch : laid.images).toEqual([{ id: 'p', x: 2, y: 7, width: 20, height: 10 }])
  })
})

describe('a panel on a small label', () => {
  it('lies, or is a line of words, where there is no room for a tall one, and says every figure', () => {
    let lying = 0
    for (const { id } of workbook.products) {
      const declaration = declare(id, 'us')
      if (!declaration.panel || !('rows' in declaration.table)) continue
      for (const size of [
        { width: 100, height: 70 },
        { width: 150, height: 60 },
        { width: 120, height: 100 },
      ]) {
        const laid = layOut(declaration, {}, size)
        if ('tooMuch' in laid) continue
        lying++
        const said = wordsOf(laid.texts)
        for (const row of declaration.table.rows) {
          expect(said).toContain(row.label.replace(/\s+/g, ''))
          if (row.perServing && !row.inside) expect(said).toContain(row.perServing.replace(/\s+/g, ''))
          if (row.percent) expect(said).toContain(row.percent)
        }
        for (const text of laid.texts)
          expect(text.x + textWidth(text.text, text.size, text.bold)).toBeLessThanOrEqual(size.width - 2.9)
        expect(Math.max(...laid.texts.map(one => one.y))).toBeLessThanOrEqual(size.height - 2.9)
        // 21 CFR 101.7(f)
        expect(laid.texts.find(one => one.text.startsWith('Net Wt'))!.y).toBeGreaterThan(size.height * 0.7)
      }
    }
    expect(lying).toBeGreaterThan(3)
  })
})
