import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainJpeg } from './jpeg'

const segment = (kind: number, body: readonly number[]) => [
  0xff,
  kind,
  (body.length + 2) >> 8,
  (body.length + 2) & 255,
  ...body,
]
const frame = segment(0xc0, [8, 0, 30, 0, 40, 1, 1, 0x11, 0])
const scan = [...segment(0xda, [1, 1, 0, 0, 63, 0]), 1, 2, 0xff, 0, 3, 0xff, 0xd0, 4]
const letters = (text: string) => [...new TextEncoder().encode(text)]
const text = (bytes: Uint8Array) => Buffer.from(bytes).toString('latin1')

describe('a photograph', () => {
  it('keeps its picture, and no word of where, when and with what it was taken (property)', () => {
    const secret = 'TAKEN AT 50.1N 5.2W'
    const meta = fc.record({
      kind: fc.constantFrom(...Array.from({ length: 15 }, (_, at) => 0xe1 + at).filter(one => one !== 0xee), 0xfe),
      before: fc.uint8Array({ maxLength: 20 }),
    })
    fc.assert(
      fc.property(fc.array(meta, { maxLength: 5 }), fc.array(meta, { maxLength: 3 }), (first, later) => {
        const written = (all: typeof first) =>
          all.flatMap(one => segment(one.kind, [...one.before, ...letters(secret)]))
        const bytes = Uint8Array.from([
          0xff,
          0xd8,
          ...segment(0xe0, letters('JFIF')),
          ...written(first),
          ...segment(0xdb, [0, ...Array.from({ length: 64 }, () => 1)]),
          ...written(later),
          ...frame,
          ...scan,
          0xff,
          0xd9,
          ...letters(`after the end: ${secret}`),
        ])
        const plain = plainJpeg(bytes)!
        expect([plain.width, plain.height]).toEqual([40, 30])
        expect(text(plain.bytes)).not.toContain(secret)
        expect(text(plain.bytes)).toContain(text(Uint8Array.from([...frame])))
        expect(text(plain.bytes)).toContain(text(Uint8Array.from(scan)))
        expect(plainJpeg(plain.bytes)).toEqual(plain)
      }),
    )
  })
  it('that is none, or torn, is none', () => {
    const whole = Uint8Array.from([0xff, 0xd8, ...frame, ...scan, 0xff, 0xd9])
    expect(plainJpeg(whole)).not.toBeNull()
    for (let length = 0; length < whole.length; length++)
      expect(plainJpeg(whole.subarray(0, length)), `${length}`).toBeNull()
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), bytes => {
        expect(plainJpeg(bytes)).toBeNull()
      }),
    )
  })
})
