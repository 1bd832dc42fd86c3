// The rest of the books, read behind an open bench: a page brings what its own product rests on, and no more.
'use client'
import type { Ingredient, Recipe } from '@fair-tin/core/model'
import { useEffect, useState } from 'react'
import { ask } from '../../ask'

export interface Books {
  ingredients: readonly Ingredient[]
  recipes: readonly Recipe[]
}
const pause = 3000

/** Null until they are there; read anew whenever the page is (`stamp`). A server that is away is asked again, and that is told. */
export function useBooks(stamp: number): { books: Books | null; trouble: string } {
  const [books, setBooks] = useState<Books | null>(null)
  const [trouble, setTrouble] = useState('')
  useEffect(() => {
    let gone = false
    let timer: ReturnType<typeof setTimeout> | undefined
    const read = async () => {
      const said = await ask<Books>('/api/v1/books')
      if (gone) return
      if ('problem' in said) timer = setTimeout(read, pause)
      else setBooks(said)
      setTrouble('problem' in said ? 'The larder cannot be read now; it is asked again.' : '')
    }
    void read()
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [stamp])
  return { books, trouble }
}

/** What is known here, and of the rest what is not; of two states of one thing the newer. In the order of the rest. */
export function together<T extends { id: string; version?: number }>(
  here: readonly T[],
  rest: readonly T[],
): readonly T[] {
  if (rest.length === 0) return here
  const own = new Map(here.map(one => [one.id, one]))
  const all = rest.map(one => {
    const mine = own.get(one.id)
    own.delete(one.id)
    return mine && (mine.version ?? 0) >= (one.version ?? 0) ? mine : one
  })
  return [...all, ...own.values()]
}
