// What was changed on a sheet, applied to the thing as it is now: an ingredient, the kitchen, an order.
import { type KitchenSheet, type SheetClash, SheetEdit, type SheetKind, takeSheetEdits } from '@fair-tin/core/edit'
import { type DayPlan, Ingredient, kitchenMoney, OrderDraft } from '@fair-tin/core/model'
import { wellFormedData } from '@fair-tin/core/words'
import { z } from 'zod'
import { findKitchen, saveKitchen, seesPrices } from './bakery'
import { findDayPlan, saveDayPlan } from './dayPlans'
import { addIngredient, findIngredient, removeIngredient, restoreIngredient, saveIngredient } from './ingredients'
import { doneBefore, keptBefore, remember } from './once'
import { addOrder, cancelOrder, changeOrder, findOrder } from './orders'
import type { BakerySql } from './withBakery'

/** How things of a kind are read under a lock, made, saved, taken out and put back. */
interface Keeping<T extends object> {
  /** Null where there is none; `removed` where it was taken out. */
  lock: (sql: BakerySql, id: string) => Promise<{ sheet: T; version: number } | 'removed' | null>
  make: (sql: BakerySql, id: string, sheet: unknown) => Promise<string | null>
  /** The version it has then. Throws where it changed under its own lock. */
  save: (sql: BakerySql, id: string, sheet: T, version: number) => Promise<number>
  /** Why it cannot be taken out or put back; null where that is done. */
  removed: (sql: BakerySql, id: string, removed: boolean) => Promise<string | null>
  gone: string
}
const firstOf = (error: z.ZodError) => error.issues[0]?.message ?? 'This cannot be kept.'
const unlocked = (what: string): never => {
  throw new Error(`${what} changed under its own lock.`)
}

const ingredient: Keeping<Ingredient> = {
  gone: 'This ingredient was taken out of the larder in another window. What you typed is still here: keep it as a new one, or restore the old one first.',
  lock: async (sql, id) => {
    const [row] = await sql<
      { removed: boolean }[]
    >`select removed_at is not null as removed from ingredient where id = ${id} for update`
    if (!row) return null
    if (row.removed) return 'removed'
    const sheet = (await findIngredient(sql, id))!
    return { sheet, version: sheet.version! }
  },
  make: async (sql, id, sheet) => {
    const read = Ingredient.safeParse({ ...(sheet as object), id })
    if (!read.success) return firstOf(read.error)
    await addIngredient(sql, read.data)
    return null
  },
  save: async (sql, id, sheet, version) => {
    const saved = await saveIngredient(sql, sheet, version)
    return saved.saved ? saved.version : unlocked(`Ingredient ${id}`)
  },
  removed: async (sql, id, removed) => {
    await (removed ? removeIngredient(sql, id) : restoreIngredient(sql, id))
    return null
  },
}

/** A kitchen that nobody has recorded anything of. */
const bare: KitchenSheet = { currency: 'GBP', crossContact: [], evidence: [] }
const kitchen: Keeping<KitchenSheet> = {
  gone: 'The kitchen’s record is gone. Reload the page.',
  lock: async sql => {
    await sql`select 1 from kitchen for update`
    const found = await findKitchen(sql)
    return found
      ? { sheet: { ...found.kitchen, evidence: found.evidence }, version: found.version }
      : { sheet: bare, version: 0 }
  },
  make: async () => 'There is one kitchen.',
  save: async (sql, _id, { evidence, ...sheet }, version) => {
    const saved = await saveKitchen(sql, sheet, evidence, version)
    return saved.saved ? saved.version : unlocked('The kitchen')
  },
  removed: async () => 'A bakery has its kitchen: it cannot be taken out.',
}

const order: Keeping<OrderDraft> = {
  gone: 'This order was cancelled in another window.',
  lock: async (sql, id) => {
    const found = await findOrder(sql, id)
    return found === null ? null : found.cancelled ? 'removed' : { sheet: found.order, version: 1 }
  },
  make: async (sql, id, sheet) => {
    const read = OrderDraft.safeParse(sheet)
    if (!read.success) return firstOf(read.error)
    return (await addOrder(sql, id, read.data)) ? null : 'This product was taken out in another window. Choose another.'
  },
  save: async (sql, id, sheet, version) => {
    if (!(await changeOrder(sql, id, sheet))) unlocked('The order')
    return version
  },
  removed: async (sql, id, removed) => {
    await cancelOrder(sql, id, removed)
    return null
  },
}
/** Every day has its plan, if only that nothing is set. */
const day: Keeping<DayPlan> = {
  gone: 'There is no such day.',
  lock: async (sql, id) => {
    const found = await findDayPlan(sql, id)
    return found && { sheet: found.plan, version: found.version }
  },
  make: async () => 'Every day has its plan.',
  save: async (sql, id, plan, version) => (await saveDayPlan(sql, id, plan, version)) ?? unlocked(`The plan of ${id}`),
  removed: async () => 'A day has its plan: it cannot be taken out.',
}
const keepings: Record<SheetKind, Keeping<object>> = { ingredient, kitchen, order, day } as Record<
  SheetKind,
  Keeping<object>
