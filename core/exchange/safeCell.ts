// Text that goes into a cell of a table others open.
import { readDecimal } from '../words/number'

/** Would a spreadsheet take this text for a formula? It is never evaluated, and is neutralised when written. */
export const looksLikeFormula = (text: string): boolean => /^[=+\-@\t\r]/.test(text) && readDecimal(text) === null
/** Text made safe for a cell of a table that others open. */
export const safeCell = (text: string): string => (looksLikeFormula(text) ? `'${text}` : text)
