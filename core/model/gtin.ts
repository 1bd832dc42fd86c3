// An article number of thirteen digits, the last a check digit over the others (GS1 General Specifications, 7.9, from memory).
import { z } from 'zod'

/** Weights 1 and 3 in turn from the left; what is missing to the next ten. */
export function checkDigit(twelve: string): number {
  const sum = [...twelve].reduce((so, digit, at) => so + Number(digit) * (at % 2 === 0 ? 1 : 3), 0)
  return (10 - (sum % 10)) % 10
}
export const isGtin13 = (text: string): boolean =>
  /^\d{13}$/.test(text) && checkDigit(text.slice(0, 12)) === Number(text[12])

export const Gtin = z
  .string()
  .regex(/^\d{13}$/, 'An article number has thirteen digits.')
  .refine(isGtin13, 'Its last digit does not fit the others: read it again, or leave it off and have it worked out.')

/** What a number may be used for, by how it begins (GS1 General Specifications, 1.4, from memory). */
export type GtinUse = 'everywhere' | 'restricted' | 'inCompany'
export function useOf(gtin: string): GtinUse {
  const three = Number(gtin.slice(0, 3))
  if (three >= 40 && three <= 49) return 'inCompany'
  return (three >= 20 && three <= 29) || (three >= 200 && three <= 299) ? 'restricted' : 'everywhere'
}
