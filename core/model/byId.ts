// Things by their id. Lists are plain data and never changed in place, so each is indexed once.
interface Named {
  id: string
}
const indexed = new WeakMap<readonly Named[], ReadonlyMap<string, Named>>()

export function byId<T extends Named>(things: readonly T[]): ReadonlyMap<string, T> {
  const known = indexed.get(things) as ReadonlyMap<string, T> | undefined
  if (known) return known
  const made = new Map(things.map(thing => [thing.id, thing]))
  indexed.set(things, made)
  return made
}
