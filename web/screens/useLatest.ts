// What a route of our own answers while one types and chooses: not asked with every key, an answer to what is no longer asked
// is let go, and what got none, or was answered before the window was left, is asked again.
'use client'
import { useEffect, useState } from 'react'
import { ask } from './ask'

/** Not with every key of a fast hand. */
const pause = 120
/** Before a question that got no answer is asked again. */
const rest = 5000

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
    let timer: ReturnType<typeof setTimeout> | undefined
    let asked = 0
    const look = async () => {
      asked += 1
      const mine = asked
      clearTimeout(timer)
      const said = await ask<T>(address)
      if (gone || mine !== asked) return
      const failed = 'problem' in said
      setAnswer({ to: address, said: failed ? null : said, problem: failed ? said.problem : '' })
      if (failed && !said.refused) timer = setTimeout(() => void look(), rest)
    }
    timer = setTimeout(() => void look(), pause)
    // something may have been kept in the window she comes from
    const back = () => void look()
    window.addEventListener('focus', back)
    return () => {
      gone = true
      clearTimeout(timer)
      window.removeEventListener('focus', back)
    }
  }, [address, again])
  return answer
}
