// Takes a picture that nothing shows any more out for good, asked once.
'use client'
import { useState } from 'react'
import { noAnswer } from './ask'
import { send } from './token'

export function TakeOutPicture({ id, name, onGone }: { id: string; name: string; onGone?: () => void }) {
  const [state, setState] = useState<'there' | 'asked' | 'gone'>('there')
  const [problem, setProblem] = useState('')
  const takeOut = async () => {
    try {
      const answer = await send(`/api/v1/pictures/${encodeURIComponent(id)}`, {
        method: 'DELETE',
        headers: { 'content-type': 'application/json' },
        body: '{}',
      })
      if (answer.ok || answer.status === 410) {
        setState('gone')
        onGone?.()
      } else setProblem(((await answer.json()) as { problem: string }).problem)
    } catch {
      setProblem(noAnswer)
    }
  }
  if (state === 'gone') return <span className="text-quiet">The picture was taken out.</span>
  return (
    <span className="inline-flex flex-wrap gap-x-3">
      {state === 'there' ? (
        <button
          type="button"
          className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
          aria-label={`Take out ${name}`}
          onClick={() => setState('asked')}
        >
          take out
        </button>
      ) : (
        <>
          <button
            type="button"
            className="word-link min-h-[24px] text-breaks pointer-coarse:min-h-[44px]"
            onClick={() => void takeOut()}
          >
            Take it out for good
          </button>
          <button
            type="button"
            className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
            onClick={() => setState('there')}
          >
            Leave it
          </button>
        </>
      )}
      {problem && (
        <span role="alert" className="text-breaks">
          {problem}
        </span>
      )}
    </span>
  )
}