>

export interface EditedSheet {
  /** As it is now; null where it is taken out. */
  sheet: object | null
  version: number
  clashes: SheetClash[]
  refused: { edit: unknown; path: string; why: string }[]
}

const Sent = SheetEdit.extend({ deed: z.uuid() })
  // a thing is out or it is not
  .refine(({ at, to }) => at[0] !== 'removed' || (at.length === 1 && (to === true || to === null)))
/** Part of an address, and none that has another page already. */
const NewId = z.string().regex(/^(?!new$)[a-z0-9][a-z0-9-]{0,79}$/)
/**
 * Applies edits of one thing, each by itself, under a lock on it: what clashes or is refused is left out and told, the rest
 * goes through. What was sent under a `deed` and went through is not done again. Throws DamagedRow where it cannot be read.
 */
export async function editSheet(
  sql: BakerySql,
  kind: SheetKind,
  id: string,
  sent: readonly unknown[],
): Promise<EditedSheet> {
  const keeping = keepings[kind]
  const refused: EditedSheet['refused'] = []
  const all = wellFormedData(sent).flatMap(raw => {
    const read = Sent.safeParse(raw)
    if (read.success) return [read.data]
    refused.push({ edit: raw, path: '', why: 'This change cannot be read. Reload the page.' })
    return []
  })
  // what is sent twice at once waits for the first, also where the thing is only being made
  await sql`select pg_advisory_xact_lock(hashtextextended(${`sheet ${kind} ${id}`}, 0))`
  const done = await doneBefore(
    sql,
    all.map(one => one.deed),
  )
  const edits = all.filter(one => !done.has(one.deed))
  const deedOf = new Map<SheetEdit, string>(edits.map(one => [one, one.deed]))
  const keptBy = (taken: readonly SheetEdit[]) =>
    remember(
      sql,
      taken.map(one => ({ deed: deedOf.get(one)!, asked: { kind, id, at: one.at, was: one.was, to: one.to } })),
    )
  // the whole thing first: made, taken out, put back
  for (const edit of edits) {
    if (edit.at.length > 0 && edit.at[0] !== 'removed') continue
    const now = await keeping.lock(sql, id)
    const making = edit.at.length === 0
    const why = making
      ? now
        ? keptBefore
        : NewId.safeParse(id).success
          ? await keeping.make(sql, id, edit.to)
          : 'This is no name for a new thing. Reload the page.'
      : !now
        ? keeping.gone
        : (now === 'removed') === (edit.to === true)
          ? null
          : await keeping.removed(sql, id, edit.to === true)
    if (why) refused.push({ edit, path: making && now ? 'there' : '', why })
    else await keptBy([edit])
  }
  const mayMoney = kind !== 'kitchen' || (await seesPrices(sql))
  const fields = edits.filter(edit => {
    if (edit.at.length === 0 || edit.at[0] === 'removed') return false
    if (mayMoney || !(kitchenMoney as readonly string[]).includes(edit.at[0]!)) return true
    refused.push({
      edit,
      path: edit.at[0]!,
      why: 'What work, energy and rent come to is kept from you: ask the owner.',
    })
    return false
  })
  const now = await keeping.lock(sql, id)
  if (!now || now === 'removed')
    return {
      sheet: null,
      version: 0,
      clashes: [],
      refused: [...refused, ...fields.map(edit => ({ edit, path: 'removed', why: keeping.gone }))],
    }
  const taken = takeSheetEdits(kind, now.sheet, fields)
  await keptBy(taken.taken)
  const version = taken.sheet === now.sheet ? now.version : await keeping.save(sql, id, taken.sheet, now.version)
  return { sheet: taken.sheet, version, clashes: taken.clashes, refused: [...refused, ...taken.refused] }
}
