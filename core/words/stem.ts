// What a word and its plural have in common, for telling whether two names share one. English; a key, never to be shown.

/** "peaches" and "peach", "cherries" and "cherry", "leaves" and "leaf", "olives" and "olive" have one each. */
export function stem(word: string): string {
  const lower = word.toLowerCase()
  if (lower.length < 3 || !endings.test(lower)) return lower
  for (const [ending, become] of rules) if (ending.test(lower)) return lower.replace(ending, become)
  return lower
}
const endings = /[sef]$/
const rules: readonly (readonly [RegExp, string])[] = [
  [/ies?$/, 'y'],
  [/(?<=ch|sh|ss|[oxz])es?$/, ''],
  [/(?:[vf]es|[vf]e|f)$/, 'f'],
  [/(?<!s)s$/, ''],
]

/** The stems of a name's words of at least so many letters. */
export const stems = (name: string, letters: number): string[] =>
  (name.match(/\p{L}+/gu) ?? []).filter(word => word.length >= letters).map(stem)
