// One field of a sheet (an ingredient, the kitchen, an order) changed, as data: it says what it found, so that two windows either
// both get their way or are told plainly; turned round it is its own inverse. The same for every sheet.
import { z } from 'zod'
import { DayPlan } from '../model/dayPlan'
import { Evidence } from '../model/evidence'
import { Ingredient } from '../model/ingredient'
import { Kitchen } from '../model/kitchen'
import { OrderDraft } from '../model/order'
import { same, withField } from './same'

/** The kitchen with its papers: they are kept together. */
export const KitchenSheet = Kitchen.extend({ evidence: z.array(Evidence) })
export type KitchenSheet = z.infer<typeof KitchenSheet>

const sheets = {
  ingredient: Ingredient.omit({ id: true, version: true }),
  kitchen: KitchenSheet,
  // for another day, or of another product, it is another order
  order: OrderDraft.pick({ packs: true, forWhom: true }),
  day: DayPlan,
}
export type SheetKind = keyof typeof sheets
export const sheetKinds = Object.keys(sheets) as SheetKind[]

/**
 * `at`: the field, and the entry of it where entries count by themselves; empty for the whole, which is how a thing is made.
 * `removed` is a field like any other. Null is “not there”.
 */
export const SheetEdit = z.object({ at: z.array(z.string().max(1000)).max(2), was: z.json(), to: z.json() })
export type SheetEdit = z.infer<typeof SheetEdit>

/** A thing made, as it shall be; and one taken out. */
export const making = (sheet: object): SheetEdit => ({ at: [], was: null, to: sheet as SheetEdit['to'] })
export const takingOut: SheetEdit = { at: ['removed'], was: null, to: true }

export interface SheetClash {
  edit: SheetEdit
  now: SheetEdit['to']
}

type Entry = Record<string, unknown>
/** Of a record, each entry counts by itself; of a list, each by what it is told by. Everything else counts as a whole. */
const byItself: Record<SheetKind, Partial<Record<string, 'record' | ((entry: Entry) => string)>>> = {
  ingredient: {
    allergens: 'record',
    traits: 'record',
    nutrients: 'record',
    evidence: one => String(one.id),
    packs: one => `${one.grams} ${one.price} ${one.currency} ${one.from}`,
  },
  kitchen: {
    crossContact: one => `${one.allergen} ${one.equipment ?? ''}`.trim(),
    evidence: one => String(one.id),
    scales: one => `${one.capacity} ${one.resolution}`,
    tins: one => JSON.stringify(one),
    mixers: one => String(one.name),
    ovens: one => String(one.name),
    running: one => String(one.name),
    houseRules: one => String(one.claim),
    labelStocks: one => String(one.id),
    labelDesigns: one => String(one.id),
    rates: one => `${one.currency} ${one.from}`,
    taxes: 'record',
    operatorIn: 'record',
    evidenceYears: 'record',
  },
  order: {},
  day: { due: 'record', who: 'record' },
}

/** The entries of a list by what they are told by: one, or a list of those that are told by the same. */
function keyed(list: readonly Entry[], keyOf: (entry: Entry) => string): Map<string, Entry | Entry[]> {
  const groups = new Map<string, Entry[]>()
  for (const entry of list) groups.set(keyOf(entry), [...(groups.get(keyOf(entry)) ?? []), entry])
  return new Map([...groups].map(([key, group]) => [key, group.length === 1 ? group[0]! : group]))
}
const isRecord = (value: unknown): value is Entry =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Every field with what stands in it, in the order of the sheet. */
function fieldsOf(kind: SheetKind, sheet: object): { at: string[]; value: unknown }[] {
  return Object.entries(sheet).flatMap(([field, value]) => {
    if (value === undefined || !Object.hasOwn(sheets[kind].shape, field)) return []
    const how = byItself[kind][field]
    if (how === 'record' && isRecord(value))
      return Object.entries(value).flatMap(([key, one]) =>
        one === undefined ? [] : [{ at: [field, key], value: one }],
      )
    if (typeof how === 'function' && Array.isArray(value))
      return [...keyed(value, how)].map(([key, one]) => ({ at: [field, key], value: one }))
    return [{ at: [field], value }]
  })
}

