// What was worked out stays beside what it rests on, and is worked out again as soon as any of that is another. Plain data is
// never changed in place: the same object is the same fact.

/** As many states as are asked about in turn: how it is, how it would be, and one or two between them. */
const states = 4

/** A way to keep what is made of a thing, under a name: `rests` is everything it was made of, compared one by one. */
export function keptBeside<K extends object, T>(): (of: K, as: string, rests: readonly unknown[], make: () => T) => T {
  const kept = new WeakMap<K, Map<string, { rests: readonly unknown[]; made: T }[]>>()
  return (of, as, rests, make) => {
    const own = kept.get(of) ?? new Map<string, { rests: readonly unknown[]; made: T }[]>()
    kept.set(of, own)
    const before = own.get(as) ?? []
    const known = before.find(
      one => one.rests.length === rests.length && one.rests.every((each, at) => Object.is(each, rests[at])),
    )
    if (known) return known.made
    const made = make()
    own.set(as, [{ rests, made }, ...before.slice(0, states - 1)])
    return made
  }
}
