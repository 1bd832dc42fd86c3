// Plain data held against plain data, and one field of it set.
const inOrder = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value
/** Its JSON with every field in one order: the same text for the same data. */
export const inOneOrder = (data: unknown): string => JSON.stringify(data, inOrder)
/** The same data, whatever the order of its fields: a database keeps them in its own. */
export const same = (a: unknown, b: unknown): boolean =>
  a === b ||
  JSON.stringify(a) === JSON.stringify(b) ||
  (typeof a === 'object' && typeof b === 'object' && inOneOrder(a) === inOneOrder(b))
/** `holder` with one field set, or taken away by null. */
export function withField<T extends object>(holder: T, field: string, to: unknown): T {
  const { [field]: _, ...rest } = holder as Record<string, unknown>
  return (to === null ? rest : { ...holder, [field]: to }) as T
}
