/** Said of a word that gives an allergen away and stands only in a method. */
export const onlySpoken = (word: string): string =>
  `“${word}” stands only in the method. What goes in, on or beside needs a line of its own: only lines are checked.`
