// Where somebody else changed the same field of a sheet: what it is now, what was wanted, and a plain choice for each.
'use client'
import type { SheetClash, SheetEdit } from '@fair-tin/core/edit'
import { allergenName, controlName, evidenceKindName, nutrientName } from '@fair-tin/core/model'
import { capital, spokenList } from '@fair-tin/core/words'

const fieldName: Partial<Record<string, string>> = {
  name: 'the name',
  standsFor: 'what it also goes by',
  supplier: 'the supplier',
  article: 'the supplier’s number',
  notes: 'the notes',
  labelName: 'the name on a label',
  functionClass: 'the class of an additive',
  composition: 'what it is made of',
  gluten: 'the gluten figure',
  oatsSpeciallyProduced: 'whether its oats are specially produced',
  glutenRemoved: 'whether its gluten was taken out',
  exemptAllergens: 'what is exempt in it',
  measures: 'how it measures',
  counterpart: 'the ordinary thing it stands in for',
  traits: 'what kind of thing it is',
  packs: 'a pack',
  evidence: 'a document',
  currency: 'the currency',
  labourPerHour: 'an hour of work',
  energyPerKwh: 'the price of energy',
  crossContact: 'how it is kept out',
  operator: 'who answers for the food',
  operatorIn: 'who answers for the food there',
  ovens: 'the oven',
  mixers: 'the mixer',
  scales: 'the scale',
  tins: 'a tin',
  running: 'the running cost',
  rates: 'the rate',
  labelStocks: 'a label stock',
  labelDesigns: 'a label design',
  houseRules: 'a claim of the house',
  taxes: 'the tax',
  evidenceYears: 'how long it is good for',
  around: 'the time around a bake',
  forWhom: 'whom it is for',
  begins: 'when the day begins',
  due: 'when it must be ready',
  who: 'who does it',
  order: 'the order of work',
}
const known: Readonly<Record<string, string>> = { ...allergenName, ...nutrientName }
/** "milk", "the oven Deck", "the supplier". */
export function fieldWords([field = '', entry]: readonly string[]): string {
  if (entry === undefined) return fieldName[field] ?? field
  if (field === 'allergens' || field === 'nutrients') return known[entry] ?? entry
  if (field === 'crossContact') {
    const [code = '', ...where] = entry.split(' ')
    return `${fieldName[field]}: ${known[code] ?? code}${where.length > 0 ? `, ${where.join(' ')}` : ''}`
  }
  return ['ovens', 'mixers', 'running', 'evidenceYears', 'operatorIn', 'taxes', 'traits'].includes(field)
    ? `${fieldName[field]} ${entry}`
    : (fieldName[field] ?? field)
}

const valueName: Readonly<Record<string, string>> = { ...controlName, ...evidenceKindName, mayContain: 'may contain' }
/** What stands in a field, short. */
export function valueWords(value: SheetEdit['to']): string {
  if (value === null) return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return String(value)
  if (typeof value !== 'object') return `“${valueName[value] ?? value}”`
  if (Array.isArray(value)) return value.length === 0 ? 'none' : spokenList(value.map(valueWords))
  const { status, control, reference, price, name, value: amount, atMostMgPerKg: figure } = value
  const told = status ?? control ?? reference ?? price ?? name ?? amount ?? figure
  if (told !== undefined) return valueWords(told)
  return Object.entries(value)
    .map(([key, one]) => `${key} ${valueWords(one as SheetEdit['to'])}`)
    .join(', ')
}

/** Of which bake it is said, where a field has an entry for each. */
const ofWhat = ({ edit: { at } }: SheetClash, nameOf: (id: string) => string): string =>
  (at[0] === 'due' || at[0] === 'who') && at[1] !== undefined ? `, ${nameOf(at[1])}` : ''
const named = (value: SheetEdit['to'], nameOf: (id: string) => string): SheetEdit['to'] =>
  Array.isArray(value) ? value.map(one => (typeof one === 'string' ? nameOf(one) : one)) : value

export function SheetClashes({
  clashes,
  onMine,
  onTheirs,
  nameOf = id => id,
}: {
  clashes: readonly SheetClash[]
  onMine: (clash: SheetClash) => void
  onTheirs: (clash: SheetClash) => void
  /** What an id that stands in a field goes by. */
  nameOf?: (id: string) => string
}) {
  if (clashes.length === 0) return null
  return (
    <div role="alert" className="rounded-lg border-2 border-unproven bg-[#fdf7e8] px-3 py-2">
      <p>Somebody changed the same while you were editing. Everything else of yours is kept.</p>
      {clashes.map(clash => (
        <p key={JSON.stringify(clash.edit.at)}>
          <b>{capital(fieldWords(clash.edit.at))}</b>
          {ofWhat(clash, nameOf)}: it is {valueWords(named(clash.now, nameOf))} now; you wanted{' '}
          {valueWords(named(clash.edit.to, nameOf))}.{' '}
          <button type="button" className="word-link mr-3" onClick={() => onMine(clash)}>
            Put mine in
          </button>
          <button type="button" className="word-link" onClick={() => onTheirs(clash)}>
            Leave theirs
          </button>
        </p>
      ))}
    </div>
  )
}
