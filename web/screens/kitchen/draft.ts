// The kitchen as a form: all text while it is edited, facts again when it is kept. Empty means not said.
import { carriesAClaim } from '@fair-tin/core/allergen'
import { KitchenSheet, sheetEdits, takeSheetEdits } from '@fair-tin/core/edit'
import { goodForYears } from '@fair-tin/core/ingredient'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import {
  type AllergenCode,
  allergenCodes,
  type CrossContact,
  type Evidence,
  evidenceKindName,
  evidenceKinds,
  type Kitchen,
  type MarketCode,
} from '@fair-tin/core/model'
import { typedDecimal, typedNumber } from '@fair-tin/core/words'
import { v4 } from 'uuid'
import { type EvidenceRow, evidenceOf, rowOf } from '../../ui/EvidenceRows'
import type { Refusal } from '../outcome'
import { type EquipmentDraft, equipmentDraft, equipmentFrom } from './equipment'
import { type MoneyDraft, moneyDraft, moneyFrom } from './money'

/** How one allergen is kept out, in one place; without a control it is not assessed. */
export interface Row {
  key: string
  allergen: AllergenCode | 'gluten'
  control: CrossContact['control'] | ''
  equipment: string
  evidence: string
}
export interface Rate {
  key: string
  currency: string
  rate: string
  from: string
}
interface Operator {
  name: string
  address: string
}
export interface KitchenDraft {
  rows: Row[]
  papers: EvidenceRow[]
  operator: Operator
  abroad: (Operator & { market: MarketCode })[]
  /** Years by kind of paper. */
  years: Record<string, string>
  currency: string
  rates: Rate[]
  equipment: EquipmentDraft
  money: MoneyDraft
}

export const carries = (control: Row['control']): boolean => control !== '' && carriesAClaim.includes(control)
/** Kinds of paper that prove something, and grow old. */
export const agingKinds: readonly Evidence['kind'][] = evidenceKinds.filter(kind => goodForYears[kind] > 0)
/** Markets whose labels name somebody there. */
const marketsWanting = marketsServed.filter(market => rulesAsRead(market).operator.within !== null)

export const newRow = (allergen: Row['allergen']): Row => ({
  key: v4(),
  allergen,
  control: '',
  equipment: '',
  evidence: '',
})
export const newRate = (from: string): Rate => ({ key: v4(), currency: 'EUR', rate: '', from })

/** Every record, and a row for each allergen that has none, in one order. */
function rowsOf(kitchen: Kitchen): Row[] {
  const order = ['gluten', ...allergenCodes] as const
  const known = kitchen.crossContact.map(
    (record): Row => ({
      ...newRow(record.allergen),
      control: record.control,
      equipment: record.equipment ?? '',
      evidence: record.evidence ?? '',
    }),
  )
  const missing = order.filter(code => !known.some(row => row.allergen === code)).map(newRow)
  return [...known, ...missing].sort((a, b) => order.indexOf(a.allergen) - order.indexOf(b.allergen))
}

export const kitchenDraft = (kitchen: KitchenSheet): KitchenDraft => ({
  rows: rowsOf(kitchen),
  papers: kitchen.evidence.map(rowOf),
  operator: { name: kitchen.operator?.name ?? '', address: kitchen.operator?.address ?? '' },
  abroad: marketsWanting.map(market => ({ market, name: '', address: '', ...kitchen.operatorIn?.[market] })),
  years: Object.fromEntries(agingKinds.map(kind => [kind, String(kitchen.evidenceYears?.[kind] ?? '')])),
  currency: kitchen.currency,
  rates: (kitchen.rates ?? []).map(one => ({ key: v4(), ...one })),
  equipment: equipmentDraft(kitchen),
  money: moneyDraft(kitchen),
})

const trimmed = ({ name, address }: Operator): Operator => ({ name: name.trim(), address: address.trim() })

