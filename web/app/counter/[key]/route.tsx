// The page for the counter: what is signed, to whoever has its address. Plain HTML without a script; nothing about whoever asks is
// kept.
import { type AllergenCode, allergenCodes, MarketCode } from '@fair-tin/core/model'
import { counterOf, withBakery } from '@fair-tin/data'
import { labelStates } from '../../../labels'
import { tellFailure } from '../../../log'
import { CounterPage, languagesOf } from '../../../screens/counter/CounterPage'

export const dynamic = 'force-dynamic'
const codes = new Set<string>(allergenCodes)
const words = (text: string, status: number) =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } })

export async function GET(request: Request, { params }: { params: Promise<{ key: string }> }): Promise<Response> {
  try {
    const counter = await counterOf((await params).key)
    if (!counter) return words('This page has ended. Ask at the counter.', 404)
    const query = new URL(request.url).searchParams
    const asked = MarketCode.safeParse(query.get('market'))
    const { session, bakery } = counter
    const [{ states }, name] = await withBakery({ session, bakery, seesPrices: false }, async sql =>
      Promise.all([
        labelStates(sql),
        sql<{ name: string }[]>`select name from bakery`.then(rows => rows[0]?.name ?? ''),
      ]),
    )
    // its reader was let go, or its session ended: it shows nothing rather than an empty shelf
    if (name === '') return words('This page has ended. Ask at the counter.', 404)
    const markets = [...new Set(states.map(one => one.market))]
    const market = asked.success && markets.includes(asked.data) ? asked.data : (markets[0] ?? 'uk')
    const language = languagesOf(market).find(one => one === query.get('lang')) ?? 'en'
    const { renderToStaticMarkup } = await import('react-dom/server')
    const html = renderToStaticMarkup(
      <CounterPage
        bakery={name}
        market={market}
        markets={markets}
        language={language}
        without={query.getAll('no').filter((one): one is AllergenCode => codes.has(one))}
        traces={query.get('traces') === 'ok'}
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
    return new Response(`<!doctype html>${html}`, {
      headers: {
        'content-type': 'text/html; charset=utf-8',
        'cache-control': 'no-store',
        'referrer-policy': 'no-referrer',
      },
    })
  } catch (error) {
    await tellFailure('the counter page failed', error)
    return words('The page cannot be shown just now. Ask at the counter.', 503)
  }
}
