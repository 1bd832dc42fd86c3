// What a two-dimensional code on a label says: article number, lot and date as element strings, written and read (GS1 General
// Specifications, chapter 3, from memory: 01 GTIN, 10 batch or lot, 15 best before, 17 use by).

import { IsoDate } from '../model/evidence'
import { isGtin13 } from '../model/gtin'

export interface Coded {
  gtin: string
  /** Up to twenty letters and digits. */
  lot?: string
  mark?: 'bestBefore' | 'useBy'
  /** ISO day. */
  date?: string
}
/** Ends a field that may be shorter than the most it holds, where another follows. */
const separator = '\u001d'
/** No brackets: written out, they say what a field is. */
const lotSigns = /^[!"%&'*+,\-./0-9:;<=>?A-Z_a-z]{1,20}$/

/** "(01)02000…(15)261203(10)L261127": what cannot be told in such a code is an error in words. */
export function elementString({ gtin, lot, mark, date }: Coded): { text: string } | { problem: string } {
  if (!isGtin13(gtin)) return { problem: 'The article number does not fit its check digit.' }
  if (lot !== undefined && !lotSigns.test(lot))
    return { problem: `“${lot}” cannot stand in a code: up to twenty letters and digits, no spaces.` }
  const day =
    date === undefined
      ? ''
      : `(${mark === 'useBy' ? '17' : '15'})${date.slice(2, 4)}${date.slice(5, 7)}${date.slice(8, 10)}`
  // what may be shorter stands last, and needs no end
  return { text: `(01)0${gtin}${day}${lot === undefined ? '' : `(10)${lot}`}` }
}

/** What a scanner gives, with or without its leading mark; null where it is no such string. */
export function readElementString(scanned: string): Coded | null {
  let rest = scanned.replace(/^\]\w\d/, '')
  if (rest.startsWith(separator)) rest = rest.slice(1)
  const found: Partial<Coded> = {}
  while (rest !== '') {
    const id = rest.slice(0, 2)
    if (id === '01') {
      const gtin = rest.slice(3, 16)
      if (rest[2] !== '0' || !isGtin13(gtin)) return null
      found.gtin = gtin
      rest = rest.slice(16)
    } else if (id === '15' || id === '17') {
      const digits = /^\d{6}/.exec(rest.slice(2))?.[0]
      // the century is this one, as long as this tool is likely to be used
      const date = digits && `20${digits.slice(0, 2)}-${digits.slice(2, 4)}-${digits.slice(4)}`
      if (!date || !IsoDate.safeParse(date).success) return null
      found.mark = id === '17' ? 'useBy' : 'bestBefore'
      found.date = date
      rest = rest.slice(8)
    } else if (id === '10') {
      const end = rest.indexOf(separator)
      const lot = rest.slice(2, end < 0 ? undefined : end)
      if (!lotSigns.test(lot)) return null
      found.lot = lot
      rest = end < 0 ? '' : rest.slice(end + 1)
    } else return null
    if (rest.startsWith(separator)) rest = rest.slice(1)
  }
  return found.gtin === undefined ? null : { ...found, gtin: found.gtin }
}
