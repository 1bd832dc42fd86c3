// Keys of the bench, wherever nothing is being typed.
'use client'
import { useEffect, useRef } from 'react'
import { isTyping } from '../frame/KeyHelp'

export function useBenchKeys(keys: Readonly<Record<string, () => void>>): void {
  const latest = useRef(keys)
  latest.current = keys
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const act = isTyping(event) || !Object.hasOwn(latest.current, event.key) ? undefined : latest.current[event.key]
      if (!act) return
      act()
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
