import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { zplOf } from './zpl'

/** Read back by the format's own rules, written apart from what writes it. */
function readBack(zpl: string): { width: number; height: number; copies: number; rows: boolean[][] } {
  const [, width] = /\^PW(\d+)/.exec(zpl)!
  const [, height] = /\^LL(\d+)/.exec(zpl)!
  const [, copies] = /\^PQ(\d+)/.exec(zpl)!
  const [, total, again, bytes, data] = /\^GFA,(\d+),(\d+),(\d+),(.*?)\^FS/s.exec(zpl)!
  expect(total).toBe(again)
  expect(Number(total)).toBe(Number(bytes) * Number(height))
  const digits = Number(bytes) * 2
  const lines: string[] = []
  let line = ''
  let count = 0
  const finish = () => {
    lines.push(line)
    line = ''
  }
  for (const sign of data!) {
    if (sign === ':') {
      expect(line).toBe('')
      lines.push(lines.at(-1)!)
    } else if (sign === ',' || sign === '!') {
      line = line.padEnd(digits, sign === ',' ? '0' : 'F')
      finish()
    } else if (/[G-Y]/.test(sign)) count += sign.charCodeAt(0) - 70
    else if (/[g-z]/.test(sign)) count += (sign.charCodeAt(0) - 102) * 20
    else {
      line += sign.repeat(count || 1)
      count = 0
      if (line.length === digits) finish()
      expect(line.length).toBeLessThanOrEqual(digits)
    }
  }
  expect(line).toBe('')
  return {
    width: Number(width),
    height: Number(height),
    copies: Number(copies),
    rows: lines.map(one =>
      [...one].flatMap(digit => [...Number.parseInt(digit, 16).toString(2).padStart(4, '0')].map(bit => bit === '1')),
    ),
  }
}

describe('a job for a label printer', () => {
  it('read back is the picture, point by point (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3400 }),
        fc.array(fc.array(fc.integer({ min: 1, max: 1700 }), { minLength: 1, maxLength: 6 }), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.integer({ min: 1, max: 9 }),
        (width, runs, copies) => {
          // runs of white and black in turn, so that long ones occur
          const ink = (x: number, y: number) => {
            let [at, dark] = [0, false]
            for (const run of runs[y]!) {
              at += run
              if (x < at) return dark
              dark = !dark
            }
            return dark
          }
          const read = readBack(zplOf({ width, height: runs.length, dark: ink }, copies))
          expect([read.width, read.height, read.copies, read.rows.length]).toEqual([
            width,
            runs.length,
            copies,
            runs.length,
          ])
          for (const [y, row] of read.rows.entries())
            for (const [x, dark] of row.entries()) if (dark !== (x < width && ink(x, y))) expect.fail(`${x} ${y}`)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('prints whole labels, and at least one', () =>
    expect(() => zplOf({ width: 8, height: 1, dark: () => false }, 0)).toThrow(RangeError))
})
