// What a route of our own answers, asked for when a thing comes into view; an answer that comes too late is let go.
'use client'
import { useEffect, useState } from 'react'
import { ask } from './ask'

/** What `address` said, null until it did; `take` puts a newer answer in its place, or says why there is none. */
export function useAsked<T extends object>(address: string) {
  const [said, setSaid] = useState<T | null>(null)
  const [problem, setProblem] = useState('')
  useEffect(() => {
    let gone = false
    void ask<T>(address).then(answer => {
      if (gone) return
      if ('problem' in answer) setProblem(answer.problem)
      else setSaid(answer)
    })
    return () => {
      gone = true
    }
  }, [address])
  const take = (answer: T | { problem: string }): answer is T => {
    if ('problem' in answer) {
      setProblem(answer.problem)
      return false
    }
    setProblem('')
    setSaid(answer)
    return true
  }
  return { said, problem, setProblem, take }
}
