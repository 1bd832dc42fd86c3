// Shares instead of amounts: of the flour, the flours a hundred together, as bakers count; or of the whole mix, all of it a hundred.
// Common practice of the trade.
import { typedNumber } from '../words/number'

const flour =
  /\b(?:flours?|starch(?:es)?|meal|polenta|blend|buckwheat|teff|sorghum|millet|cornflour|tapioca|arrowroot)\b/i
const nameFirst = /^(\p{L}[^%]{1,60}?)\s*[:–-]?\s+(\d{1,3}(?:[.,]\d{1,2})?) ?%( .{0,40})?$/u
const shareFirst = /^(\d{1,3}(?:[.,]\d{1,2})?) ?%\s+(\p{L}[^%\d]{1,60})$/u
const total =
  /^(?:total (?:flour|of flours?)|flours?,? (?:total|weight)|flours? in all|(?:for|per|on)(?= .{1,12} (?:of )?flour))\D{0,4}(\d[\d,. ]{0,8}) ?(k?g)\b/i
/** "teff 10 % of 500 g flour" */
const ofSoMuch = /^of (\d[\d,. ]{0,8}) ?(k?g)(?: of)? (?:the )?(?:total )?flours?\b/i
/** How many rows make a list of it. */
const fewest = 3

/** "Rice flour 300 g 60 %" says how much; the number of "E450" and "SAPP 28" is part of a name. */
const saysItsOwn = (name: string): boolean =>
  /\d/.test(name) && !/^(?:E ?\d{3,4}\w?|[A-Z]{3,5})(?: \d{1,3})?$/.test(name.trim())
/** `beside`: what stands behind the share, and is kept with it. */
const shareIn = (row: string): { name: string; share: number; beside: string } | null => {
  const behind = nameFirst.exec(row)
  const before = behind ? null : shareFirst.exec(row)
  const [name, share] = behind ? [behind[1]!, behind[2]!] : before ? [before[2]!, before[1]!] : ['', '']
  const read = typedNumber(share)
  return name !== '' && !/^(?:sub-?)?total\b/i.test(name) && !saysItsOwn(name) && read > 0
    ? { name: name.trim(), share: read, beside: behind?.[3]?.trim() ?? '' }
    : null
}

/** Grams of a whole mix that is told in shares only. */
const wholeMix = 1000
/** Shares of a hundred are rounded, each by half its last figure. */
const nearHundred = (sum: number, rows: number): boolean => Math.abs(sum - 100) <= Math.max(1, rows / 20)
/**
 * Rows of shares as rows of grams: of the flour that is said, or of 100 g of it; where all together make a hundred, of a kilogram of
 * the whole. Any other rows come back as they are, and all of them where nothing makes a hundred: then nobody knows a hundred of what.
 */
export function inGrams(rows: readonly string[]): string[] {
  const shares = rows.map(shareIn)
  const flours = shares.filter(one => one !== null && flour.test(one.name))
  const summed = (list: readonly ({ share: number } | null)[]) => list.reduce((sum, one) => sum + (one?.share ?? 0), 0)
  const many = shares.filter(Boolean).length
  if (many < fewest) return [...rows]
  const inGramsOf = (grams: number) =>
    rows.map((row, at) => {
      const one = shares[at]
      if (!one) return row
      const beside = one.beside && (one.beside.startsWith('(') ? ` ${one.beside}` : `, ${one.beside}`)
      return `${Number(((one.share / 100) * grams).toFixed(2))} g ${one.name} (${one.share} %)${beside}`
    })
  if (Math.abs(summed(flours) - 100) > 1) return nearHundred(summed(shares), many) ? inGramsOf(wholeMix) : [...rows]
  const said =
    rows.map(row => total.exec(row)).find(Boolean) ?? shares.map(one => ofSoMuch.exec(one?.beside ?? '')).find(Boolean)
  const read = said ? typedNumber(said[1]!.trim()) * (/^k/i.test(said[2]!) ? 1000 : 1) : Number.NaN
  return inGramsOf(read > 0 ? read : 100)
}
