// Food that only the method speaks of: "Brush with milk" where no line holds milk. Lines are checked; words in a method are not.
import { mentions } from '../ingredient/lexicon'

export interface OnlyInMethod {
  /** Index of the step. */
  step: number
  word: string
}

const stem = (word: string) => word.toLowerCase().replace(/s$/, '')
const wordsOf = (text: string) => (text.match(/\p{L}+/gu) ?? []).map(stem)
/** "Cream the sugar and spread": something done, and no cream. */
const doing = /(?:^|[.;:,]\s*|\b(?:and|then)\s+)$/i

/**
 * Words of the steps that give an allergen away where no line does: neither one that carries the same allergen in its name,
 * nor one that is called by the same word ("plant butter" for "rub in the butter"). `names`: whatever the lines are called.
 */
export function onlyInMethod(steps: readonly string[], names: readonly string[]): OnlyInMethod[] {
  const codes = new Set(names.flatMap(name => mentions(name).map(one => one.code)))
  const words = new Set(names.flatMap(wordsOf))
  return steps.flatMap((text, step) => {
    const found = mentions(text).filter(
      ({ code, word, start }) =>
        !codes.has(code) &&
        !wordsOf(word).some(one => words.has(one)) &&
        !(/^cream$/i.test(word) && doing.test(text.slice(0, start))),
    )
    return [...new Set(found.map(one => one.word.toLowerCase()))].map(word => ({ step, word }))
  })
}