const key = (at: readonly string[]) => JSON.stringify(at)
/** What has to be changed to come from one to the other. Of lists whose entries count by themselves the order is no matter. */
export function sheetEdits(kind: SheetKind, before: object, after: object): SheetEdit[] {
  const [was, to] = [before, after].map(sheet => new Map(fieldsOf(kind, sheet).map(one => [key(one.at), one])))
  const all = new Map([...was!, ...to!].map(([name, { at }]) => [name, at]))
  return [...all].flatMap(([name, at]) => {
    const [old, next] = [was!.get(name)?.value ?? null, to!.get(name)?.value ?? null]
    return same(old, next) ? [] : [{ at, was: old as SheetEdit['was'], to: next as SheetEdit['to'] }]
  })
}

/** What stands at a field now; null where nothing does. */
export const valueAt = (kind: SheetKind, sheet: object, at: readonly string[]): SheetEdit['to'] =>
  (fieldsOf(kind, sheet).find(one => key(one.at) === key(at))?.value ?? null) as SheetEdit['to']

function withValue<T extends object>(kind: SheetKind, sheet: T, [field, entry]: readonly string[], to: unknown): T {
  if (entry === undefined) return withField(sheet, field!, to)
  const how = byItself[kind][field!]
  const held = (sheet as Entry)[field!]
  if (typeof how !== 'function') return withField(sheet, field!, withField((held as object) ?? {}, entry, to))
  const entries = keyed((held as Entry[] | undefined) ?? [], how)
  if (to === null) entries.delete(entry)
  else entries.set(entry, to as Entry | Entry[])
  return withField(sheet, field!, [...entries.values()].flat())
}

/** Doing it twice is the same as once, so a change whose answer was lost can simply be sent again. */
export function applySheetEdit<T extends object>(
  kind: SheetKind,
  sheet: T,
  edit: SheetEdit,
): { sheet: T } | { clash: SheetClash } {
  const now = valueAt(kind, sheet, edit.at)
  if (same(now, edit.to)) return { sheet }
  return same(now, edit.was) ? { sheet: withValue(kind, sheet, edit.at, edit.to) } : { clash: { edit, now } }
}

/** What takes it back. A thing that was made is taken out again. */
export const inverseOfSheetEdit = ({ at, was, to }: SheetEdit): SheetEdit =>
  at.length === 0 ? takingOut : { at, was: to, to: was }

export interface TakenSheet<T> {
  sheet: T
  clashes: SheetClash[]
  refused: { edit: SheetEdit; path: string; why: string }[]
  taken: SheetEdit[]
}
/** Takes what can be taken, one by one: what would leave a sheet that cannot be read back is refused by itself. */
export function takeSheetEdits<T extends object>(
  kind: SheetKind,
  before: T,
  edits: readonly SheetEdit[],
): TakenSheet<T> {
  const done: TakenSheet<T> = { sheet: before, clashes: [], refused: [], taken: [] }
  for (const edit of edits) {
    const path = edit.at.join('.')
    if (!Object.hasOwn(sheets[kind].shape, edit.at[0] ?? '')) {
      done.refused.push({ edit, path, why: 'There is no such field.' })
      continue
    }
    const next = applySheetEdit(kind, done.sheet, edit)
    if ('clash' in next) {
      done.clashes.push(next.clash)
      continue
    }
    const wrong = next.sheet === done.sheet ? undefined : sheets[kind].safeParse(next.sheet).error?.issues[0]
    if (wrong) done.refused.push({ edit, path: wrong.path.join('.'), why: wrong.message })
    else {
      done.sheet = next.sheet
      done.taken.push(edit)
    }
  }
  return done
}
