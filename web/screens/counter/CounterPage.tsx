// What a customer sees: every product with what is signed of it, and what suits somebody who cannot eat something.
import { declaredCodes, labelNameOf } from '@fair-tin/core/label'
import { rulesAsRead, rulesOf } from '@fair-tin/core/market'
import type { AllergenCode, MarketCode } from '@fair-tin/core/model'
import { type Seal, suits } from '@fair-tin/core/seal'
import { capital } from '@fair-tin/core/words'
import { plainWords } from '../labels/plainWords'
import { type CounterLanguage, counterLanguages, languageName } from './counterWords'

export interface CounterProduct {
  id: string
  name: string
  /** Null: nothing is signed, or what was is out of date. */
  seal: Seal | null
  at: string | null
}
interface Props {
  bakery: string
  /** ISO. */
  day: string
  market: MarketCode
  markets: MarketCode[]
  /** One of those the market has. */
  language?: CounterLanguage
  without: AllergenCode[]
  traces: boolean
  products: CounterProduct[]
}
const style = `*{box-sizing:border-box}body{margin:0 auto;max-width:44rem;padding:1rem;font:17px/1.5 system-ui,sans-serif;color:#1c2433;background:#f8f5ec}
h1{font-size:1.5rem;margin:.2rem 0}h2{font-size:1.1rem;margin:0}fieldset{border:1px solid #8a8f9c;border-radius:.5rem;margin:0 0 .8rem;padding:.6rem}
legend{font-weight:700}label{display:inline-flex;align-items:center;gap:.4rem;min-height:2.75rem;margin-right:.9rem}input[type=checkbox]{width:1.4rem;height:1.4rem}
button{font:inherit;font-weight:700;min-height:2.75rem;padding:0 1.2rem;border:0;border-radius:.6rem;background:#7a2e4e;color:#fff}
ul{list-style:none;padding:0;margin:0}li{border-top:1px solid #c9c4b4;padding:.7rem 0}.q{color:#545b69;font-size:.95rem}.y{color:#155a4b}.n{color:#9c2f27}.u{color:#7a4f00}
details summary{min-height:2.75rem;padding:.5rem 0;cursor:pointer}a{color:#7a2e4e}:focus-visible{outline:3px solid #7a2e4e;outline-offset:2px}`

/** The languages a market's labels stand in. */
export const languagesOf = (market: MarketCode): CounterLanguage[] =>
  rulesAsRead(market).second?.language === 'fr' ? ['en', 'fr'] : ['en']

export function CounterPage({ bakery, day, market, markets, language = 'en', without, traces, products }: Props) {
  const rules = rulesOf(market, day)
  const languages = languagesOf(market)
  const words = counterLanguages[language]
  const second = language === 'fr' ? rules.second : null
  const label = (code: AllergenCode) => second?.labelNames[code] ?? labelNameOf(code, rules)
  const query = (change: string) => `?market=${market}&lang=${language}${change}`
  const asking = without.length > 0
  const rank = { yes: 0, no: 1, unknown: 2 }
  const answered = products
    .map(one => ({ one, answer: asking ? suits(one.seal, rules, without, traces) : null }))
    .sort((a, b) => (a.answer && b.answer ? rank[a.answer.suits] - rank[b.answer.suits] : 0))
  return (
    <html lang={second ? second.language : rules.language}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex" />
        <title>{`${words.title} ${bakery}`}</title>
        <style dangerouslySetInnerHTML={{ __html: style }} />
      </head>
      <body>
        <main>
          <p className="q">{bakery}</p>
          <h1>{words.title}</h1>
          {languages.length > 1 && (
            <p className="q">
              {languages.map(one => (
                <span key={one}>
                  {one === language ? (
                    <b>{languageName[one]}</b>
                  ) : (
                    <a href={`?market=${market}&lang=${one}`} hrefLang={one} lang={one}>
                      {languageName[one]}
                    </a>
                  )}{' '}
                </span>
              ))}
            </p>
          )}
          {markets.length > 1 && (
            <p className="q">
              {markets.map(one => (
                <span key={one}>
                  {one === market ? (
                    <b>{rulesAsRead(one).title}</b>
                  ) : (
                    <a href={`?market=${one}`}>{rulesAsRead(one).title}</a>
                  )}{' '}
                </span>
              ))}
            </p>
          )}
          <form method="get">
            <input type="hidden" name="market" value={market} />
            {languages.length > 1 && <input type="hidden" name="lang" value={language} />}
            <fieldset>
              <legend>{words.canI}</legend>
              {declaredCodes(rules).map(code => (
                <label key={code}>
                  <input type="checkbox" name="no" value={code} defaultChecked={without.includes(code)} />
                  {label(code)}
                </label>
              ))}
              <p className="q">
                <label>
                  <input type="checkbox" name="traces" value="ok" defaultChecked={traces} />
                  {words.traces}
                </label>
              </p>
              <button type="submit">{words.show}</button> {asking && <a href={query('')}>{words.everything}</a>}
            </fieldset>
          </form>
          <ul>
            {answered.map(({ one, answer }) => {
              const said = new Map(one.seal?.says.map(part => [part.part, plainWords(part.words)]))
              return (
                <li key={one.id}>
                  <h2>{one.name}</h2>
                  {answer?.suits === 'yes' && (
                    <p className="y">
                      <b>{words.suits}</b> {words.suitsWhy(traces)}
                    </p>
                  )}
                  {answer?.suits === 'no' && (
                    <p className="n">
                      <b>{words.suitsNot}</b>{' '}
                      {[
                        answer.contains.length > 0 ? words.contains(answer.contains.map(label)) : '',
                        answer.mayContain.length > 0 ? words.mayContain(answer.mayContain.map(label)) : '',
                      ]
                        .filter(Boolean)
                        .join('; ')}
                      .
                    </p>
                  )}
                  {answer?.suits === 'unknown' && (
                    <p className="u">
                      <b>{words.askUs}</b> {words[answer.why]}.
                    </p>
                  )}
                  {one.seal ? (
                    <>
                      {!asking && (
                        <p>
                          {one.seal.contains.length > 0
                            ? `${capital(words.contains(one.seal.contains.map(label)))}.`
                            : words.none}{' '}
                          {one.seal.mayContain.length > 0 &&
                            `${capital(words.mayContain(one.seal.mayContain.map(label)))}.`}
                        </p>
                      )}
                      <details>
                        <summary>{words.allItSays}</summary>
                        {['ingredients', 'second language', 'statements'].map(part =>
                          said.has(part as never) ? <p key={part}>{said.get(part as never)}</p> : null,
                        )}
                      </details>
                      <p className="q">{words.signedOn((one.at ?? '').slice(0, 10))}</p>
                    </>
                  ) : (
                    !asking && (
                      <p className="u">
                        <b>{words.ask}</b> {words.unsignedNow}
                      </p>
                    )
                  )}
                </li>
              )
            })}
          </ul>
          <p className="q">{words.foot}</p>
        </main>
      </body>
    </html>
  )
}
