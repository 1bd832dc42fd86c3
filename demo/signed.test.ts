import { daysAfter } from '@fair-tin/core'
import { staleSince, toSign } from '@fair-tin/core/seal'
import { describe, expect, it } from 'vitest'
import { signedLabels } from './signed'
import { demoWorkbook } from './workbook'

describe.each(['2026-11-28', '2027-03-01', '2028-02-29'])('what the demo signed, on %s', today => {
  const books = demoWorkbook(today)
  const labels = signedLabels(today)
  const stale = (product: string) => {
    const { seal } = labels.find(one => one.seal.product.id === product)!
    return staleSince(seal, toSign(books, product, 'uk'), books)
  }
  it('was signed before today, by the books of its day, and says so again', () => {
    expect(labels).toHaveLength(4)
    for (const { seal, day } of labels) {
      expect(seal.rests.today).toBe(day)
      expect(day < daysAfter(today, -8)).toBe(true)
      expect(toSign(seal.rests, seal.product.id, 'uk')!.says).toEqual(seal.says)
    }
  })
  it('is so still, is altered by a supplier, or rests on what ran out', () => {
    expect(stale('ginger-teff-loaf')).toBeNull()
    expect(stale('carrot-walnut-slice')).toBeNull()
    expect(stale('apple-crumble-tart')!.causes[0]).toBe('plant butter: its facts changed')
    expect(stale('apple-crumble-tart')!.altered.find(one => one.part === 'statements')!.now).toContain(
      'May contain *milk*',
    )
    expect(stale('blackcurrant-bun')!.causes).toEqual(['a proof ran out as the days went by'])
  })
})
