// What a thing carries, for the hand that holds it.
import type { Carries } from '@fair-tin/core/batch'
import { allergenName } from '@fair-tin/core/model'
import { fullList } from '@fair-tin/core/words'

export const carriedWords = ({ contains, mayContain, unknown }: Carries): string =>
  [
    contains.length > 0 ? `Contains ${fullList(contains.map(code => allergenName[code]))}.` : '',
    mayContain.length > 0 ? `May contain ${fullList(mayContain.map(code => allergenName[code]))}.` : '',
    unknown ? 'Not all its allergens are known.' : '',
  ]
    .filter(Boolean)
    .join(' ')
