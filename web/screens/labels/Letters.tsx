// Letters to suppliers: what is asked of each, ready to send, with what it holds up here.
'use client'
import { fullList } from '@fair-tin/core/words'
import Link from 'next/link'
import { toast } from 'sonner'

interface ReadyLetter {
  supplier: string
  articles: { id: string; name: string }[]
  /** What it holds up, by name. */
  products: string[]
  text: string
}

export function Letters({ letters }: { letters: ReadyLetter[] }) {
  const copy = (text: string) =>
    navigator.clipboard
      .writeText(text)
      .then(() => toast('The letter is copied.'))
      .catch(() => toast.error('This browser does not let it be copied: mark the text instead.'))
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <div className="mr-auto">
          <h1 className="text-3xl">Letters to suppliers</h1>
          <p className="text-quiet">Exactly what is missing or ran out, of what goes into something you sell.</p>
        </div>
        <Link href="/labels" className="do">
          All labels
        </Link>
      </div>
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Letters">
          {letters.length === 0 && (
            <p className="p-6 text-quiet">Nothing is missing: all that goes into your products is known and proven.</p>
          )}
          <ul>
            {letters.map(one => (
              <li key={one.supplier} className="border-b border-hair px-4 py-3 last:border-0">
                <h2 className="text-base">{one.supplier || 'No supplier is put down'}</h2>
                <p className="text-[13.5px] text-quiet">
                  For{' '}
                  {one.articles.map((article, at) => (
                    <span key={article.id}>
                      {at > 0 && ', '}
                      <Link href={`/larder/${article.id}`} className="word-link">
                        {article.name}
                      </Link>
                    </span>
                  ))}
                  . It holds up {fullList(one.products)}.
                </p>
                <details>
                  <summary className="word-link">The letter</summary>
                  <pre className="my-2 max-w-2xl whitespace-pre-wrap font-text text-[14px]">{one.text}</pre>
                </details>
                <p className="mt-1 flex flex-wrap gap-3">
                  <button type="button" className="do" onClick={() => void copy(one.text)}>
                    Copy the letter
                  </button>
                  <a
                    className="do"
                    href={`mailto:?subject=${encodeURIComponent('What we need to know of your articles')}&body=${encodeURIComponent(one.text.slice(0, 1800))}`}
                  >
                    Open it as an e-mail
                  </a>
                </p>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </section>
  )
}
