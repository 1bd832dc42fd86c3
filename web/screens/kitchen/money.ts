// What work, energy, running costs and tax come to, while it is typed and as the kitchen keeps it. Empty means not said.

import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import { Around, type Kitchen, type MarketCode, PricePoint, Running, Tax } from '@fair-tin/core/model'
import { commaDoubt, typedDecimal, typedNumber } from '@fair-tin/core/words'
import { v4 } from 'uuid'

export interface RunningRow {
  key: string
  name: string
  perMonth: string
  by: Running['key']
  monthly: string
}
export interface RateRow {
  key: string
  name: string
  percent: string
}
export interface MoneyDraft {
  labourPerHour: string
  energyPerKwh: string
  around: Record<keyof Around, string>
  running: RunningRow[]
  leftOver: 'stock' | 'charged'
  taxes: Record<string, { included: boolean; rates: RateRow[] }>
  step: string
  less: string
}
export const newRow = (): string => v4()
const shown = (value: number | undefined) => (value === undefined ? '' : String(value))

export const moneyDraft = (kitchen: Kitchen): MoneyDraft => ({
  labourPerHour: kitchen.labourPerHour ?? '',
  energyPerKwh: kitchen.energyPerKwh ?? '',
  around: {
    weighLine: shown(kitchen.around?.weighLine),
    changeover: shown(kitchen.around?.changeover),
    packOne: shown(kitchen.around?.packOne),
    wipe: shown(kitchen.around?.wipe),
    wash: shown(kitchen.around?.wash),
    cleanAndTest: shown(kitchen.around?.cleanAndTest),
  },
  running: (kitchen.running ?? []).map(one => ({
    key: newRow(),
    name: one.name,
    perMonth: one.perMonth,
    by: one.key,
    monthly: String(one.monthly),
  })),
  leftOver: kitchen.leftOver ?? 'stock',
  taxes: Object.fromEntries(
    marketsServed.map(market => [
      market,
      {
        included: kitchen.taxes?.[market]?.included ?? rulesAsRead(market).prices.withTax,
        rates: (kitchen.taxes?.[market]?.rates ?? []).map(one => ({ key: newRow(), ...one })),
      },
    ]),
  ),
  step: kitchen.pricePoint?.step ?? '',
  less: kitchen.pricePoint?.less ?? '',
})

export type Money = Pick<
  Kitchen,
  'labourPerHour' | 'energyPerKwh' | 'around' | 'running' | 'leftOver' | 'taxes' | 'pricePoint'
>
/** What cannot be read stays as typed, for the schema to refuse it. */
const decimal = (text: string) => typedDecimal(text) ?? text.trim()
const number = (text: string) => (text.trim() === '' ? undefined : typedNumber(text))
const price = /^\d{1,9}(\.\d{1,6})?$/

/** What the kitchen keeps, or what is wrong, in words with its place. */
export function moneyFrom(draft: MoneyDraft): { kept: Money } | { problem: string } {
  const doubt = [
    draft.labourPerHour,
    draft.energyPerKwh,
    draft.step,
    draft.less,
    ...Object.values(draft.around),
    ...draft.running.flatMap(row => [row.perMonth, row.monthly]),
    ...Object.values(draft.taxes).flatMap(tax => tax?.rates.map(rate => rate.percent) ?? []),
  ]
    .map(commaDoubt)
    .find(Boolean)
  if (doubt) return { problem: doubt }
  for (const [text, what] of [
    [draft.labourPerHour, 'An hour of work'],
    [draft.energyPerKwh, 'A kilowatt-hour'],
    [draft.step, 'The step of prices'],
    [draft.less, 'What prices end under the step'],
  ] as const)
    if (text.trim() !== '' && !price.test(decimal(text)))
      return { problem: `${what}: write it as a number, like 14.50.` }
  const around = Around.safeParse(
    Object.fromEntries(
      Object.entries(draft.around).flatMap(([key, text]) => (number(text) === undefined ? [] : [[key, number(text)]])),
    ),
  )
  if (!around.success) return { problem: `Work around a batch: ${around.error.issues[0]!.message}` }
  const running: Running[] = []
  for (const row of draft.running) {
    const read = Running.safeParse({
      name: row.name,
      perMonth: decimal(row.perMonth),
      key: row.by,
      monthly: number(row.monthly),
    })
    if (!read.success) return { problem: `Running cost “${row.name}”: ${read.error.issues[0]!.message}` }
    running.push(read.data)
  }
  const taxes: Partial<Record<MarketCode, Tax>> = {}
  for (const market of marketsServed) {
    const one = draft.taxes[market]!
    if (one.rates.length === 0) continue
    const read = Tax.safeParse({
      included: one.included,
      rates: one.rates.map(rate => ({ name: rate.name, percent: decimal(rate.percent) })),
    })
    if (!read.success) return { problem: `A rate of tax: ${read.error.issues[0]!.message}` }
    const names = read.data.rates.map(rate => rate.name)
    if (new Set(names).size < names.length)
      return { problem: 'Two rates of one market have the same name: name them apart.' }
    taxes[market] = read.data
  }
  const point = PricePoint.safeParse({
    step: decimal(draft.step),
    ...(draft.less.trim() ? { less: decimal(draft.less) } : {}),
  })
  if (draft.step.trim() !== '' && (!point.success || Number(point.data.step) === 0))
    return { problem: 'The step of prices is more than nothing.' }
  return {
    kept: {
      ...(draft.labourPerHour.trim() ? { labourPerHour: decimal(draft.labourPerHour) } : {}),
      ...(draft.energyPerKwh.trim() ? { energyPerKwh: decimal(draft.energyPerKwh) } : {}),
      ...(Object.keys(around.data).length > 0 ? { around: around.data } : {}),
      ...(running.length > 0 ? { running } : {}),
      leftOver: draft.leftOver,
      ...(Object.keys(taxes).length > 0 ? { taxes } : {}),
      ...(draft.step.trim() && point.success ? { pricePoint: point.data } : {}),
    },
  }
}
