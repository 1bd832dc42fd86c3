// Baker's percentages: every thing by its share of the flour, the flours a hundred together. Common practice of the trade.
import { typedNumber } from '../words/number'

const flour =
  /\b(?:flours?|starch(?:es)?|meal|polenta|blend|buckwheat|teff|sorghum|millet|cornflour|tapioca|arrowroot)\b/i
const nameFirst = /^(\p{L}[^%\d]{1,60}?)\s*[:–-]?\s+(\d{1,3}(?:[.,]\d{1,2})?) ?%(?: .{0,40})?$/u
const shareFirst = /^(\d{1,3}(?:[.,]\d{1,2})?) ?%\s+(\p{L}[^%\d]{1,60})$/u
const total =
  /^(?:total (?:flour|of flours?)|flours?,? (?:total|weight)|flours? in all|(?:for|per|on)(?= .{1,12} (?:of )?flour))\D{0,4}(\d[\d,. ]{0,8}) ?(k?g)\b/i
/** How many rows make a list of it. */
const fewest = 3

const shareIn = (row: string): { name: string; share: number } | null => {
  const behind = nameFirst.exec(row)
  const before = behind ? null : shareFirst.exec(row)
  const [name, share] = behind ? [behind[1]!, behind[2]!] : before ? [before[2]!, before[1]!] : ['', '']
  const read = typedNumber(share)
  return name !== '' && read > 0 ? { name: name.trim(), share: read } : null
}

/**
 * Rows of shares as rows of grams: of the flour that is said, or of 100 g of it. Any other rows come back as they are, and all of
 * them where the flours do not make a hundred: then nobody knows a hundred of what.
 */
export function inGrams(rows: readonly string[]): string[] {
  const shares = rows.map(shareIn)
  const flours = shares.filter(one => one !== null && flour.test(one.name))
  const together = flours.reduce((sum, one) => sum + one!.share, 0)
  if (shares.filter(Boolean).length < fewest || Math.abs(together - 100) > 1) return [...rows]
  const said = rows.map(row => total.exec(row)).find(Boolean)
  const read = said ? typedNumber(said[1]!.trim()) * (/^k/i.test(said[2]!) ? 1000 : 1) : Number.NaN
  const grams = read > 0 ? read : 100
  return rows.map((row, at) => {
    const one = shares[at]
    return one ? `${Number(((one.share / 100) * grams).toFixed(2))} g ${one.name} (${one.share} %)` : row
  })
}
