import { assess } from '@fair-tin/core/assess'
import { marketsServed } from '@fair-tin/core/market'
import { paperWords, proofOfClaims } from '@fair-tin/core/seal'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from './workbook'

const book = demoWorkbook('2026-11-26')

describe('the proof of a claim', () => {
  it('names every component of the bill once, and loses no fact, paper or mend', () => {
    for (const market of marketsServed)
      for (const { id } of book.products) {
        const { claims, bill } = assess(book, id, market)
        for (const [at, proof] of proofOfClaims(claims).entries()) {
          const all = [...proof.components, ...proof.kitchen]
          const keys = proof.components.map(one => one.path.join(' → '))
          expect(keys.length, `${id} ${proof.name}`).toBeGreaterThanOrEqual(new Set(keys).size)
          for (const { reason, verdict } of [...claims[at]!.grounds, ...claims[at]!.kitchenGrounds]) {
            const one = all.find(
              of =>
                of.path.join('/') === reason.path.map(step => step.name).join('/') && of.facts.includes(reason.fact),
            )
            expect(one, `${id} ${proof.name}: ${reason.fact}`).toBeDefined()
            if (reason.evidence) expect(one!.papers.map(paper => paper.words)).toContain(paperWords(reason.evidence))
            if (reason.mend) expect(one!.mends).toContain(reason.mend)
            if (verdict === 'breaks') expect(one!.verdict).toBe('breaks')
          }
          // where it holds every line of the bill that touches the food has its reason
          if (proof.verdict === 'holds' && ['dairyFree', 'eggFree', 'vegan'].includes(proof.claim)) {
            const said = new Set(proof.components.map(one => one.path.at(-1)))
            for (const line of bill.lines)
              if (line.role !== 'beside')
                expect(said, `${id} ${proof.name}`).toContain(
                  book.ingredients.find(one => one.id === line.ingredient)!.name,
                )
          }
        }
      }
  })
  it('tells a paper by kind, number, days and reviewer', () =>
    expect(
      paperWords({
        id: 'a',
        kind: 'certificate',
        reference: 'C-9',
        dated: '2026-05-02',
        reviewed: '2026-05-04',
        reviewedBy: 'Nell',
        expires: '2027-05-02',
      }),
    ).toMatch(/C-9, dated 2 May 2026, reviewed by Nell on 4 May 2026, in force to 2 May 2027$/))
})
