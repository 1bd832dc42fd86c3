// Something being typed on the bench: every key is previewed, Enter keeps it, Escape leaves it as it was.

import type { BenchEdit } from '@fair-tin/core/edit'
import { commaDoubt } from '@fair-tin/core/words'
import { useCallback, useRef, useState } from 'react'

export type Reads = (typed: string) => { edits: BenchEdit[] } | { problem: string }
export interface Hands {
  onPreview: (edits: BenchEdit[] | null) => void
  onEdit: (...edits: BenchEdit[]) => void
}

/** `numeric`: a comma that could mean two numbers is asked about, whatever the field is for. */
export function useTyped(reads: Reads, { onPreview, onEdit }: Hands, numeric = false) {
  const read: Reads = text => {
    const doubt = numeric ? commaDoubt(text) : ''
    return doubt ? { problem: doubt } : reads(text)
  }
  const [typed, setTyped] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  // while typing, what is on the screen already carries the preview: the edit is made against what stood there before
  const reader = useRef(read)
  const opened = useRef('')
  const open = (text: string) => {
    reader.current = read
    opened.current = text
    setTyped(text)
  }
  const cancel = useCallback(() => {
    setTyped(null)
    setProblem('')
    onPreview(null)
  }, [onPreview])
  const type = (text: string) => {
    setTyped(text)
    const said = reader.current(text)
    setProblem('problem' in said ? said.problem : '')
    onPreview('edits' in said ? said.edits : null)
  }
  /** Keeps it if it can be kept; what cannot stays typed, with its problem. */
  const keep = () => {
    if (typed === null) return
    if (typed.trim() === opened.current.trim()) return cancel()
    const said = reader.current(typed)
    if ('problem' in said) return setProblem(said.problem)
    if (said.edits.length > 0) onEdit(...said.edits)
    cancel()
  }
  return { typed, problem, open, type, keep, cancel }
}
