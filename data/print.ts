// The fingerprint of plain data: alike where it says the same, in the same order.
import { createHash } from 'node:crypto'

/** SHA-256 of its JSON, as 64 hexadecimal digits. */
export const printOf = (value: unknown): string => createHash('sha256').update(JSON.stringify(value)).digest('hex')
