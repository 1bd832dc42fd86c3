// Words without their plural, for telling whether two names share one. English, and no more than the last s.

export const stem = (word: string): string => word.toLowerCase().replace(/s$/, '')

/** The stems of a name's words of at least so many letters. */
export const stems = (name: string, letters: number): string[] =>
  (name.match(/\p{L}+/gu) ?? []).filter(word => word.length >= letters).map(stem)
