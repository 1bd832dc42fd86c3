// The page for the counter: an address nobody can guess, with a code to print. It is shown once: nobody keeps it.
'use client'
import bwipjs from 'bwip-js/browser'
import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import { ask } from '../ask'
import { useDeed } from '../deed'

export function CounterAddress({ owner, there }: { owner: boolean; there: boolean }) {
  const router = useRouter()
  const deed = useDeed()
  const [address, setAddress] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  const [busy, start] = useTransition()
  const act = (body: object) =>
    start(async () => {
      const said = await ask<{ address?: string }>('/api/v1/seals', body, deed)
      if ('problem' in said) return setProblem(said.problem)
      setProblem('')
      setAddress(said.address ? `${window.location.origin}/counter/${said.address}` : null)
      router.refresh()
    })
  const code = useMemo(() => (address ? bwipjs.toSVG({ bcid: 'qrcode', text: address, scale: 3 }) : null), [address])
  return (
    <div className="pane px-4 py-2">
      <h2 className="text-base">For the counter</h2>
      <p className="text-[13.5px] text-quiet">
        A page without sign-in that says what is signed, and “ask us” where nothing is. Customers ask it what they can
        eat; nothing about them is kept.
      </p>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      {address && code && (
        <div className="my-2 flex flex-wrap items-center gap-4">
          <img
            alt="Code that leads to the counter page"
            className="size-36 bg-white p-2"
            src={`data:image/svg+xml;utf8,${encodeURIComponent(code)}`}
          />
          <p className="min-w-0">
            Print it, and keep it by you: it is shown this once.
            <a className="word-link block break-all" href={address} target="_blank" rel="noreferrer">
              {address}
            </a>
          </p>
        </div>
      )}
      {owner ? (
        <p className="mt-1 flex flex-wrap gap-3">
          <button type="button" className="do" disabled={busy} onClick={() => act({ do: 'make counter' })}>
            {there ? 'Make another address' : 'Make its address'}
          </button>
          {there && (
            <button type="button" className="word-link" disabled={busy} onClick={() => act({ do: 'end counter' })}>
              End it
            </button>
          )}
          {there && !address && (
            <span className="self-center text-[13px] text-quiet">One is in use. Another ends it.</span>
          )}
        </p>
      ) : (
        <p className="text-[13px] text-quiet">
          {there ? 'It is in use.' : 'It is not in use.'} The owner makes its address.
        </p>
      )}
    </div>
  )
}
