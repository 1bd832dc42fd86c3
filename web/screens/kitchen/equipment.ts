// Scales, tins, mixers and ovens while they are typed, and as the kitchen keeps them.
import { type Kitchen, KitchenScale, Mixer, Oven, type Tin } from '@fair-tin/core/model'
import { commaDoubt, toPlaces, typedNumber } from '@fair-tin/core/words'
import { v4 } from 'uuid'
import { type TinDraft, tinDraft, tinFrom } from '../../ui/TinFields'

export interface Row {
  key: string
  /** As typed, by the name of the field. */
  typed: Record<string, string>
}
export interface TinRow {
  key: string
  tin: TinDraft
}
export interface EquipmentDraft {
  scales: Row[]
  mixers: Row[]
  ovens: Row[]
  tins: TinRow[]
}
export type Listed = 'scales' | 'mixers' | 'ovens'

export const newKey = (): string => v4()
const text = (value: number) => String(Number(toPlaces(value, 3)))

export const equipmentDraft = (kitchen: Kitchen): EquipmentDraft => ({
  scales: (kitchen.scales ?? []).map(one => ({
    key: newKey(),
    typed: { capacity: text(one.capacity), resolution: text(one.resolution) },
  })),
  mixers: (kitchen.mixers ?? []).map(one => ({ key: newKey(), typed: { name: one.name, grams: text(one.grams) } })),
  ovens: (kitchen.ovens ?? []).map(one => ({
    key: newKey(),
    typed: {
      name: one.name,
      tins: text(one.tins),
      fan: one.fan ? 'yes' : '',
      kW: one.kW === undefined ? '' : text(one.kW),
      preheat: one.preheatMinutes === undefined ? '' : text(one.preheatMinutes),
      offset: one.offsetCelsius === undefined ? '' : text(one.offsetCelsius),
      topShelf: one.topShelfCelsius === undefined ? '' : text(one.topShelfCelsius),
    },
  })),
  tins: (kitchen.tins ?? []).map(tin => ({ key: newKey(), tin: tinDraft(tin) })),
})

const number = (typed: string | undefined) => {
  return (typed ?? '').trim() === '' ? undefined : typedNumber(typed!)
}

/** What the kitchen keeps, or what is wrong and with which row. */
export function equipmentFrom(
  draft: EquipmentDraft,
):
  | { kept: Required<Pick<Kitchen, 'scales' | 'mixers' | 'ovens' | 'tins'>> }
  | { problems: { key: string; message: string }[] } {
  const problems: { key: string; message: string }[] = []
  const read = <T>(
    row: Row,
    schema: {
      safeParse: (
        value: unknown,
      ) => { success: true; data: T } | { success: false; error: { issues: { message: string }[] } }
    },
    value: unknown,
  ): T[] => {
    const doubt = Object.entries(row.typed)
      .filter(([field]) => field !== 'name')
      .map(([, typed]) => commaDoubt(typed))
      .find(Boolean)
    if (doubt) {
      problems.push({ key: row.key, message: doubt })
      return []
    }
    const done = schema.safeParse(value)
    if (done.success) return [done.data]
    problems.push({ key: row.key, message: done.error.issues[0]!.message })
    return []
  }
  const scales = draft.scales.flatMap(row =>
    read(row, KitchenScale, { capacity: number(row.typed.capacity), resolution: number(row.typed.resolution) }),
  )
  const mixers = draft.mixers.flatMap(row =>
    read(row, Mixer, { name: row.typed.name ?? '', grams: number(row.typed.grams) }),
  )
  const ovens = draft.ovens.flatMap(row =>
    read(row, Oven, {
      name: row.typed.name ?? '',
      tins: number(row.typed.tins),
      ...(row.typed.fan ? { fan: true } : {}),
      ...(number(row.typed.kW) === undefined ? {} : { kW: number(row.typed.kW) }),
      ...(number(row.typed.preheat) === undefined ? {} : { preheatMinutes: number(row.typed.preheat) }),
      ...(number(row.typed.offset) === undefined ? {} : { offsetCelsius: number(row.typed.offset) }),
      ...(number(row.typed.topShelf) === undefined ? {} : { topShelfCelsius: number(row.typed.topShelf) }),
    }),
  )
  const tins = draft.tins.flatMap((row): Tin[] => {
    const tin = tinFrom(row.tin)
    if (!('problem' in tin)) return [tin]
    problems.push({ key: row.key, message: tin.problem })
    return []
  })
  return problems.length > 0 ? { problems } : { kept: { scales, mixers, ovens, tins } }
}
