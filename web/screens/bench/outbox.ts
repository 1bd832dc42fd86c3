// Edits not yet saved, kept in the browser (IndexedDB): they survive a reload, a restart of the server and a new build.
import { Edit } from '@fair-tin/core'
import { del, get, keys, set } from 'idb-keyval'
import { z } from 'zod'

const Edits = z.array(Edit)
const prefix = (recipe: string) => `edits ${recipe} `

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
  /** What was left unsaved, by this window or by one that is gone. */
  left: Edit[]
  /** Keeps exactly these; false where the browser refuses (full, or forbidden): they then live only in this window. */
  keep: (edits: readonly Edit[]) => Promise<boolean>
}

/** Opens the outbox of a recipe. A window that is still open keeps its own; those of closed ones are taken over. */
export async function openOutbox(recipe: string): Promise<Outbox> {
  const own = prefix(recipe) + windowName()
  // held as long as the window lives, so that no other takes these over
  void navigator.locks?.request(own, { ifAvailable: true }, () => new Promise(() => {}))
  const left: Edit[] = []
  try {
    for (const key of (await keys()).filter(
      (one): one is string => typeof one === 'string' && one.startsWith(prefix(recipe)),
    )) {
      const free =
        key === own ||
        !navigator.locks ||
        (await navigator.locks.request(key, { ifAvailable: true }, lock => lock !== null))
      if (!free) continue
      const read = Edits.safeParse(await get(key))
      if (read.success) left.push(...read.data)
      if (key !== own) await del(key)
    }
  } catch {
    // no store to be had: nothing was left in it
  }
  return {
    left,
    keep: async edits => {
      try {
        await (edits.length === 0 ? del(own) : set(own, edits))
        return true
      } catch {
        return false
      }
    },
  }
}
