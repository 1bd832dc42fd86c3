import { assess } from '@fair-tin/core/assess'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../demo/workbook'
import { layOut } from './layout'

const workbook = demoWorkbook('2026-11-24')
const declared = workbook.products
  .map(one => assess(workbook, one.id, 'ca').declaration)
  .filter(one => one.panel !== null)
const pt = 25.4 / 72

describe('a panel in two languages', () => {
  it('takes narrower types as the label gets smaller, and says every row of itself in each (property)', () => {
    const seen = new Set<number>()
    fc.assert(
      fc.property(
        fc.constantFrom(...declared),
        fc.integer({ min: 80, max: 200 }),
        fc.integer({ min: 120, max: 250 }),
        (declaration, width, height) => {
          const laid = layOut(declaration, {}, { width, height })
          if ('tooMuch' in laid || !('rows' in declaration.table)) return
          const iron = laid.texts.find(one => one.text.startsWith('Iron / Fer'))
          // a form that lies or stands in a line says its minerals in one row
          if (iron?.text !== 'Iron / Fer') return
          seen.add(Math.round(iron.size / pt))
          const said = laid.texts.map(one => one.text)
          for (const row of declaration.table.rows) {
            expect(said.some(one => one.startsWith(row.nutrient === 'energyKcal' ? 'Calories' : row.label))).toBe(true)
            if (row.percent !== undefined) expect(said).toContain(row.percent)
          }
          for (const one of declaration.panel!.per) expect(said).toContain(one)
          expect(Math.min(...laid.texts.map(one => one.size))).toBeGreaterThanOrEqual(6 * pt - 1e-9)
        },
      ),
      { numRuns: 60 },
    )
    expect([...seen].sort()).toEqual([6, 7, 8])
  })
})
