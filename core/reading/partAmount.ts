// A count of a part counts its pieces or whole makings of it: "3 pieces", "2 makings".
const counted = /^(.*?)\s*\b(pieces?|slices?|makings?|batch(?:es)?)$/iu

/** The amount without what it counts, and what that is; null where it does not say: then it counts what it counted before. */
export function partAmount(text: string): { text: string; counts: 'pieces' | 'makings' | null } {
  const match = counted.exec(text.trim())
  return match && match[1] !== ''
    ? { text: match[1]!, counts: /^[ps]/i.test(match[2]!) ? 'pieces' : 'makings' }
    : { text, counts: null }
}
/** The form of a line of a part, where its amount is a count of it: pieces have one, makings none. */
export const formCounted = (counts: 'pieces' | 'makings' | null, was: string | undefined): string | undefined =>
  counts === null ? was : counts === 'pieces' ? 'piece' : undefined
