// Work on a text that is asked for again and again is done once, within bounds: what is typed makes a new text with every key.

/** `work`, remembered by text; all is forgotten when the texts together pass so many letters. */
export function rememberedByText<T>(work: (text: string) => T, mostLetters = 2_000_000): (text: string) => T {
  const known = new Map<string, T>()
  let letters = 0
  return text => {
    const before = known.get(text)
    if (before !== undefined) return before
    const made = work(text)
    letters += text.length
    if (letters > mostLetters) {
      known.clear()
      letters = text.length
    }
    known.set(text, made)
    return made
  }
}
