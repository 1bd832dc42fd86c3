// A photograph freed of everything but the picture: what a camera writes beside it, as where and when it was taken, with what, and a
// smaller picture of it, is left out segment by segment (ITU-T T.81, annex B, from memory).

export interface PlainJpeg {
  type: 'image/jpeg'
  width: number
  height: number
  bytes: Uint8Array
}
const marker = (bytes: Uint8Array, at: number) => (bytes[at] === 0xff ? bytes[at + 1]! : null)
/** Needed to show it: frames, tables, restarts; JFIF, and how its colours are to be read. */
const isKept = (kind: number) => (kind >= 0xc0 && kind <= 0xdf) || kind === 0xe0 || kind === 0xee
const isFrame = (kind: number) => kind >= 0xc0 && kind <= 0xcf && kind !== 0xc4 && kind !== 0xc8 && kind !== 0xcc

/** Null where it is no whole JPEG. */
export function plainJpeg(bytes: Uint8Array): PlainJpeg | null {
  if (marker(bytes, 0) !== 0xd8) return null
  const kept: Uint8Array[] = [bytes.subarray(0, 2)]
  let size: { width: number; height: number } | null = null
  let at = 2
  while (at + 4 <= bytes.length) {
    const kind = marker(bytes, at)
    if (kind === null) return null
    // fill bytes before a marker
    if (kind === 0xff) {
      at++
      continue
    }
    const length = bytes[at + 2]! * 256 + bytes[at + 3]!
    const end = at + 2 + length
    if (length < 2 || end > bytes.length) return null
    if (isFrame(kind) && length >= 8)
      size = { height: bytes[at + 5]! * 256 + bytes[at + 6]!, width: bytes[at + 7]! * 256 + bytes[at + 8]! }
    if (isKept(kind) || kind === 0xda) kept.push(bytes.subarray(at, end))
    if (kind === 0xda) {
      const scanEnd = endOfScan(bytes, end)
      kept.push(bytes.subarray(end, scanEnd))
      at = scanEnd
      if (marker(bytes, at) === 0xd9) {
        if (!size || size.width < 1 || size.height < 1) return null
        // what stands behind its end is no part of it
        kept.push(bytes.subarray(at, at + 2))
        return { type: 'image/jpeg', ...size, bytes: Buffer.concat(kept) }
      }
      continue
    }
    at = end
  }
  return null
}

/** Where the next marker stands that is neither stuffed nor a restart. */
function endOfScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++) {
    if (bytes[at] !== 0xff) continue
    const next = bytes[at + 1]!
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at
  }
  return bytes.length
}
