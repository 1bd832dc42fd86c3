// Asks at the door; whoever is let in goes on to where they wanted to.
'use client'
import { useEffect, useState, useTransition } from 'react'
import { ask } from '../ask'
import { forgetKept } from '../bake/useKeptForOffline'

/** Only a place of our own: "//elsewhere" is none. */
export const placeOf = (to: string | undefined): string => (to && /^\/(?![/\\])/.test(to) ? to : '/')

export function useDoor() {
  const [wrong, setWrong] = useState('')
  const [busy, start] = useTransition()
  useEffect(() => void forgetKept(), [])
  const knock = <T extends object>(body: object, then: (said: T) => void) =>
    start(async () => {
      setWrong('')
      const said = await ask<T>('/api/v1/door', body)
      if ('problem' in said) setWrong(said.problem)
      else then(said)
    })
  return { wrong, busy, knock }
}
