// Something kept that can no longer be read: what it is, why, and putting it back.
'use client'
import type { Damaged } from '@fair-tin/core/model'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { putDamagedBack } from './actions'

export function DamagedThing({ damage }: { damage: Damaged }) {
  const router = useRouter()
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  return (
    <div className="m-auto max-w-lg">
      <h1 className="text-2xl">{damage.name} is damaged.</h1>
      <p className="my-3">
        It is kept as it is, but it cannot be read {damage.problem} Until it is put right it stands for nothing: no
        claim rests on it, and whatever uses it is unproven. All else works.
      </p>
      {problem && (
        <p role="alert" className="my-3 rounded border-2 border-breaks bg-breaks-wash p-2">
          {problem}
        </p>
      )}
      <button
        type="button"
        className="do do-first"
        disabled={busy}
        onClick={() =>
          start(async () => {
            const outcome = await putDamagedBack(damage.kind, damage.id)
            if (outcome.saved) return router.refresh()
            setProblem('problems' in outcome ? (outcome.problems[0]?.message ?? '') : 'Somebody changed it meanwhile.')
          })
        }
      >
        Put back how it last could be read
      </button>
      <p className="mt-2 text-[13px] text-quiet">
        The journal keeps every state it was in, this one too: nothing is lost by putting it back.
      </p>
    </div>
  )
}
