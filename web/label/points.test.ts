// Labels drawn in points, compared point by point with pictures that somebody looked at and approved. After a change that is meant:
// FAIR_TIN_APPROVE=yes npx vitest run web/label/points.test.ts, and look at each of tests/fixtures/labels before it is kept.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { assess } from '@fair-tin/core/assess'
import type { MarketCode } from '@fair-tin/core/model'
import jsqr from 'jsqr'
import pixelmatch from 'pixelmatch'
import { PNG } from 'pngjs'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../demo/workbook'
import { codesFor } from './codes'
import { type LabelSize, layOut } from './layout'
import { labelPng, labelPoints, resolutions, tooFine } from './points'

const demo = demoWorkbook('2026-11-24')
const workbook = { ...demo, products: demo.products.map(one => ({ ...one, printFront: true })) }
const square = { width: 100, height: 100 }
const approved: [name: string, product: string, market: MarketCode, size: LabelSize | undefined][] = [
  ['uk-front', 'ginger-teff-loaf', 'uk', square],
  ['eu', 'ginger-teff-loaf', 'eu', undefined],
  ['us-vertical', 'ginger-teff-loaf', 'us', undefined],
  ['us-linear', 'blackcurrant-bun', 'us', { width: 100, height: 70 }],
  ['us-tabular', 'blackcurrant-bun', 'us', { width: 150, height: 90 }],
  ['ca-symbol', 'ginger-teff-loaf', 'ca', undefined],
  ['anz', 'damson-slice', 'anz', undefined],
]
const drawn = (product: string, market: MarketCode, size: LabelSize | undefined) => {
  const laid = layOut(assess(workbook, product, market).declaration, {}, size)
  if ('tooMuch' in laid) throw new Error(laid.tooMuch)
  return laid
}

describe('labels in points', () => {
  it.each(approved)('%s looks as it was approved', async (name, product, market, size) => {
    const now = PNG.sync.read(Buffer.from(await labelPng(drawn(product, market, size), true, {}, 203)))
    const file = path.join(import.meta.dirname, '../../tests/fixtures/labels', `${name}.png`)
    if (process.env.FAIR_TIN_APPROVE === 'yes') writeFileSync(file, PNG.sync.write(now))
    expect(existsSync(file), `${file} is there to compare with`).toBe(true)
    const then = PNG.sync.read(readFileSync(file))
    expect([now.width, now.height]).toEqual([then.width, then.height])
    expect(pixelmatch(now.data, then.data, undefined, now.width, now.height, { threshold: 0.1 })).toBe(0)
  })
  it('are as many as the printer has to the inch, with ink where the letters are', async () => {
    const laid = drawn('ginger-teff-loaf', 'uk', square)
    const points = await labelPoints(laid, false, {}, 300)
    expect([points.width, points.height]).toEqual([1181, 1181])
    const perMm = 300 / 25.4
    // somewhere under every text there is ink, and none at the edge
    for (const text of laid.texts.filter(one => one.text.trim().length > 2)) {
      const [left, top] = [Math.round(text.x * perMm), Math.round((text.y - text.size * 0.5) * perMm)]
      const found = Array.from({ length: Math.round(text.size * perMm * 2) }, (_, at) => points.dark(left + at, top))
      expect(found.includes(true), text.text).toBe(true)
    }
    expect(Array.from({ length: points.width }, (_, x) => points.dark(x, 5)).includes(true)).toBe(false)
  })
  it('are drawn of any label that is usual, and of no wall', () => {
    for (const perInch of resolutions) {
      expect(tooFine({ width: 148, height: 105 }, perInch)).toBeNull()
      expect(tooFine({ width: 2000, height: 2000 }, perInch)).toContain('Make it smaller, or take it as PDF')
    }
    expect(tooFine({ width: 250, height: 250 }, 600)).toContain('Take 300, or take it as PDF')
  })
  it('of a draft bear its mark in ink, also where there is no grey', async () => {
    const laid = drawn('ginger-teff-loaf', 'uk', square)
    const [plain, draft] = [await labelPoints(laid, false, {}, 203), await labelPoints(laid, true, {}, 203)]
    let more = 0
    for (let y = 0; y < plain.height; y++)
      for (let x = 0; x < plain.width; x++) if (draft.dark(x, y) && !plain.dark(x, y)) more++
    // strokes of 0.6 mm, some 250 mm of them
    const perMm = 203 / 25.4
    expect(more).toBeGreaterThan(0.6 * 150 * perMm ** 2)
  })
  it('a square code among them is read by another library', async () => {
    const codes = await codesFor(
      { gtin: '5012345678900', squareCode: true, keeps: { days: 3, mark: 'bestBefore', storage: '' } },
      { lot: 'L77', date: '2026-11-30' },
    )
    if (!codes || 'problem' in codes) return expect.fail('no codes')
    const laid = layOut(assess(demo, 'ginger-teff-loaf', 'uk').declaration, { codes }, { width: 150, height: 150 })
    if ('tooMuch' in laid) return expect.fail(laid.tooMuch)
    const { data, width, height } = PNG.sync.read(Buffer.from(await labelPng(laid, false, {}, 300)))
    expect(jsqr(new Uint8ClampedArray(data), width, height)?.data).toContain('L77')
  })
})
