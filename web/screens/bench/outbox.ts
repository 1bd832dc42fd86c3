// Edits not yet saved, and what can be undone, kept in the browser (IndexedDB): they survive a reload, a restart of the
// server and a new build.
import { BenchEdit } from '@fair-tin/core'
import { del, get, keys, set } from 'idb-keyval'
import { z } from 'zod'

/** One thing she did is one or more edits: a paste of five lines is undone at once. */
export const Deeds = z.array(z.array(BenchEdit))
const Box = z.object({ pending: z.array(BenchEdit), done: Deeds, undone: Deeds })
export type Box = z.infer<typeof Box>
export const emptyBox: Box = { pending: [], done: [], undone: [] }
const prefix = (product: string) => `bench ${product} `

/** This window's own name, the same after a reload. */
function windowName(): string {
  try {
    const known = sessionStorage.getItem('fair-tin-window')
    if (known) return known
    const made = Math.random().toString(36).slice(2)
    sessionStorage.setItem('fair-tin-window', made)
    return made
  } catch {
    return 'window'
  }
}

export interface Outbox {
  /** What was left by this window, with the unsaved edits of windows that are gone. */
  left: Box
  /** Keeps exactly this; false where the browser refuses (full, or forbidden): it then lives only in this window. */
  keep: (box: Box) => Promise<boolean>
}

/** Opens the outbox of a product. A window that is still open keeps its own; those of closed ones are taken over. */
export async function openOutbox(product: string): Promise<Outbox> {
  const own = prefix(product) + windowName()
  // held as long as the window lives, so that no other takes these over
  void navigator.locks?.request(own, { ifAvailable: true }, () => new Promise(() => {}))
  const left: Box = { pending: [], done: [], undone: [] }
  try {
    for (const key of (await keys()).filter(
      (one): one is string => typeof one === 'string' && one.startsWith(prefix(product)),
    )) {
      const free =
        key === own ||
        !navigator.locks ||
        (await navigator.locks.request(key, { ifAvailable: true }, lock => lock !== null))
      if (!free) continue
      const read = Box.safeParse(await get(key))
      if (read.success) {
        left.pending.push(...read.data.pending)
        if (key === own) Object.assign(left, { done: read.data.done, undone: read.data.undone })
      }
      if (key !== own) await del(key)
    }
  } catch {
    // no store to be had: nothing was left in it
  }
  return {
    left,
    keep: async box => {
      try {
        await (box.pending.length + box.done.length + box.undone.length === 0 ? del(own) : set(own, box))
        return true
      } catch {
        return false
      }
    },
  }
}
