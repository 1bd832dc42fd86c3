// What a route of our own answers while one types and chooses: not asked with every key, and an answer to what is no longer
// asked is let go.
'use client'
import { useEffect, useState } from 'react'
import { ask } from './ask'

/** Not with every key of a fast hand. */
const pause = 120

export interface Latest<T> {
  /** The address this answers. */
  to: string
  said: T | null
  problem: string
}
/** The last answer there is, perhaps to an older address; null before the first. No address: nothing is asked. It is asked anew with another `again`. */
export function useLatest<T extends object>(address: string | null, again?: unknown): Latest<T> | null {
  const [answer, setAnswer] = useState<Latest<T> | null>(null)
  useEffect(() => {
    if (address === null) return setAnswer(null)
    let gone = false
    const timer = setTimeout(
      () =>
        void ask<T>(address).then(said => {
          if (gone) return
          setAnswer(
            'problem' in said ? { to: address, said: null, problem: said.problem } : { to: address, said, problem: '' },
          )
        }),
      pause,
    )
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [address, again])
  return answer
}
