// Edits not yet saved, and what can be undone, kept in the browser (IndexedDB): they survive a reload, a restart of the
// server and a new build.
import { BenchEdit, merged } from '@fair-tin/core/edit'
import { del, get, keys, set, setMany } from 'idb-keyval'
import { v4 } from 'uuid'
import { z } from 'zod'
import { personOfPage } from '../../leftHere'

/** One thing she did is one or more edits: a paste of five lines is undone at once. */
export const Deeds = z.array(z.array(BenchEdit))
/** A change the server did not take, as it was made, and why. It stays until it is put right or put away. */
export interface Aside {
  edit: unknown
  why: string
}
/** A change on its way: under an id of its own, so that it is done once however often it is sent. */
export interface Pending {
  deed: string
  edit: BenchEdit
  /** It has left this window, and may be done already. */
  sent?: boolean
}
export interface Box {
  pending: Pending[]
  done: BenchEdit[][]
  undone: BenchEdit[][]
  aside: Aside[]
}
export const emptyBox: Box = { pending: [], done: [], undone: [], aside: [] }
export const isEmpty = (box: Box): boolean =>
  box.pending.length + box.done.length + box.undone.length + box.aside.length === 0

/** A change put behind those that wait: two of one field that have not left yet are one. */
export function waiting(pending: readonly Pending[], edit: BenchEdit): Pending[] {
  const last = pending.at(-1)
  const one = last && !last.sent ? merged(last.edit, edit) : null
  return one
    ? [...pending.slice(0, -1), ...one.map(edit => ({ deed: last!.deed, edit }))]
    : [...pending, { deed: v4(), edit }]
}

/** As stored: with the time it was kept. */
const Kept = z.object({
  pending: z.array(z.unknown()),
  done: z.unknown(),
  undone: z.unknown(),
  aside: z.array(z.object({ edit: z.unknown(), why: z.string() })).default([]),
  at: z.number().default(0),
})
const Waiting = z.object({ deed: z.uuid(), edit: z.unknown(), sent: z.boolean().optional() })
const notReadable = 'it was kept by another version of Fair Tin, and cannot be read any more.'
/** A box read back: a change that can no longer be read is set aside, and keeps no other from going through. */
export function readBox(raw: unknown): (Box & { at: number }) | undefined {
  const kept = Kept.safeParse(raw).data
  if (!kept) return undefined
  const read = kept.pending.map(one => {
    // an older build kept the bare change, without an id
    const { deed, edit, sent } = Waiting.safeParse(one).data ?? { deed: v4(), edit: one, sent: true }
    return { deed, edit, sent, is: BenchEdit.safeParse(edit).data }
  })
  return {
    at: kept.at,
    pending: read.flatMap(({ deed, sent, is }) => (is ? [{ deed, edit: is, ...(sent ? { sent } : {}) }] : [])),
    aside: [...kept.aside, ...read.flatMap(({ edit, is }) => (is ? [] : [{ edit, why: notReadable }]))],
    done: Deeds.safeParse(kept.done).data ?? [],
    undone: Deeds.safeParse(kept.undone).data ?? [],
  }
}
/** Each person's own; a build before this one knew no persons. */
const prefix = (product: string) => `bench ${product} by ${personOfPage()} `
const isOf = (product: string, key: IDBValidKey): key is string =>
  typeof key === 'string' &&
  (key.startsWith(prefix(product)) || (/^bench [^ ]+ [^ ]+$/.test(key) && key.startsWith(`bench ${product} `)))
/** How long a window that is gone may come back to what it can undo. */
const day = 24 * 60 * 60 * 1000

const shelf = 'fair-tin-window'
function newWindowName(): string {
  const made = v4()
  try {
    sessionStorage.setItem(shelf, made)
  } catch {
    // forbidden: this window is another after a reload
  }
  return made
}
/** This window's own name, the same after a reload. */
function windowName(): string {
  try {
    return sessionStorage.getItem(shelf) ?? newWindowName()
  } catch {
    return newWindowName()
  }
}

/** How often a box is asked for, and the milliseconds between: a window that is just closing lets go of its own. */
const [asks, between] = [10, 100]
const held = new Map<string, Promise<boolean>>()
/**
 * Holds a box as long as the window lives, so that no other takes it over; false where another window has it. Each answer is plain
 * and none is a matter of time: a page that is slow to start loses nothing by it.
 */
function hold(key: string): Promise<boolean> {
  const known = held.get(key)
  if (known) return known
  const once = () =>
    new Promise<boolean>((resolve, reject) => {
      navigator.locks
        .request(key, { ifAvailable: true }, lock => {
          resolve(lock !== null)
          return lock && new Promise(() => {})
        })
        .catch(reject)
    })
  const asked = (async () => {
    if (!navigator.locks) return true
    for (let at = 0; at < asks; at++) {
      if (await once()) return true
      await new Promise(later => setTimeout(later, between))
    }
    return false
  })().catch(() => false)
  held.set(key, asked)
  return asked
}
/** Does something with a box whose window is gone, and holds it meanwhile; nothing where the window is there. */
const whileFree = (key: string, deed: () => Promise<void>) =>
  navigator.locks ? navigator.locks.request(key, { ifAvailable: true }, lock => (lock ? deed() : undefined)) : deed()

export interface Outbox {
  /** What was left by this window, with the unsaved edits of windows that are gone. */
  left: Box
  /** Keeps exactly this; false where the browser refuses (full, or forbidden): it then lives only in this window. */
  keep: (box: Box) => Promise<boolean>
}

/** Opens the outbox of a product. A window that is still open keeps its own; the unsaved edits of closed ones are taken over. */
export async function openOutbox(product: string): Promise<Outbox> {
  let own = prefix(product) + windowName()
  // a window that was duplicated brings the other's name with it
  if (!(await hold(own))) {
    own = prefix(product) + newWindowName()
    await hold(own)
  }
  let left = emptyBox
  const read = async (key: string) => readBox(await get(key))
  try {
    left = (await read(own)) ?? emptyBox
    for (const key of await keys()) {
      if (!isOf(product, key) || key === own) continue
      await whileFree(key, async () => {
        const theirs = await read(key)
        if (theirs && theirs.pending.length + theirs.aside.length > 0) {
          const both = {
            ...left,
            pending: [...theirs.pending, ...left.pending],
            aside: [...theirs.aside, ...left.aside],
          }
          // the window may only be loading again: what it can undo stays its own
          await setMany([
            [own, { ...both, at: Date.now() }],
            [key, { ...theirs, pending: [], aside: [] }],
          ])
          left = both
        } else if (!theirs || theirs.at < Date.now() - day) await del(key)
      })
    }
  } catch {
    // no store to be had: nothing was left in it
  }
  return {
    left,
    keep: async box => {
      try {
        await (isEmpty(box) ? del(own) : set(own, { ...box, at: Date.now() }))
        return true
      } catch {
        return false
      }
    },
  }
}
