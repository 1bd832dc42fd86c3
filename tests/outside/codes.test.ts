// Codes of a label against other libraries: check digits as the barcode library takes them, a square code read back by another from
// the very squares that are drawn, element strings through both.
import { readElementString } from '@fair-tin/core/exchange'
import { checkDigit, isGtin13 } from '@fair-tin/core/model'
import fc from 'fast-check'
import jsQR from 'jsqr'
import { describe, expect, it } from 'vitest'
import { codesFor } from '../../web/label/codes'
import { emptyPage, type Page } from '../../web/label/page'
import { barsWidth, setCodes } from '../../web/label/setCodes'

const digits = fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 13, maxLength: 13 }).map(all => all.join(''))
const keeps = { days: 6, mark: 'bestBefore' as const, storage: '' }

/** What is dark, ten dots a millimetre, as a scanner sees it. */
function seen({ fills }: Page, width: number, height: number) {
  const [across, down] = [width * 10, height * 10]
  const pixels = new Uint8ClampedArray(across * down * 4).fill(255)
  for (const fill of fills)
    for (let y = Math.round(fill.y * 10); y < Math.round((fill.y + fill.height) * 10); y++)
      for (let x = Math.round(fill.x * 10); x < Math.round((fill.x + fill.width) * 10); x++)
        pixels.fill(0, (y * across + x) * 4, (y * across + x) * 4 + 3)
  return { pixels, across, down }
}

describe('an article number', () => {
  it('is one exactly where the barcode library takes it for one', async () => {
    const taken = (gtin: string) =>
      codesFor({ gtin }, { lot: 'L1', date: null }).then(
        () => true,
        () => false,
      )
    await fc.assert(
      fc.asyncProperty(digits, async text => {
        expect(isGtin13(text)).toBe(await taken(text))
        const twelve = text.slice(0, 12)
        expect(await taken(`${twelve}${checkDigit(twelve)}`)).toBe(true)
      }),
      { numRuns: 200 },
    )
  })
  it('is drawn as the library draws it: 95 modules, a bar where it has one', async () => {
    const codes = (await codesFor({ gtin: '2000000000008' }, { lot: 'L1', date: null }))!
    if ('problem' in codes) throw new Error(codes.problem)
    expect(codes.bars.widths.reduce((sum, one) => sum + one, 0)).toBe(95)
    const page = emptyPage()
    setCodes(page, { x: 0, y: 0, width: barsWidth }, codes)
    expect(page.overrun).toBe(false)
    expect(page.fills).toHaveLength(30)
    // the guards at both ends and in the middle stand out below
    expect(page.fills.filter(one => one.height > 19)).toHaveLength(6)
    expect(page.texts.map(one => one.text).join('')).toBe('2000000000008')
    for (const one of page.fills) expect(one.x + one.width).toBeLessThanOrEqual(barsWidth)
  })
})

describe('a square code', () => {
  it.each([60, 32])('is read back from what is drawn on %d mm, by another library', async width => {
    const product = { gtin: '2012345678903', squareCode: true, keeps }
    const codes = (await codesFor(product, { lot: 'L261127-2', date: '2026-12-03' }))!
    if ('problem' in codes) throw new Error(codes.problem)
    const page = emptyPage()
    const column = { x: 0, y: 0, width }
    setCodes(page, column, codes)
    expect(page.overrun).toBe(false)
    const { pixels, across, down } = seen(page, width, Math.ceil(column.y + 1))
    const read = jsQR(pixels, across, down)
    expect(readElementString(read!.data)).toEqual({
      gtin: '2012345678903',
      lot: 'L261127-2',
      mark: 'bestBefore',
      date: '2026-12-03',
    })
  })
  it('a lot that cannot stand in one is said, and nothing is drawn', async () =>
    expect(
      await codesFor({ gtin: '2000000000008', squareCode: true }, { lot: 'two words', date: null }),
    ).toHaveProperty('problem'))
  it('without a number there is no code', async () =>
    expect(await codesFor({ squareCode: true }, { lot: 'L1', date: null })).toBeNull())
})
