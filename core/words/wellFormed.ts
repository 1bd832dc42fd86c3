// Text that any database and any JSON can hold: no NUL, no half of a surrogate pair.

const unholdable = /\0|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g

/** The text without NULs, and with U+FFFD where half a character stood. */
export const wellFormed = (text: string): string => text.replace(unholdable, sign => (sign === '\0' ? '' : '\ufffd'))

/** The same of plain data, keys included; data that is well-formed already comes back as it is, the very same. */
export function wellFormedData<T>(data: T): T {
  if (typeof data === 'string') return wellFormed(data) as T
  if (typeof data !== 'object' || data === null) return data
  if (Array.isArray(data)) {
    const mended = data.map(wellFormedData)
    return mended.some((one, at) => one !== data[at]) ? (mended as T) : data
  }
  const entries = Object.entries(data)
  const mended = entries.map(([key, value]) => [wellFormed(key), wellFormedData(value)] as const)
  return mended.some(([key, value], at) => key !== entries[at]![0] || value !== entries[at]![1])
    ? (Object.fromEntries(mended) as T)
    : data
}

/** What is said where something was taken out. */
export const mendedText = 'A character that cannot be kept was taken out. Look over what was pasted.'
