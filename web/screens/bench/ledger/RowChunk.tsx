// Rows of a very long ledger, drawn only near where one looks: a recipe of 400 lines stays quick under the fingers.
'use client'
import { type ReactNode, useEffect, useRef, useState } from 'react'

export const chunkSize = 40
/** Shorter ledgers are drawn whole. */
export const chunkedFrom = 120
/** Painted apart: where one row changes the browser paints no other body of the table again. */
export const apart = 'relative isolate focus-within:z-[1]'

/** A table body that keeps its height while it is out of sight. `rowHeight` is the guess until it was drawn once. */
export function RowChunk({ rows, columns, children }: { rows: number; columns: number; children: () => ReactNode }) {
  const body = useRef<HTMLTableSectionElement>(null)
  const [near, setNear] = useState(false)
  const height = useRef(0)
  useEffect(() => {
    const element = body.current
    if (!element) return
    const observer = new IntersectionObserver(
      ([entry]) => {
        // what holds the focus, or is being dragged, is never taken away
        const holds = element.contains(document.activeElement) || element.querySelector('[data-dragged]') !== null
        if (!entry!.isIntersecting) height.current = element.offsetHeight
        setNear(entry!.isIntersecting || holds)
      },
      { root: element.closest('section'), rootMargin: '600px 0px' },
    )
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return (
    <tbody ref={body} className={apart}>
      {near ? (
        children()
      ) : (
        <tr>
          <td colSpan={columns} style={{ height: height.current || rows * 24, padding: 0 }} />
        </tr>
      )}
    </tbody>
  )
}
