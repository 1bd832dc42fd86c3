// The files kept with each document: a PDF or a picture of it.
'use client'
import type { FileNote } from '@fair-tin/data'
import { useEffect, useState } from 'react'
import type { EvidenceRow } from '../../ui/EvidenceRows'
import { useDeed } from '../deed'
import { send } from '../token'

const megabytes = (size: number) => (size < 100_000 ? `${Math.ceil(size / 1000)} kB` : `${(size / 1e6).toFixed(1)} MB`)

const mostBytes = 10 * 1024 * 1024

export function EvidenceFiles({ ingredient, rows }: { ingredient: string; rows: readonly EvidenceRow[] }) {
  const address = `/api/v1/ingredients/${ingredient}/files`
  const [files, setFiles] = useState<FileNote[]>([])
  const [problem, setProblem] = useState('')
  const [busy, setBusy] = useState<string | null>(null)
  const [asked, setAsked] = useState<string | null>(null)
  useEffect(() => {
    let gone = false
    void fetch(address)
      .then(answer => answer.json())
      .then(said => !gone && 'files' in said && setFiles(said.files))
      .catch(() => !gone && setProblem('The kept files cannot be listed just now.'))
    return () => {
      gone = true
    }
  }, [address])
  const deed = useDeed()
  const keep = async (evidence: string, file: File | undefined) => {
    if (!file) return
    if (file.size > mostBytes) return setProblem(`${file.name} is too large: 10 MB at most.`)
    setBusy(evidence)
    try {
      const query = new URLSearchParams({ evidence, name: file.name })
      const answer = await send(`${address}?${query}`, {
        method: 'POST',
        body: file,
        headers: { 'idempotency-key': deed.id() },
      })
      if (answer.status < 500) deed.answered()
      const said = (await answer.json()) as { files: FileNote[] } | { problem: string }
      if ('problem' in said) setProblem(said.problem)
      else {
        setFiles(said.files)
        setProblem('')
      }
    } catch {
      setProblem(`${file.name} could not be sent. It may be too large (10 MB at most), or the server is away.`)
    }
    setBusy(null)
  }
  const takeOut = async (file: FileNote) => {
    setAsked(null)
    try {
      const answer = await send(`/api/v1/files/${file.id}`, {
        method: 'DELETE',
        headers: { 'content-type': 'application/json' },
        body: '{}',
      })
      const said = (await answer.json()) as { files: FileNote[] } | { problem: string }
      if ('problem' in said) setProblem(said.problem)
      else setFiles(said.files)
    } catch {
      setProblem(`${file.name} is still kept: the server is away.`)
    }
  }
  if (rows.length === 0) return null
  return (
    <div className="mt-2 text-[13.5px]">
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <ul>
        {rows.map(row => (
          <li key={row.id} className="flex flex-wrap items-center gap-x-3 py-0.5">
            <span className="text-quiet">Kept with {row.reference || 'this document'}:</span>
            {files
              .filter(file => file.evidence === row.id)
              .map(file => (
                <span key={file.id} className="inline-flex flex-wrap gap-x-2">
                  <a className="word-link" href={`/api/v1/files/${file.id}`} target="_blank" rel="noreferrer">
                    {file.name} ({megabytes(file.size)})
                  </a>
                  {asked === file.id ? (
                    <>
                      <button type="button" className="word-link text-breaks" onClick={() => void takeOut(file)}>
                        Take it out for good
                      </button>
                      <button type="button" className="word-link" onClick={() => setAsked(null)}>
                        Leave it
                      </button>
                    </>
                  ) : (
                    <button
                      type="button"
                      className="word-link text-quiet"
                      aria-label={`Take out ${file.name}`}
                      onClick={() => setAsked(file.id)}
                    >
                      take out
                    </button>
                  )}
                </span>
              ))}
            <label className="word-link cursor-pointer focus-within:outline-3 focus-within:outline-damson">
              {busy === row.id ? 'Keeping …' : 'Add a PDF or picture'}
              <input
                type="file"
                className="sr-only"
                accept="application/pdf,image/png,image/jpeg,image/webp"
                aria-label={`Add a file to ${row.reference || 'this document'}`}
                onChange={event => {
                  void keep(row.id, event.target.files?.[0])
                  event.target.value = ''
                }}
              />
            </label>
          </li>
        ))}
      </ul>
    </div>
  )
}
