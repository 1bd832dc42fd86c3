// What was worked out stays beside what it rests on, and is worked out again as soon as any of that is another. Plain data is
// never changed in place: the same object is the same fact.

/** A way to keep what is made of a thing, under a name: `rests` is everything it was made of, compared one by one. */
export function keptBeside<K extends object, T>(): (of: K, as: string, rests: readonly unknown[], make: () => T) => T {
  const kept = new WeakMap<K, Map<string, { rests: readonly unknown[]; made: T }>>()
  return (of, as, rests, make) => {
    const own = kept.get(of) ?? new Map<string, { rests: readonly unknown[]; made: T }>()
    kept.set(of, own)
    const before = own.get(as)
    if (before && before.rests.length === rests.length && before.rests.every((one, at) => Object.is(one, rests[at])))
      return before.made
    const made = make()
    own.set(as, { rests, made })
    return made
  }
}
