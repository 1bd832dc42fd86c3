import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readScaleLine } from './scaleLine'

describe('a line of a scale', () => {
  it.each([
    ['ST,GS,+  94.0 g', 94, true],
    ['US,NT,-00012.5g', -12.5, false],
    ['   0.094kg', 94, true],
    ['ST 1,250 kg', 1250, true],
    ['? 94 g', 94, false],
    ['4 oz', 113.3980925, true],
  ])('%s', (line, grams, steady) => {
    const read = readScaleLine(line)!
    expect(read.grams).toBeCloseTo(grams, 6)
    expect(read.steady).toBe(steady)
  })
  it('says nothing where there is no weight in it', () => {
    for (const line of ['', '94', 'ST,OL,+99999 g', 'ERR 3 g', 'hello']) expect(readScaleLine(line)).toBeNull()
  })
  it('never makes another number of it, in any unit (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -50_000, max: 50_000 }), fc.constantFrom('g', 'kg', 'mg'), (tenths, unit) => {
        const factor = { g: 1, kg: 1000, mg: 0.001 }[unit]
        const value = tenths / 10
        const line = `ST,GS,${value < 0 ? '-' : '+'}${String(Math.abs(value)).padStart(8)} ${unit}`
        expect(readScaleLine(line)!.grams).toBeCloseTo(value * factor, 6)
      }),
    )
  })
  it('reads past anything without throwing (property)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), line => {
        readScaleLine(line)
      }),
    )
  })
})
