import type { LabelStock } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { perSheet, placesOn } from '../../../label/sheet'
import { newStock, stockDraft, stocksFrom } from './draft'

const tenth = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map(one => one / 10)
/** Any stock that a sheet can hold. */
const stock = fc
  .record({
    width: tenth(15, 120),
    height: tenth(10, 120),
    across: fc.integer({ min: 1, max: 4 }),
    down: fc.integer({ min: 1, max: 6 }),
    gapX: tenth(0, 8),
    gapY: tenth(0, 8),
    left: tenth(0, 15),
    top: tenth(0, 15),
    rest: tenth(0, 20),
    roll: fc.boolean(),
  })
  .map(({ width, height, across, down, gapX, gapY, left, top, rest, roll }): LabelStock => {
    const [stepAcross, stepDown] = [width + gapX, height + gapY]
    return {
      id: 's',
      name: 'Sheet of labels',
      width,
      height,
      ...(roll
        ? {}
        : {
            sheet: {
              width: Math.max(30, left + (across - 1) * stepAcross + width + rest),
              height: Math.max(30, top + (down - 1) * stepDown + height + rest),
              across,
              down,
              left,
              top,
              stepAcross,
              stepDown,
            },
          }),
    }
  })

describe('label stock', () => {
  it('written as text and read again is the same', () => {
    fc.assert(
      fc.property(stock, one => {
        expect(stocksFrom([stockDraft(one)])).toEqual({ values: [one] })
      }),
    )
  })
  it('no two labels lie over each other, none over the edge, and a sheet begun is used up', () => {
    fc.assert(
      fc.property(stock, fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 90 }), (one, copies, from) => {
        const places = placesOn(one, copies, from)
        expect(places).toHaveLength(copies)
        expect(places[0]!.sheet).toBe(0)
        const { sheet } = one
        if (!sheet) {
          expect(new Set(places.map(place => place.sheet)).size).toBe(copies)
          return
        }
        for (const [at, place] of places.entries()) {
          expect(place.x + one.width).toBeLessThanOrEqual(sheet.width + 1e-6)
          expect(place.y + one.height).toBeLessThanOrEqual(sheet.height + 1e-6)
          for (const other of places.slice(at + 1)) {
            if (other.sheet !== place.sheet) continue
            const apart =
              Math.abs(other.x - place.x) >= one.width - 1e-6 || Math.abs(other.y - place.y) >= one.height - 1e-6
            expect(apart, `${at}`).toBe(true)
          }
        }
        const sheets = Math.ceil((((from - 1) % perSheet(one)) + copies) / perSheet(one))
        expect(places.at(-1)!.sheet).toBe(sheets - 1)
      }),
    )
  })
  it.each([
    [{ name: '' }, 'Give it a name.'],
    [{ width: 'wide' }, 'Say the width of a label, in millimetres.'],
    [{ width: '5' }, 'the width of a label is at least 15 mm.'],
    [{ across: '2.5' }, 'Count whole labels.'],
    [{ height: '1,000' }, '“1,000” could be 1000 or 1.0: write the one you mean.'],
    [{ stepAcross: '90' }, 'Side by side they overlap: the step across is less than a label’s width.'],
    [{ across: '3' }, 'The last label across stands out over the sheet.'],
    [{ down: '5' }, 'The last label down stands out over the sheet.'],
  ])('says what is wrong with it: %j', (change, problem) => {
    const draft = { ...newStock(), name: 'A4', ...change }
    expect(stocksFrom([draft])).toEqual({ problems: new Map([[draft.key, problem]]) })
  })
})
