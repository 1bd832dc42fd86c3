import { randomLcg, randomNormal } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rulesAsRead } from '../market/market'
import { controlChart, tolerableError, weighedAgainst } from './averageQuantity'

const uk = rulesAsRead('uk')
const packs = fc.array(
  fc.integer({ min: 800, max: 1200 }).map(tenths => tenths / 10),
  { minLength: 1, maxLength: 60 },
)

/** All on one day. */
const once = (grams: number[]) => [{ id: 'a', on: '2026-11-01', grams }]

describe('how short a pack may be', () => {
  // Directive 76/211/EEC, Annex I, 2.4, from memory: each step at its edges
  it.each([
    [5, 0.45],
    [50, 4.5],
    [51, 4.5],
    [100, 4.5],
    [101, 4.545],
    [200, 9],
    [201, 9],
    [300, 9],
    [301, 9.03],
    [500, 15],
    [501, 15],
    [1000, 15],
    [1001, 15.015],
    [4000, 60],
  ])('of %d g: by %d g', (nominal, error) => expect(tolerableError(uk, nominal)).toBeCloseTo(error, 9))
  it('elsewhere this tool has no such figures, and says none', () => {
    expect(tolerableError(rulesAsRead('us'), 100)).toBeNull()
    expect(weighedAgainst(once([100, 101]), 100, rulesAsRead('us'))).toMatchObject({
      days: [{ rules: null }],
      declare: null,
    })
  })
})

describe('the three rules', () => {
  const broken = (grams: number[], nominal = 100) =>
    weighedAgainst(once(grams), nominal, uk)!.days[0]!.rules!.flatMap(one => (one.holds ? [] : [one.rule]))
  const many = (grams: number, count: number) => Array.from({ length: count }, () => grams)
  it('the mean is not under what is declared', () => {
    expect(broken(many(100, 5))).toEqual([])
    expect(broken([99.9, ...many(100, 4)])).toEqual(['mean'])
  })
  it('one in forty may be short by more than the error, and no more', () => {
    expect(broken([95.4, ...many(101, 39)])).toEqual([])
    expect(broken([95.4, 95.4, ...many(101, 39)])).toEqual(['short'])
    expect(broken([95.5, 95.5, ...many(101, 39)])).toEqual([])
    expect(broken([95.4, ...many(101, 20)])).toEqual(['short'])
  })
  it('none by twice as much', () => {
    expect(broken([91, ...many(101, 39)])).toEqual([])
    expect(broken([90.9, ...many(101, 39)])).toEqual(['veryShort'])
  })
  it('of a few packs only what none may be is judged', () => {
    expect(broken([99, 94])).toEqual([])
    expect(broken([90])).toEqual(['veryShort'])
  })
  it('a good day does not make up for a bad one', () => {
    const days = [
      { id: 'good', on: '2026-11-02', grams: many(120, 30) },
      { id: 'bad', on: '2026-11-01', grams: many(99, 5) },
    ]
    const { days: judged, declare } = weighedAgainst(days, 100, uk)!
    expect(judged.map(one => [one.id, one.rules!.every(rule => rule.holds)])).toEqual([
      ['good', true],
      ['bad', false],
    ])
    expect(declare).toBeLessThanOrEqual(99)
  })
  it('nothing weighed says nothing', () => expect(weighedAgainst([], 100, uk)).toBeNull())
})

describe('what could be declared', () => {
  it('holds of these packs, on each day they were weighed, and is never more than they weigh', () => {
    fc.assert(
      fc.property(fc.array(packs, { minLength: 1, maxLength: 4 }), all => {
        const days = all.map((grams, at) => ({ id: `${at}`, on: `2026-11-0${at + 1}`, grams }))
        const { declare, mean, count } = weighedAgainst(days, 100, uk)!
        if (declare === null) return
        expect(count).toBeGreaterThanOrEqual(10)
        expect(declare).toBeLessThanOrEqual(mean)
        for (const { rules } of weighedAgainst(days, declare, uk)!.days)
          for (const rule of rules!) expect(rule.holds, rule.rule).toBe(true)
      }),
    )
  })
  it('fewer than ten packs are too few to say', () =>
    expect(weighedAgainst(once([100, 101, 102, 100, 101, 102, 100, 101, 102]), 100, uk)!.declare).toBeNull())
  it('holds of a hundred times as many that scatter as they do', () => {
    for (const [mean, scatter] of [
      [104, 2],
      [260, 4],
      [52, 2.5],
    ] as const) {
      const next = randomNormal.source(randomLcg(0.7))(mean, scatter)
      const { declare } = weighedAgainst(once(Array.from({ length: 60 }, next)), mean, uk)!
      const batch = Array.from({ length: 6000 }, next)
      const short = batch.filter(one => one < declare! - tolerableError(uk, declare!)!).length / batch.length
      expect(short, `${mean}`).toBeLessThanOrEqual(0.025)
      expect(batch.reduce((sum, one) => sum + one, 0) / batch.length).toBeGreaterThanOrEqual(declare!)
    }
  })
})

describe('the chart', () => {
  const day = (on: string, grams: number[]) => ({ id: on, on, grams })
  it('has its limits three deviations of a mean from the middle, by the scatter within the days', () => {
    // within each day 99 and 101: deviation √2, of a mean of two √2 ÷ √2 = 1
    const chart = controlChart([day('2026-11-02', [99, 101]), day('2026-11-01', [101, 99])])!
    expect(chart.centre).toBe(100)
    expect(chart.points.map(one => [one.on, one.mean, one.from, one.to, one.out])).toEqual([
      ['2026-11-01', 100, 97, 103, false],
      ['2026-11-02', 100, 97, 103, false],
    ])
  })
  it('a day that lies outside is out', () => {
    const quiet = Array.from({ length: 9 }, (_, at) => day(`2026-11-0${at + 1}`, [99.5, 100.5, 99.5, 100.5]))
    const chart = controlChart([...quiet, day('2026-11-20', [105, 106, 105, 106])])!
    expect(chart.points.filter(one => one.out).map(one => one.on)).toContain('2026-11-20')
  })
  it('of single packs nobody knows how they scatter', () =>
    expect(controlChart([day('2026-11-01', [100]), day('2026-11-02', [104])])).toBeNull())
})
