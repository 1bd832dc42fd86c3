import { describe, expect, it } from 'vitest'
import { money } from './money'

describe('money as shown', () => {
  it('is rounded once, with its sign; the minus stands before it', () => {
    expect(money('0.255', 'GBP')).toBe('£0.26')
    expect(money('-1.41', 'GBP')).toBe('−£1.41')
    expect(money(-2, 'NZD')).toBe('−NZ$2.00')
    expect(money('12', 'CHF')).toBe('CHF 12.00')
  })
  it('nothing has no sign', () => expect([money('-0.001', 'EUR'), money(0, 'EUR')]).toEqual(['€0.00', '€0.00']))
})
