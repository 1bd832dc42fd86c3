// Money as shown: rounded once, with the sign of its currency.
import { toPlaces } from './rounding'

const signs: Record<string, string> = { GBP: '£', EUR: '€', USD: '$', CAD: 'C$', AUD: 'A$', NZD: 'NZ$' }
/** The sign, or the three letters where there is none. */
export const moneySign = (currency: string): string => signs[currency] ?? currency

/** "£0.26" from an exact decimal; "−£1.41" where it is less than nothing. */
export function money(amount: string | number, currency: string): string {
  const sign = moneySign(currency)
  const shown = toPlaces(Math.abs(Number(amount)), 2)
  const minus = Number(amount) < 0 && Number(shown) !== 0 ? '−' : ''
  return `${minus}${sign}${sign.length === 3 && sign === currency ? ' ' : ''}${shown}`
}
