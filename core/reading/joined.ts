// One thing written in two rows, its amount in one and its name in the other, as a page falls apart when it is copied.
import { readAmount } from '../measure/quantity'
import { clearlyDeed } from './deeds'
import { normal } from './normal'
import { opens, tellsToDo } from './rowKind'
import type { Row } from './rows'

/** "0:15 a hundred grams of oil": where in a recording it is said. */
const timeMark = /^[[(]?\d{1,2}:\d{2}(?::\d{2})?[\])]?\s+(?=\p{L})/u

/** "so you need", "and then", "I like": what a speaker says before an amount. */
const spokenLead =
  /^(?:(?:so|and|then|okay|ok|right|now|next|also|first|well|um|er)\s+)*(?:(?:you|we|i)(?:['’](?:ll|re|d))?(?: (?:will|also|just|then|want to))* (?:need|want|use|like|add|take)\s+)?(?=(?:about |roughly )?(?:\d|an? \p{L}+|(?:one|two|three|four|five|six|seven|eight|nine|ten|half|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?!\p{L})))/iu

const onlyAmount = ({ text, cells }: Row): boolean => {
  const read = cells || text.length > 30 ? null : readAmount(normal(text))
  return read !== null && /^[\s.,]*$/.test(read.rest) && !/[.):]$/.test(text.trim())
}
const onlyName = ({ text, cells }: Row): boolean =>
  !cells && text.length <= 60 && /^\p{L}/u.test(text) && !/\d|[:.!?]$/.test(text) && opens(text) === null

/** Rows in twos, at least two such pairs in the text: then each pair is one row, the amount first. */
export function joined(given: readonly Row[]): Row[] {
  const rows = given.map(row =>
    timeMark.test(row.text) ? { ...row, text: row.text.replace(timeMark, '').replace(spokenLead, '') } : row,
  )
  const amounts = rows.flatMap((row, at) => (onlyAmount(row) ? [at] : []))
  if (amounts.length < 2) return rows
  const has = new Set(amounts)
  const named = (at: number) => rows[at] !== undefined && onlyName(rows[at])
  const [first, last] = [amounts[0]!, amounts.at(-1)!]
  // behind the last amount there must be its name, and nothing to do
  const forward =
    amounts.every(at => named(at + 1)) &&
    !rows[last + 1]!.gap &&
    !tellsToDo(rows[last + 1]!.text, true) &&
    !clearlyDeed(rows[last + 1]!.text)
  const backward = amounts.every(at => named(at - 1))
  // where both could be, the first name is the title’s, or stands apart; else nobody can tell, and nothing is joined
  const apart = first === 1 || rows[first]!.gap
  const step = forward && (!backward || apart) ? 1 : backward && !forward ? -1 : 0
  if (step === 0) return rows
  const out: Row[] = []
  for (let at = 0; at < rows.length; at++) {
    const amountAt = step === 1 ? at : at + 1
    const [amount, name] = [rows[amountAt], rows[step === 1 ? at + 1 : at]]
    if (amount && name && has.has(amountAt)) {
      const [first, last] = [rows[at]!, rows[at + 1]!]
      out.push({ ...first, text: `${amount.text} ${name.text}`, to: last.to })
      at++
    } else out.push(rows[at]!)
  }
  return out
}
