import { type Everything, tableNames } from '@fair-tin/data'
import fc from 'fast-check'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { bundled, unbundled } from './bundle'

const noRows = Object.fromEntries(tableNames.map(name => [name, '[]'])) as Everything['tables']
const everything = fc.record({
  bakery: fc.record({ name: fc.string({ minLength: 1, maxLength: 50 }) }),
  people: fc.array(fc.record({ id: fc.uuid(), name: fc.string({ minLength: 1, maxLength: 30 }) }), { maxLength: 3 }),
  tables: fc
    .array(fc.record({ supplier: fc.string(), columns: fc.jsonValue() }), { maxLength: 4 })
    .map(rows => ({ ...noRows, price_list: JSON.stringify(rows) })),
  papers: fc.array(
    fc.record({
      id: fc.uuid(),
      ingredient_id: fc.string(),
      evidence_id: fc.string(),
      name: fc.oneof(fc.string({ unit: 'grapheme' }), fc.constantFrom('../../etc/passwd', 'spec.pdf', '/', '')),
      type: fc.constant('application/pdf'),
      kept_by: fc.string(),
      kept_at: fc.constant('2026-11-26T10:00:00.000Z'),
      bytes: fc.uint8Array({ minLength: 1, maxLength: 50 }),
    }),
    { maxLength: 3 },
  ),
})

describe('everything in one file', () => {
  it('unpacked is what was packed', () =>
    fc.assert(
      fc.property(everything, all => {
        expect(unbundled(bundled(all))).toEqual(all)
      }),
    ))
  it('has no name in it that leads out of a folder', () =>
    fc.assert(
      fc.property(everything, all => {
        for (const name of Object.keys(unzipSync(bundled(all))))
          expect(name).toMatch(/^(?:\w+\.json|(?:rows|sheets|papers)\/[\w.-]+)$/)
        for (const name of Object.keys(unzipSync(bundled(all)))) expect(name).not.toContain('..')
      }),
    ))
  it('that is torn, foreign, newer or lacks something is told apart in words, and never throws', () => {
    const whole = bundled({ bakery: { name: 'Quay' }, people: [], tables: noRows, papers: [] })
    const without = (name: string) =>
      zipSync(Object.fromEntries(Object.entries(unzipSync(whole)).filter(([one]) => one !== name)))
    expect(unbundled(whole.subarray(0, 200))).toHaveProperty('problem')
    expect(unbundled(strToU8('a shopping list'))).toHaveProperty('problem')
    expect(unbundled(without('rows/recipe.json'))).toEqual({ problem: expect.stringContaining('rows/recipe.json') })
    expect(unbundled(zipSync({ ...unzipSync(whole), 'rows/recipe.json': strToU8('{"a": 1}') }))).toHaveProperty(
      'problem',
    )
    const newer = strToU8(JSON.stringify({ format: 'everything of a bakery', version: 2, bakery: { name: 'x' } }))
    expect(unbundled(zipSync({ ...unzipSync(whole), 'bakery.json': newer }))).toEqual({
      problem: expect.stringContaining('newer'),
    })
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 300 }), bytes => {
        expect(unbundled(bytes)).toHaveProperty('problem')
      }),
    )
  })
})
