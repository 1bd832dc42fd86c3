// A signature taken back, with the reason.
'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { ask } from '../../ask'
import { useDeed } from '../../deed'
import type { LabelToSign } from './toSign'

export function TakeBack({ product, market }: Pick<LabelToSign, 'product' | 'market'>) {
  const router = useRouter()
  const deed = useDeed()
  const [reason, setReason] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  if (reason === null)
    return (
      <button type="button" className="word-link" onClick={() => setReason('')}>
        Take the signature back
      </button>
    )
  return (
    <form
      className="mt-1"
      onSubmit={event => {
        event.preventDefault()
        start(async () => {
          const said = await ask<object>('/api/v1/seals', { do: 'withdraw', product: product.id, market, reason }, deed)
          if ('problem' in said) return setProblem(said.problem)
          setReason(null)
          router.refresh()
        })
      }}
    >
      <label className="block text-[13px] text-quiet">
        Why
        <input
          className="field text-ink"
          maxLength={500}
          value={reason}
          onChange={event => setReason(event.target.value)}
        />
      </label>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <div className="mt-1 flex gap-2">
        <button type="submit" className="do" disabled={busy}>
          Take it back
        </button>
        <button type="button" className="word-link" onClick={() => setReason(null)}>
          Leave it
        </button>
      </div>
    </form>
  )
}
