// Where one sentence ends and the next begins.
import { isKnownFood } from '../ingredient/knownFood'

/** Units that old books and hasty hands end in a dot. */
export const dottedUnit = '(?:lbs?|ozs?|pts?|qts?|tsps?|tbsps?|gals?)'
const endsInUnit = new RegExp(String.raw`(?:\d|[½⅓⅔¼¾⅛])\s?(?:fl\.?\s)?(?:${dottedUnit}|[tc])\.$`, 'i')

const between = /(?<=[.!])\s+(?=\p{Lu})/u
const betweenLong = /(?<=[\p{L}\d%)]{2}[.!]|\p{L} \d[.!]|\d\s\p{L}[.!])\s+(?=\p{Lu}|\()/u
/** "Financiers (24 pieces). 150 g butter": behind a word or a bracket a number begins one too. */
const betweenAny =
  /(?<=[\p{L}\d%)]{2}[.!]|\p{L} \d[.!]|\d\s\p{L}[.!])\s+(?=\p{Lu}|\()|(?<=\p{L}{3}[.!]|\)[.!])\s+(?=\d)/u
/** Written with a dot wherever they stand: "1 Pck. Vanillezucker". */
const endsInShort = /(?:\d|[½⅓⅔¼¾⅛])\s?(?:pc?k[gt]?s?|stk|msp|pr|approx|ca)\.$|(?<!\p{L})(?:approx|ca|no|nr)\.$/iu
/** "6 oz. Sugar" is no two sentences; "whisky 1 tbsp. Chill well" is. */
function split(text: string, by: RegExp): string[] {
  const said: string[] = []
  for (const part of text.split(by)) {
    const last = said.at(-1)
    const goesOn =
      last !== undefined &&
      (endsInShort.test(last) || (endsInUnit.test(last) && isKnownFood(part.split(/\s+/).slice(0, 2).join(' '))))
    if (goesOn) said[said.length - 1] = `${last} ${part}`
    else said.push(part)
  }
  return said
}
export const sentencesOf = (text: string): string[] => split(text, between)
/** Those of a card told in one paragraph. */
export const toldSentencesOf = (text: string): string[] => split(text, betweenAny)
/** A sentence of some length by itself, and what follows on it. */
export const longSentencesOf = (text: string): string[] => split(text, betweenLong)
