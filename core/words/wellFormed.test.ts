import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { wellFormed, wellFormedData } from './wellFormed'

/** Any text at all: halves of pairs and NULs among it. */
const anyText = fc
  .array(fc.oneof(fc.integer({ min: 0, max: 0xffff }), fc.constantFrom(0, 0xd83c, 0xdf82, 0x61)), { maxLength: 20 })
  .map(units => String.fromCharCode(...units))

describe('text', () => {
  it('comes out as the platform’s own mending makes it, without NULs', () =>
    fc.assert(
      fc.property(anyText, text => {
        const native = (text as string & { toWellFormed(): string }).toWellFormed().replaceAll('\0', '')
        expect(wellFormed(text)).toBe(native)
        expect(Buffer.from(wellFormed(text), 'utf8').toString('utf8')).toBe(wellFormed(text))
      }),
    ))
  it('of plain data is mended at any depth, and left alone where nothing is wrong', () =>
    fc.assert(
      fc.property(fc.jsonValue(), anyText, (data, text) => {
        expect(wellFormedData({ deep: [data, text], [text]: 1 })).toEqual({
          deep: [wellFormedData(data), wellFormed(text)],
          [wellFormed(text)]: 1,
        })
        const fine = wellFormedData(data)
        expect(wellFormedData(fine)).toBe(fine)
      }),
    ))
})
