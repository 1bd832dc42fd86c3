// Text with what says nothing taken out of it: what is denied, and what only sounds like something else.

/** Matches whole words of any tongue, without regard to case. */
export const bound = (source: string): RegExp => new RegExp(`(?<![\\p{L}\\p{N}])(?:${source})(?![\\p{L}\\p{N}])`, 'giu')

/** As many blanks as the phrase is long, so that all else keeps its place. */
export const blank = (phrase: string): string => ' '.repeat(phrase.length)

/**
 * "milk-free", "free from milk and egg", "contains no nuts": says it is absent, so it names nothing. What is denied ends where
 * something else is done or said: "if there is no sesame use walnuts" denies no walnuts.
 */
export const absent =
  /(?<![\p{L}])(?:[\p{L}]+(?:, | and | & |\/))*[\p{L}]+[- ]free(?![\p{L}])|\bno added [\p{L}-]+(?: (?:and|or) [\p{L}-]+)*|\b(?:free from|free of|does not contain|contains no|without(?: any)?|no(?! added))\s+[^.;()[\]]{1,160}?(?=[.;()[\]]|$|, (?!and |or |[\p{L}]+(?:,| and| or|$))|\b(?:but|contains|then|use|using|add|fold|stir|mix|brush|top|scatter|sprinkle|serve|spread|pour|beat|whisk|melt|rub|before|until|while|because|if|when|so|have|replace|try|with)\b)/giu
