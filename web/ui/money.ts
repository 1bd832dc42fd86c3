// Money as shown: rounded once, with the sign of its currency.
import { toPlaces } from '@fair-tin/core'

const signs: Record<string, string> = { GBP: '£', EUR: '€', USD: '$', CAD: 'C$', AUD: 'A$', NZD: 'NZ$' }
/** The sign, or the three letters where there is none. */
export const moneySign = (currency: string): string => signs[currency] ?? currency

/** "£0.26" from an exact decimal. */
export function money(amount: string | number, currency: string): string {
  const sign = moneySign(currency)
  return `${sign}${sign.length === 3 && sign === currency ? ' ' : ''}${toPlaces(Number(amount), 2)}`
}
