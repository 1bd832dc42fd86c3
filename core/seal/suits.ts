// "Can I eat this?": what is signed, asked by what somebody cannot eat. What is not vouched for suits nobody.

import { declaredCodes } from '../label/emphasis'
import type { RulePack } from '../market/rulePack'
import type { AllergenCode } from '../model/allergen'
import type { Seal } from './seal'

export type Suit =
  | { suits: 'yes' }
  | { suits: 'no'; contains: AllergenCode[]; mayContain: AllergenCode[] }
  | { suits: 'unknown'; why: 'unsigned' | 'notNamed' }

/**
 * `without`: what must not be in it. `traces`: a "may contain" of it is taken. An allergen that the market does not declare is
 * vouched for by nothing that is signed.
 */
export function suits(
  seal: Pick<Seal, 'contains' | 'mayContain'> | null,
  rules: RulePack,
  without: readonly AllergenCode[],
  traces: boolean,
): Suit {
  if (!seal) return { suits: 'unknown', why: 'unsigned' }
  const contains = without.filter(code => seal.contains.includes(code))
  const mayContain = traces ? [] : without.filter(code => seal.mayContain.includes(code) && !contains.includes(code))
  if (contains.length + mayContain.length > 0) return { suits: 'no', contains, mayContain }
  if (without.some(code => !declaredCodes(rules).includes(code))) return { suits: 'unknown', why: 'notNamed' }
  return { suits: 'yes' }
}
