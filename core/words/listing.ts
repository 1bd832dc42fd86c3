// Names one after another, and the start of a sentence.

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** "flour, salt and water"; more than `most` are counted: "flour, salt and 3 more". */
export const spokenList = (names: readonly string[], most = 4): string =>
  names.length > most
    ? `${names.slice(0, most).join(', ')} and ${names.length - most} more`
    : names.length < 2
      ? (names[0] ?? '')
      : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** Every one of them, however many: for what nobody may be left to guess. */
export const fullList = (names: readonly string[]): string => spokenList(names, Number.POSITIVE_INFINITY)
