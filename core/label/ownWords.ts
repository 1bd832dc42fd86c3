// Words of her own on a label may please, and claim nothing: a claim is chosen, judged, and printed where it holds.
import { beyondClaims, claimsIn } from '../claim/claimsInText'
import { nameOfClaim } from '../model/claim'
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
