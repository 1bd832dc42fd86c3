// Fingerprints: SHA-256, as 64 hexadecimal digits.
import { createHash } from 'node:crypto'

export const printOfText = (text: string): string => createHash('sha256').update(text).digest('hex')
/** Of plain data: alike where it says the same, in the same order. */
export const printOf = (value: unknown): string => printOfText(JSON.stringify(value))
