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

const kindOf = ({ key }: { key: string }) =>
  isName.test(key) ? 'name' : isUnit.test(key) ? 'unit' : isNote.test(key) ? 'note' : 'amount'

/**
 * Fields that follow each other, at least two things of them in the text, are one row each thing: "250 g butter". A thing ends where
 * the field it began with comes again; what is told twice of it is noted behind it.
 */
export function keyed(rows: readonly Row[]): Row[] {
  const fields = rows.map(fieldOf)
  const names = fields.filter(one => one && kindOf(one) === 'name').length
  const amounts = fields.filter(one => one && kindOf(one) === 'amount' && /\d/.test(one.value)).length
  if (names < 2 || amounts < 2) return [...rows]
  const out: Row[] = []
  for (let at = 0; at < rows.length; at++) {
    const first = fields[at]
    let end = at
    while (first && fields[end] && (end === at || kindOf(fields[end]!) !== kindOf(first))) end++
    const thing = fields.slice(at, end).flatMap(one => one ?? [])
    const of = (kind: string) => thing.find(one => kindOf(one) === kind)
    const [name, amount, unit] = [of('name'), of('amount'), of('unit')]
    if (!name) {
      out.push(rows[at]!)
      continue
    }
    const grams = amount && /^grams?$/.test(amount.key) && /^[\d.,]+$/.test(amount.value) ? 'g' : ''
    const line = amount ? [amount.value, unit?.value ?? grams, name.value] : [name.value]
    const noted = thing.filter(one => one !== name && one !== amount && !(one === unit && amount))
    const text = [line.filter(Boolean).join(' '), ...noted.map(one => one.value)].filter(Boolean).join(', ')
    out.push({ ...rows[at]!, text, to: rows[end - 1]!.to })
    at = end - 1
  }
  return out
}
