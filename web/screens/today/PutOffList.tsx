// What was put off, by whom and to when; each can be brought back at once.
'use client'
import type { Matter } from '@fair-tin/core/assess'
import { spokenDay } from '@fair-tin/core/words'
import { usePuttingOff } from './PutOffMenu'

export interface Away {
  matter: Matter
  /** ISO. */
  until: string
  /** By name. */
  person: string
}

export function PutOffList({ putOff }: { putOff: readonly Away[] }) {
  const { busy, problem, put } = usePuttingOff()
  if (putOff.length === 0) return null
  return (
    <details className="border-b border-hair">
      <summary className="px-4 py-2.5 font-head text-[15px] font-bold">
        Put off: {putOff.length} {putOff.length === 1 ? 'matter' : 'matters'}
      </summary>
      {problem && (
        <p role="alert" className="px-4 text-breaks">
          {problem}
        </p>
      )}
      <ul>
        {putOff.map(one => (
          <li key={one.matter.key} className="flex items-start gap-3 border-t border-hair px-4 py-2">
            <span className="min-w-0 flex-1">
              {one.matter.what}{' '}
              <span className="text-quiet">
                Put off by {one.person}; there again on {spokenDay(one.until)}.
              </span>
            </span>
            <button
              type="button"
              disabled={busy}
              className="word-link min-h-[24px] shrink-0 pointer-coarse:min-h-[44px]"
              onClick={() => put(one.matter, null)}
            >
              Bring back<span className="sr-only">: {one.matter.what}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}
