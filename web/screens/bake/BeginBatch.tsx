// Begins a batch; what has to be said first is asked.
'use client'
import { amountWords } from '@fair-tin/core/batch'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { Modal } from '../../ui/Modal'
import { ask } from '../ask'
import { useDeed } from '../deed'

export interface Wish {
  product: string
  name: string
  pieces: number
}
type Said = { batch: { id: string; code: string } } | { asks: 'reason' | 'again'; why: string[] }

export function BeginBatch({ wish, day, onClose }: { wish: Wish; day: string; onClose: () => void }) {
  const router = useRouter()
  const deed = useDeed()
  const [asks, setAsks] = useState<Extract<Said, { asks: string }> | null>(null)
  const [again, setAgain] = useState(false)
  const [reason, setReason] = useState('')
  const [problem, setProblem] = useState('')
  const [busy, setBusy] = useState(false)
  const send = async (more: { again?: true; reason?: string }) => {
    setBusy(true)
    setProblem('')
    const said = await ask<Said>('/api/v1/batches', { day, product: wish.product, pieces: wish.pieces, ...more }, deed)
    setBusy(false)
    if ('problem' in said) return setProblem(said.problem)
    if ('asks' in said) return setAsks(said)
    router.push(`/bake/${said.batch.id}`)
  }
  const begun = useRef(false)
  useEffect(() => {
    if (begun.current) return
    begun.current = true
    void send({})
  }, [])
  return (
    <Modal open onClose={onClose} title={`Begin ${wish.name}`} lead={amountWords(wish)}>
      {problem && (
        <p role="alert" className="mb-3 text-[17px] text-breaks">
          {problem}
        </p>
      )}
      {!asks && !problem && <p className="text-[17px] text-quiet">Freezing the recipe as it is now …</p>}
      {asks && (
        <form
          className="flex flex-col gap-3 text-[17px]"
          onSubmit={event => {
            event.preventDefault()
            if (asks.asks === 'again') {
              setAgain(true)
              return void send({ again: true })
            }
            if (reason.trim().length < 2) return setProblem('Say why, in a word or two.')
            void send({ reason: reason.trim(), ...(again ? { again: true } : {}) })
          }}
        >
          <ul className="list-disc pl-5">
            {asks.why.map(one => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          {asks.asks === 'reason' && (
            <label className="text-quiet">
              It may be baked all the same, because
              <input
                className="field !min-h-[52px] text-ink"
                maxLength={300}
                value={reason}
                placeholder="a trial for the counter, sold without a label"
                onChange={event => setReason(event.target.value)}
              />
            </label>
          )}
          <div className="grid grid-cols-2 gap-3">
            <button type="button" className="slab" onClick={onClose}>
              Leave it
            </button>
            <button type="submit" className="slab slab-first" disabled={busy}>
              {asks.asks === 'again' ? 'Begin another' : 'Begin it'}
            </button>
          </div>
        </form>
      )}
      {problem && !asks && (
        <button type="button" className="slab w-full" onClick={() => void send({})} disabled={busy}>
          Try again
        </button>
      )}
    </Modal>
  )
}
