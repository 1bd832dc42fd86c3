// A thing told field by field, a row each, as a list of records is written down: "name: butter", "amount: 250", "unit: g".
import type { Row } from './rows'

const field =
  /^[{[\s]*["']?(name|item|ingredient|food|amount|quantity|qty|weight|grams?|unit|units|note|notes|prep)["']?\s*[:=]\s*["']?([^"']*?)["']?[\s,}\]]*$/i
const isName = /^(?:name|item|ingredient|food)$/i
const isUnit = /^units?$/i
const isNote = /^(?:notes?|prep)$/i
const fieldOf = ({ text, cells }: Row): { key: string; value: string } | null => {
  const found = cells || text.length > 120 ? null : field.exec(text)
  return found ? { key: found[1]!.toLowerCase(), value: found[2]!.trim() } : null
}

/** Fields that follow each other, at least two things of them in the text, are one row each thing: "250 g butter". */
export function keyed(rows: readonly Row[]): Row[] {
  const fields = rows.map(fieldOf)
  const names = fields.filter(one => one && isName.test(one.key)).length
  const amounts = fields.filter(one => one && !isName.test(one.key) && /\d/.test(one.value)).length
  if (names < 2 || amounts < 2) return [...rows]
  const out: Row[] = []
  for (let at = 0; at < rows.length; at++) {
    let end = at
    const keys = new Set<string>()
    const kindOf = (key: string) =>
      isName.test(key) ? 'name' : isUnit.test(key) ? 'unit' : isNote.test(key) ? 'note' : 'amount'
    while (end < rows.length && fields[end] && !keys.has(kindOf(fields[end]!.key))) keys.add(kindOf(fields[end++]!.key))
    if (!keys.has('name')) {
      out.push(rows[at]!)
      continue
    }
    const said = (kind: string) => fields.slice(at, end).find(one => kindOf(one!.key) === kind)
    const amount = said('amount')
    const grams = amount && /^grams?$/.test(amount.key) && /^[\d.,]+$/.test(amount.value) ? 'g' : ''
    const line = [amount?.value, said('unit')?.value ?? grams, said('name')!.value].filter(Boolean).join(' ')
    out.push({ ...rows[at]!, text: [line, said('note')?.value].filter(Boolean).join(', '), to: rows[end - 1]!.to })
    at = end - 1
  }
  return out
}