/** The form as a kitchen, or what is wrong, with the row of equipment it is about. What the form does not show is kept. */
export function kitchenFrom(
  draft: KitchenDraft,
  before: KitchenSheet,
): { kitchen: KitchenSheet } | { problems: Refusal[]; wrong: ReadonlyMap<string, string> } {
  const stopped = (message: string, wrong: ReadonlyMap<string, string> = new Map()) => ({
    problems: [{ path: '', message: `Nothing is kept yet: ${message}` }],
    wrong,
  })
  const tools = equipmentFrom(draft.equipment)
  if ('problems' in tools)
    return stopped(tools.problems[0]!.message, new Map(tools.problems.map(one => [one.key, one.message])))
  const ages = agingKinds
    .map(kind => ({ kind, typed: (draft.years[kind] ?? '').trim() }))
    .filter(one => one.typed !== '')
    .map(one => ({ ...one, years: typedNumber(one.typed) }))
  const odd = ages.find(one => !(one.years >= 0 && one.years <= 20))
  if (odd) return stopped(`a ${evidenceKindName[odd.kind]} is good for 0 to 20 years, not “${odd.typed}”.`)
  const reckoned = moneyFrom(draft.money)
  if ('problem' in reckoned) return stopped(reckoned.problem)
  const {
    operator: _,
    operatorIn: _in,
    evidenceYears: _y,
    labourPerHour: _l,
    energyPerKwh: _e,
    around: _a,
    running: _r,
    taxes: _t,
    pricePoint: _p,
    rates: _s,
    ...rest
  } = before
  const crossContact = draft.rows.flatMap((row): CrossContact[] => {
    if (row.control === '') return []
    const old = before.crossContact.find(
      record => record.allergen === row.allergen && (record.equipment ?? '') === row.equipment,
    )
    const { equipment: _was, evidence: _on, ...kept } = old ?? {}
    return [
      {
        ...kept,
        allergen: row.allergen,
        control: row.control,
        ...(row.equipment.trim() ? { equipment: row.equipment.trim() } : {}),
        ...(row.evidence ? { evidence: row.evidence } : {}),
      },
    ]
  })
  const abroad = draft.abroad.map(one => ({ ...trimmed(one), market: one.market })).filter(one => one.name !== '')
  const read = KitchenSheet.safeParse({
    ...rest,
    ...tools.kept,
    ...reckoned.kept,
    currency: draft.currency.trim().toUpperCase(),
    crossContact,
    evidence: draft.papers.map(paper => evidenceOf(paper, before.evidence)),
    rates: draft.rates.map(one => ({
      currency: one.currency.trim().toUpperCase(),
      rate: typedDecimal(one.rate) ?? one.rate.trim(),
      from: one.from,
    })),
    ...(draft.operator.name.trim() ? { operator: trimmed(draft.operator) } : {}),
    ...(ages.length > 0 ? { evidenceYears: Object.fromEntries(ages.map(one => [one.kind, one.years])) } : {}),
    ...(abroad.length > 0
      ? { operatorIn: Object.fromEntries(abroad.map(({ market, ...operator }) => [market, operator])) }
      : {}),
  })
  return read.success
    ? { kitchen: read.data }
    : {
        problems: read.error.issues.map(issue => ({
          path: issue.path.join('.'),
          message: issue.path[0] === 'evidence' ? 'A document needs its date; its end may stay empty.' : issue.message,
        })),
        wrong: new Map(),
      }
}

/** A form left open, and the kitchen it was opened with. */
export interface LeftOpen {
  draft: KitchenDraft
  before: KitchenSheet
}
/**
 * The same over the kitchen as it is now: what others changed meanwhile is in it. Where both changed the same, or what was typed
 * cannot be read, it stays as it was left, so that keeping it tells.
 */
export function rebased(left: LeftOpen, now: KitchenSheet): LeftOpen {
  const built = kitchenFrom(left.draft, left.before)
  if ('problems' in built) return left
  const taken = takeSheetEdits('kitchen', now, sheetEdits('kitchen', left.before, built.kitchen))
  return taken.clashes.length + taken.refused.length > 0 ? left : { draft: kitchenDraft(taken.sheet), before: now }
}
