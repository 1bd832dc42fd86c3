// Words of her own on a label may please, and claim nothing: a claim is chosen, judged, and printed where it holds.
import { beyondClaims, claimsIn } from '../claim/claimsInText'
import { nameOfClaim } from '../model/claim'
import type { Kitchen } from '../model/kitchen'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import { fullList } from '../words/listing'

/** Why such words may not be printed; null where they may. */
export function refusedWords(words: string): string | null {
  const claims = claimsIn(words)
  const [beyond] = beyondClaims(words)
  if (beyond) return `Your own words say “${beyond.words}”, and no claim here stands for that: leave it out.`
  if (claims.length === 0) return null
  const names = claims.map(({ claim }) => `“${nameOfClaim(claim)}”`)
  return `Your own words claim ${fullList(names)}. Choose ${claims.length === 1 ? 'it' : 'them'} under Claims instead: printed where ${claims.length === 1 ? 'it holds' : 'they hold'}, and nowhere else.`
}

/** A picture in the design of a label is not read: whoever signs says what stands in it. */
export function pictureQuestions(
  { designs }: Pick<Product, 'designs'>,
  { labelDesigns = [] }: Pick<Kitchen, 'labelDesigns'>,
  market: MarketCode,
): string[] {
  const design = labelDesigns.find(one => one.id === designs?.[market])
  return design?.logo && design.blocks.some(one => one.kind === 'logo')
    ? [
        `The design “${design.name}” shows a picture, and what stands in it is not read here. Does it say or show anything that is claimed nowhere else: “free from”, a mark of a scheme, an ear of grain struck through?`,
      ]
    : []
}
