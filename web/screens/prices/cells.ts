// The cells of a table someone was sent: CSV in any usual encoding, or XLSX. Text only; formulas are never worked out.
import Papa from 'papaparse'
import readXlsx from 'read-excel-file/universal'

export const mostRows = 200_000
export const largestTable = 40 * 1024 * 1024

/** Text of the bytes: by their byte-order mark, else UTF-8, else the older encoding of western offices. */
export function decode(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

const text = (cell: unknown): string =>
  cell === null || cell === undefined
    ? ''
    : cell instanceof Date
      ? cell.toISOString().slice(0, 10)
      : typeof cell === 'string'
        ? cell
        : String(cell)

/** Rows of cells as text; or, in words, why it is no table. What it is, is told by its bytes, not by its name. */
export async function cellsOf(bytes: Uint8Array, name: string): Promise<{ rows: string[][] } | { problem: string }> {
  if (bytes.length === 0) return { problem: `${name} is empty.` }
  if (bytes.length > largestTable)
    return {
      problem: `${name} is ${Math.round(bytes.length / 1e6)} MB; at most ${Math.round(largestTable / 1e6)} MB can be read.`,
    }
  let rows: string[][]
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    try {
      const sheet = await readXlsx(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length) as ArrayBuffer)
      const cells = (Array.isArray(sheet) && sheet[0] && 'data' in sheet[0] ? sheet[0].data : sheet) as unknown[][]
      rows = cells.map(row => row.map(text))
    } catch {
      return { problem: `${name} looks like a workbook, but cannot be read: save it anew as XLSX or CSV.` }
    }
  } else {
    const plain = decode(bytes).replace(/^\ufeff/, '')
    if (plain.includes('\u0000')) return { problem: `${name} is no table: save the list as CSV or XLSX.` }
    rows = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t', '|'] }).data
  }
  if (rows.length === 0) return { problem: `${name} holds no rows.` }
  if (rows.length > mostRows)
    return {
      problem: `${name} has ${rows.length.toLocaleString('en-GB')} rows; at most ${mostRows.toLocaleString('en-GB')} can be read at once. Split it.`,
    }
  return { rows }
}
