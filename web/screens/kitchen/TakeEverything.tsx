// The owner's way out, and in: everything of the bakery as one file of open formats; a fresh bakery made from such a file.
'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { toast } from 'sonner'
import { send } from '../token'

const mostBytes = 200_000_000

export function TakeEverything({ fresh }: { fresh: boolean }) {
  const router = useRouter()
  const [wrong, setWrong] = useState('')
  const [busy, start] = useTransition()
  const bring = (file: File | undefined) =>
    start(async () => {
      if (!file) return
      setWrong('')
      if (file.size > mostBytes) return setWrong(`${file.name} is too large: 200 MB at most.`)
      try {
        const answer = await send('/api/v1/everything', {
          method: 'POST',
          body: file,
          headers: { 'content-type': 'application/zip' },
        })
        const said = (await answer.json()) as { broughtIn: string } | { problem: string }
        if ('problem' in said) return setWrong(said.problem)
        toast(`The books of ${said.broughtIn} are here. Look through them before you rely on them.`)
        router.refresh()
      } catch {
        setWrong('The server does not answer. Nothing was brought in: try again in a moment.')
      }
    })
  return (
    <div>
      <h2 className="text-base">Everything of this bakery</h2>
      <p className="text-[13.5px] text-quiet">
        One file with the recipes, the larder with its papers, the orders and the kitchen, in formats that others can
        read. It holds prices and names: keep it as you would keep the books.
      </p>
      <a className="do mt-1" href="/kitchen/everything.zip" download>
        Take everything with you
      </a>
      {fresh && (
        <label className="mt-3 block">
          <span className="block text-[13.5px] text-quiet">
            This bakery is still empty: bring in such a file of another one
          </span>
          <input type="file" accept=".zip" disabled={busy} onChange={event => bring(event.target.files?.[0])} />
        </label>
      )}
      {wrong && (
        <p role="alert" className="mt-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {wrong}
        </p>
      )}
    </div>
  )
}
