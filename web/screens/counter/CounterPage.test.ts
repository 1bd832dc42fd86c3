import { labelNameOf } from '@fair-tin/core/label'
import { rulesAsRead } from '@fair-tin/core/market'
import { allergenCodes, marketCodes } from '@fair-tin/core/model'
import fc from 'fast-check'
import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { CounterPage, languagesOf } from './CounterPage'

const page = (
  market: (typeof marketCodes)[number],
  of: { contains: string[]; mayContain: string[] } | null,
  without: string[],
  language: 'en' | 'fr' = 'en',
) =>
  renderToStaticMarkup(
    createElement(CounterPage, {
      bakery: 'Test Bakehouse',
      day: '2026-11-26',
      market,
      markets: [market],
      language,
      without: without as never,
      traces: false,
      products: [
        { id: 'slab', name: 'Slab', seal: of && ({ ...of, says: [] } as never), at: of && '2026-11-26T10:00:00.000Z' },
      ],
    }),
  )
/** Of the one product, without the form above it. */
const said = (html: string) => html.slice(html.indexOf('<li>'), html.indexOf('</li>'))

it('names every allergen that is signed, however many, and every one that does not suit', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...marketCodes),
      fc.subarray([...allergenCodes]),
      fc.subarray([...allergenCodes]),
      (market, contains, mayContain) => {
        const rules = rulesAsRead(market)
        const declared = new Set(rules.allergens.groups.flatMap(group => group.codes))
        const label = (code: (typeof allergenCodes)[number]) => labelNameOf(code, rules)
        const inIt = contains.filter(code => declared.has(code))
        const may = mayContain.filter(code => declared.has(code) && !contains.includes(code))
        const of = { contains: inIt, mayContain: may }
        const all = said(page(market, of, []))
        for (const code of [...inIt, ...may]) expect(all).toContain(label(code))
        if (inIt.length === 0) expect(all).toContain('Contains none of the allergens a label must name.')
        const asked = [...inIt, ...may]
        const answer = said(page(market, of, asked))
        for (const code of asked) expect(answer).toContain(label(code))
        expect(answer.includes('Does not suit')).toBe(asked.length > 0)
      },
    ),
    { numRuns: 60 },
  )
})
it('says nothing of what is not signed but to ask', () => {
  const html = page('uk', null, ['milk'])
  expect(said(html)).toContain('Ask us:')
  expect(said(html)).not.toMatch(/Suits|Contains/)
  expect(html).not.toContain('<script')
})
it('speaks French where labels must, and loses no allergen by it', () => {
  const french = rulesAsRead('ca').second!
  fc.assert(
    fc.property(fc.subarray([...allergenCodes], { minLength: 1 }), codes => {
      const declared = new Set(rulesAsRead('ca').allergens.groups.flatMap(group => group.codes))
      const inIt = codes.filter(code => declared.has(code))
      const html = page('ca', { contains: inIt, mayContain: [] }, [], 'fr')
      expect(html).toContain('<html lang="fr')
      const all = said(html)
      for (const code of inIt) expect(all).toContain(french.labelNames[code] ?? labelNameOf(code, rulesAsRead('ca')))
      expect(all.includes('Contient ')).toBe(inIt.length > 0)
      // no English word of the page itself is left over
      expect(html.replace(/Test Bakehouse|Slab|English/g, '')).not.toMatch(/Signed|Contains|Ask us|Suits|kitchen/)
    }),
    { numRuns: 40 },
  )
  expect(languagesOf('uk')).toEqual(['en'])
  for (const market of marketCodes) expect(languagesOf(market)[0]).toBe('en')
})
