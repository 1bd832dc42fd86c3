import { describe, expect, it } from 'vitest'
import type { Evidence } from '../model/evidence'
import { lastDayOf, proofOf } from './evidence'
import { isFreeByNature } from './nature'

const paper = (change: Partial<Evidence> = {}): Evidence => ({
  id: 'e',
  kind: 'certificate',
  reference: 'C-1',
  dated: '2026-01-10',
  ...change,
})
const proof = (evidence: Evidence | null, today = '2026-11-24') =>
  proofOf(evidence ? 'e' : undefined, evidence ? [evidence] : [], today)

describe('proofOf', () => {
  it('holds while it is in force, up to and with its last day', () => {
    expect(proof(paper()).proven).toBe(true)
    expect(proof(paper({ expires: '2026-11-24' })).proven).toBe(true)
    expect(proof(paper({ expires: '2026-11-23' }))).toMatchObject({
      proven: false,
      fact: 'certificate C-1 ran out on 23 November 2026',
    })
  })
  it('takes nothing as proof that is missing, still to come, or only known', () => {
    expect(proof(null).proven).toBe(false)
    expect(proofOf('lost', [paper()], '2026-11-24')).toMatchObject({
      proven: false,
      fact: 'its proof “lost” is not on file',
    })
    expect(proof(paper({ dated: '2026-11-25' })).proven).toBe(false)
    expect(proof(paper({ kind: 'ownKnowledge' }))).toMatchObject({ proven: false, fact: 'own knowledge is no proof' })
  })
})
describe('isFreeByNature', () => {
  it('knows the plain thing under its names', () => {
    for (const name of ['Water', 'damsons, stoned', 'cherries', 'Eggs', 'fresh strawberries', 'fine sea salt'])
      expect(isFreeByNature({ name }), name).toBe(true)
    expect(isFreeByNature({ name: 'free-range large ones', standsFor: 'egg' })).toBe(true)
  })
  it('knows no compound thing, and nothing off the list', () => {
    for (const name of ['salted caramel', 'egg custard', 'sugar', 'flour', 'cherry brandy'])
      expect(isFreeByNature({ name }), name).toBe(false)
    expect(isFreeByNature({ name: 'water', composition: [{}] })).toBe(false)
    expect(isFreeByNature({ name: 'water' }, ['salt'])).toBe(false)
  })
  it('without an end of its own is gone by so many years by its kind, or as the house has it', () => {
    const paper = (kind: Evidence['kind'], dated: string): Evidence => ({ id: 'e', kind, reference: 'R', dated })
    const holds = (one: Evidence, years = {}) => proofOf('e', [one], '2026-11-24', years).proven
    expect(holds(paper('specification', '2023-11-24'))).toBe(true)
    expect(holds(paper('specification', '2023-11-23'))).toBe(false)
    for (const kind of ['certificate', 'test', 'packLabel'] as const) {
      expect(holds(paper(kind, '2025-11-24')), kind).toBe(true)
      expect(holds(paper(kind, '2025-11-23')), kind).toBe(false)
    }
    expect(holds(paper('test', '2026-11-01'), { test: 0 })).toBe(false)
    expect(holds(paper('test', '2024-12-01'), { test: 2 })).toBe(true)
    expect(proofOf('e', [paper('test', '2024-02-29')], '2026-11-24')).toMatchObject({
      fact: 'test result R of 29 February 2024 has no end of its own, and is too old to go by',
    })
    expect(lastDayOf(paper('test', '2024-02-29'))).toBe('2025-02-28')
  })
})
