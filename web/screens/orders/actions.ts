'use server'
// Takes, changes and cancels orders.
import { addOrder, cancelOrder, changeOrder, OrderDraft } from '@fair-tin/data'
import { type Outcome, refused } from '../outcome'
import { idFrom, refusals, saving } from '../save'

const gone = 'This order was cancelled in another window.'

export async function takeOrder(input: unknown, deed: string): Promise<Outcome> {
  const read = OrderDraft.safeParse(input)
  if (!read.success) return refusals(read.error)
  return saving(
    async sql => {
      const id = idFrom(`order ${read.data.product}`)
      return (await addOrder(sql, id, read.data))
        ? { saved: true, id, version: 1 }
        : refused('This product was taken out in another window. Choose another.', 'product')
    },
    { deed, asked: read.data },
  )
}

export async function setPacks(id: string, packs: unknown): Promise<Outcome> {
  const read = OrderDraft.shape.packs.safeParse(packs)
  if (!read.success) return refusals(read.error)
  return saving(async sql =>
    (await changeOrder(sql, id, read.data)) ? { saved: true, id, version: 1 } : refused(gone),
  )
}

export async function setCancelled(id: string, cancelled: boolean): Promise<Outcome> {
  return saving(async sql => {
    await cancelOrder(sql, id, cancelled)
    return { saved: true, id, version: 1 }
  })
}
