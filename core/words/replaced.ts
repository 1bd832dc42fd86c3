// A text with some of it said otherwise, and every sign of it still knowing where it stood.
/** A text that was made from another, and where in that each of its signs stands. */
export interface PlacedText {
  text: string
  /** For each sign of `text`, and its end, the index in what was written; never falling. */
  at: readonly number[]
}

export const asWritten = (text: string): PlacedText => ({
  text,
  at: Array.from({ length: text.length + 1 }, (_, index) => index),
})

/** Replaces what matches; what is new stands where the match began. */
export function replaced(given: PlacedText, pattern: RegExp, by: (...match: string[]) => string): PlacedText {
  let text = ''
  let at: number[] | null = null
  let from = 0
  for (const match of given.text.matchAll(pattern)) {
    const made = by(...match.map(one => one ?? ''))
    if (made === match[0] || (match[0] === '' && match.index > 0)) continue
    at ??= []
    text += given.text.slice(from, match.index) + made
    for (let i = from; i < match.index; i++) at.push(given.at[i]!)
    for (let i = 0; i < made.length; i++) at.push(given.at[match.index]!)
    from = match.index + match[0].length
  }
  if (at === null) return given
  for (let i = from; i <= given.text.length; i++) at.push(given.at[i]!)
  return { text: text + given.text.slice(from), at }
}
