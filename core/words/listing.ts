// Names one after another, and the start of a sentence.

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** "flour, salt and water"; more than `most` are counted: "flour, salt and 3 more". */
export const spokenList = (names: readonly string[], most = 4): string =>
  names.length > most
    ? `${names.slice(0, most).join(', ')} and ${names.length - most} more`
    : names.length < 2
      ? (names[0] ?? '')
      : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
