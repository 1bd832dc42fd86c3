// Photographs taken at the bench: each waits in the tablet until the bakery has it, over a restart too, and is put down once.
'use client'
import { createStore, del, set, values } from 'idb-keyval'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { v4 } from 'uuid'
import { noAnswer } from '../../ask'
import { askPicture } from '../../askPicture'
import { personOfPage } from '../../leftHere'
import type { RunningBatch } from '../useBatch'

export interface WaitingPhotograph {
  /** Of the picture, and of the entry that tells of it. */
  id: string
  batch: string
  person: string
  text: string
  /** When it was taken, milliseconds by the bakery’s clock. */
  at: number
  picture: Blob
  /** Why the bakery did not take it; '' while it is only waited for. */
  why: string
}
export interface Photographs {
  waiting: readonly WaitingPhotograph[]
  take: (picture: Blob, text: string) => Promise<void>
  putAway: (id: string) => void
  again: (id: string) => void
}

/** Milliseconds between two tries. */
const between = 6000
const shelf = () => createStore('fair-tin-photographs', 'waiting')

export function usePhotographs(batch: string, { put, now }: Pick<RunningBatch, 'put' | 'now'>): Photographs {
  const [waiting, setWaiting] = useState<readonly WaitingPhotograph[]>([])
  const queue = useRef<readonly WaitingPhotograph[]>([])
  const show = useCallback((next: readonly WaitingPhotograph[]) => {
    queue.current = next
    setWaiting(next)
  }, [])
  const drop = useCallback(
    (id: string) => {
      show(queue.current.filter(one => one.id !== id))
      void del(id, shelf()).catch(() => undefined)
    },
    [show],
  )
  const sending = useRef(false)
  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      for (const one of queue.current.filter(({ why }) => why === '')) {
        const file = new File([one.picture], 'photograph.jpg', { type: 'image/jpeg' })
        const said = await askPicture('photo', file, { id: () => one.id, answered: () => undefined })
        if (!('problem' in said)) {
          const text = one.text === '' ? {} : { text: one.text }
          put({ kind: 'pictured', picture: one.id, ...text }, undefined, { id: one.id, at: one.at })
          drop(one.id)
        } else if (said.problem === noAnswer) break
        else show(queue.current.map(other => (other.id === one.id ? { ...other, why: said.problem } : other)))
      }
    } finally {
      sending.current = false
    }
  }, [drop, put, show])

  useEffect(() => {
    let gone = false
    void values<WaitingPhotograph>(shelf())
      .catch(() => [])
      .then(left => {
        if (gone) return
        const own = left.filter(one => one.batch === batch && one.person === personOfPage())
        show([...queue.current, ...own.filter(one => !queue.current.some(({ id }) => id === one.id))])
        void flush()
      })
    const soon = () => void flush()
    const timer = setInterval(soon, between)
    addEventListener('online', soon)
    return () => {
      gone = true
      clearInterval(timer)
      removeEventListener('online', soon)
    }
  }, [batch, flush, show])

  const take = useCallback(
    async (picture: Blob, text: string) => {
      const one = { id: v4(), batch, person: personOfPage(), text, at: now(), picture, why: '' }
      // a full store keeps it in this window only; the line above the batch says when that is so
      await set(one.id, one, shelf()).catch(() => undefined)
      show([...queue.current, one])
      void flush()
    },
    [batch, flush, now, show],
  )
  const again = useCallback(
    (id: string) => {
      show(queue.current.map(one => (one.id === id ? { ...one, why: '' } : one)))
      void flush()
    },
    [flush, show],
  )
  return useMemo(() => ({ waiting, take, putAway: drop, again }), [waiting, take, drop, again])
}
