// Where a recipe is pasted, typed, or opened from a file, as it was found.
'use client'
import Link from 'next/link'
import type { ReactNode } from 'react'
import { exampleCards } from './exampleCards'
import { largestFile } from './understand'

/** Letters above which a paste is put in at once. */
const longPaste = 4000

export function PasteRecipe({
  text,
  wrong,
  onText,
  onRead,
  onProblem,
  children,
}: {
  text: string
  wrong: boolean
  onText: (text: string) => void
  onRead: (text: string) => void
  onProblem: (message: string) => void
  /** What was wrong with it, said above it. */
  children: ReactNode
}) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <h1 className="text-3xl">Paste a recipe</h1>
      <p className="text-quiet">
        As you found it: title, lines, method, tin, oven. Nothing is thrown away, and you can put right what was
        misread.
      </p>
      {children}
      <textarea
        aria-label="The recipe as written"
        aria-invalid={wrong || undefined}
        className="pane min-h-60 flex-1 resize-none p-4 text-[15px] leading-relaxed"
        value={text}
        placeholder={exampleCards[0]!.text}
        dir="auto"
        onChange={event => onText(event.target.value)}
        onPaste={event => {
          const pasted = event.clipboardData.getData('text')
          if (pasted.length < longPaste) return
          // a browser puts thousands of rows in one by one, and stands still meanwhile
          event.preventDefault()
          const { value, selectionStart, selectionEnd } = event.currentTarget
          onText(value.slice(0, selectionStart) + pasted + value.slice(selectionEnd))
        }}
      />
      {text === '' && (
        <p className="flex flex-wrap gap-x-3 text-quiet">
          Or try it with
          {exampleCards.map(({ kind, text: card }) => (
            <button key={kind} type="button" className="word-link" onClick={() => onText(card)}>
              {kind}
            </button>
          ))}
        </p>
      )}
      <div className="flex gap-2">
        <button type="button" className="do do-first" onClick={() => onRead(text)}>
          Read it
        </button>
        <label className="do cursor-pointer focus-within:outline-3">
          Open a file
          <input
            type="file"
            accept=".json,.jsonld,.txt,.md,.html,.htm,application/json,text/plain,text/html"
            className="sr-only"
            aria-label="Open a file with a recipe"
            onChange={async event => {
              const file = event.target.files?.[0]
              event.target.value = ''
              if (!file) return
              if (file.size > largestFile) return onProblem(`${file.name} is too large for a recipe: over 2 MB.`)
              const opened = await file.text()
              onText(opened)
              onRead(opened)
            }}
          />
        </label>
        <Link href="/recipes" className="do">
          Back to Recipes
        </Link>
      </div>
    </section>
  )
}
