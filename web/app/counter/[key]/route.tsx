// The page for the counter: what is signed, to whoever has its address. Plain HTML without a script; nothing about whoever asks is
// kept.
import { type AllergenCode, allergenCodes, MarketCode } from '@fair-tin/core/model'
import { counterOf, readStamp, withBakery } from '@fair-tin/data'
import { today } from '../../../bakery'
import { labelStates } from '../../../labels'
import { tellFailure } from '../../../log'
import { CounterPage, languagesOf } from '../../../screens/counter/CounterPage'

export const dynamic = 'force-dynamic'
const codes = new Set<string>(allergenCodes)
const words = (text: string, status: number) =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } })

const page = (html: string) =>
  new Response(html, {
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'cache-control': 'no-store',
      'referrer-policy': 'no-referrer',
    },
  })

/** What was shown to a question, and how new the books were then: as long as nothing was changed since, it is what would be shown. */
const shown = new Map<string, { stamp: number; html: string }>()
const mostShown = 200
const shownAt = (question: string, stamp: number): string | null => {
  const before = shown.get(question)
  return before?.stamp === stamp ? before.html : null
}
function keepShown(question: string, stamp: number, html: string): void {
  shown.delete(question)
  shown.set(question, { stamp, html })
  for (const oldest of shown.keys()) {
    if (shown.size <= mostShown) break
    shown.delete(oldest)
  }
}

export async function GET(request: Request, { params }: { params: Promise<{ key: string }> }): Promise<Response> {
  try {
    const counter = await counterOf((await params).key)
    if (!counter) return words('This page has ended. Ask at the counter.', 404)
    const query = new URL(request.url).searchParams
    const asked = MarketCode.safeParse(query.get('market'))
    const { session, bakery } = counter
    const without = [...new Set(query.getAll('no'))].filter((one): one is AllergenCode => codes.has(one)).sort()
    const traces = query.get('traces') === 'ok'
    const question = JSON.stringify([bakery, today(), asked.data, query.get('lang')?.slice(0, 5), without, traces])
    const { states, name, stamp, before } = await withBakery({ session, bakery, seesPrices: false }, async sql => {
      const [stamp, name] = await Promise.all([
        readStamp(sql),
        sql<{ name: string }[]>`select name from bakery`.then(rows => rows[0]?.name ?? ''),
      ])
      const before = name === '' ? null : shownAt(question, stamp)
      return { name, stamp, before, states: name === '' || before ? [] : (await labelStates(sql)).states }
    })
    // its reader was let go, or its session ended: it shows nothing rather than an empty shelf
    if (name === '') return words('This page has ended. Ask at the counter.', 404)
    if (before) return page(before)
    const markets = [...new Set(states.map(one => one.market))]
    const market = asked.success && markets.includes(asked.data) ? asked.data : (markets[0] ?? 'uk')
    const language = languagesOf(market).find(one => one === query.get('lang')) ?? 'en'
    const { renderToStaticMarkup } = await import('react-dom/server')
    const html = renderToStaticMarkup(
      <CounterPage
        bakery={name}
        day={today()}
        market={market}
        markets={markets}
        language={language}
        without={without}
        traces={traces}
        products={states
          .filter(one => one.market === market)
          .map(({ product, state, seal, last }) => ({
            id: product.id,
            name: product.name,
            seal: state === 'signed' ? seal : null,
            at: state === 'signed' ? (last?.at ?? null) : null,
          }))
          .sort((a, b) => a.name.localeCompare(b.name, 'en'))}
      />,
    )
    keepShown(question, stamp, `<!doctype html>${html}`)
    return page(`<!doctype html>${html}`)
  } catch (error) {
    await tellFailure('the counter page failed', error)
    return words('The page cannot be shown just now. Ask at the counter.', 503)
  }
}
