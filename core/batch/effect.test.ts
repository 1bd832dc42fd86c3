// What really went in, judged by the rules for what was planned.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allWeighed, entry, kept, sampleBatch } from '../../tests/fixtures/baked'
import { carrying, sampleIngredient } from '../../tests/fixtures/sample'
import { allergenCodes } from '../model/allergen'
import { marketCodes } from '../model/market'
import { billOf } from '../recipe/bill'
import { asMade } from './asMade'
import { effectsOf, effectWords } from './effect'
import { heldBecause } from './held'
import { firstLot, type LotOnShelf, lotProblem } from './lot'

const batch = sampleBatch({ product: { markets: [...marketCodes] } })
const milk = carrying('milk', 'milk', 'contains')
const swap = (thing = milk, place = 'top#fat') => kept(entry('swapped', { place, to: thing.id, why: 'ran out' }), thing)

describe('a batch as it was made', () => {
  it('is the very same books where all lies within the tolerance', () => {
    expect(asMade(batch, [])).toBe(batch.books)
    expect(asMade(batch, allWeighed())).toBe(batch.books)
    expect(effectsOf(batch, allWeighed())).toEqual([])
    expect(heldBecause(batch, allWeighed(), [])).toEqual([])
  })
  it('weighs what was weighed: its bill is the grams that went in, also inside a part', () => {
    const off = [
      kept(entry('weighed', { place: 'blend#teff', grams: 450, by: 'scale', why: 'slipped' })),
      kept(entry('amount', { place: 'top#fat', grams: 400, why: 'less fat' })),
    ]
    const made = asMade(batch, off)
    const bill = billOf(made, 'top', { factor: 2 })
    const grams = (id: string) => bill.lines.find(one => one.ingredient === id)!.grams
    expect(grams('fat')).toBeCloseTo(400, 9)
    // the same amount of the blend goes in, of which teff is now the larger share
    expect(grams('teff') / grams('rice')).toBeCloseTo(450 / 240, 9)
  })
  it('a little more of one thing leaves the table true within what its market allows; much more does not', () => {
    const of = (value: number) => ({ value, source: 'x' })
    const nutrients = {
      ...sampleIngredient('x').nutrients,
      fat: of(80),
      carbohydrate: of(2),
      sugars: of(1),
      fibre: of(0),
      protein: of(1),
    }
    const rich = sampleBatch({ larder: [sampleIngredient('fat', { nutrients })] })
    const [some, much] = [500, 900].map(grams =>
      effectsOf(rich, [kept(entry('amount', { place: 'top#fat', grams, why: 'more fat' }))]).flatMap(one =>
        one.altered.map(part => part.part),
      ),
    )
    expect(some).not.toContain('nutrition')
    expect(much).toContain('nutrition')
  })
  it('grown evenly it is the same food', () => {
    const grown = [
      kept(entry('weighed', { place: 'top#fat', grams: 539, by: 'scale' })),
      kept(entry('rescaled', { factor: 1.1, why: 'too much fat' })),
    ]
    expect(effectsOf(batch, grown)).toEqual([])
  })
  it('leaves out what was left out', () => {
    const made = asMade(batch, [kept(entry('amount', { place: 'top#seeds', grams: 0, why: 'forgotten' }))])
    expect(billOf(made, 'top').lines.some(one => one.ingredient === 'seeds')).toBe(false)
  })
})

describe('what a change does', () => {
  it('milk for the fat: dairy-free breaks in every market, milk is in it, the label is wrong and held', () => {
    const effects = effectsOf(batch, [swap()])
    expect(effects.map(one => one.market).sort()).toEqual([...marketCodes].sort())
    for (const one of effects) {
      expect(one.contains).toEqual(['milk'])
      expect(one.claims).toContainEqual(expect.objectContaining({ now: 'breaks' }))
      expect(one.altered.map(part => part.part)).toContain('ingredients')
      expect(effectWords(one).join(' ')).toMatch(/milk/)
    }
    expect(heldBecause(batch, [swap()], []).length).toBeGreaterThan(0)
  })
  it('of any allergen, in any place, in any way, is never passed over (property)', () => {
    const places = ['top#oil', 'blend#teff', 'blend#rice', 'top#fat', 'top#seeds']
    fc.assert(
      fc.property(
        fc.constantFrom(...allergenCodes),
        fc.constantFrom(...places),
        fc.constantFrom('contains' as const, 'mayContain' as const),
        fc.constantFrom('swapped', 'added', 'splashed'),
        (code, place, status, how) => {
          const thing = carrying('other', code, status)
          const change =
            how === 'swapped'
              ? swap(thing, place)
              : kept(entry('added', { ingredient: 'other', grams: how === 'added' ? 3 : null, why: 'a spoon' }), thing)
          const effects = effectsOf(batch, [...allWeighed(), change])
          expect(effects).toHaveLength(marketCodes.length)
          for (const one of effects) expect(one[status]).toContain(code)
          expect(heldBecause(batch, [...allWeighed(), change], [])).not.toEqual([])
        },
      ),
      { numRuns: 40 },
    )
  })
  it('of something nobody knows anything about, no claim holds', () => {
    const { allergens: _, ...bare } = sampleIngredient('stranger')
    const thing = { ...bare, allergens: {}, evidence: [] }
    const [uk] = effectsOf(batch, [swap(thing)])
    expect(uk!.claims.map(one => one.now)).toEqual(['unproven', 'unproven', 'unproven'])
  })
  it('a word of the method for what was swapped away is not food that went missing', () => {
    const worded = sampleBatch({ recipe: { steps: [{ text: 'Melt the fat.', when: 'bench' }] } })
    const butter = sampleIngredient('margarine')
    const [uk] = effectsOf(worded, [swap(butter)])
    expect(uk!.claims).toEqual([])
    expect(uk!.altered.map(one => one.part)).toEqual(['ingredients'])
  })
})

describe('what was weighed in', () => {
  const weighed = (place: string, grams: number, of?: string) =>
    kept(entry('weighed', { place, grams, by: 'scale', ...(of ? { of } : {}) }))
  const nut = carrying('nut', 'almond', 'contains')
  it('stays in, whatever is swapped, struck, taken from the shelf or made after all afterwards (property)', () => {
    const things = [milk, nut]
    const place = fc.constantFrom('top#fat', 'blend#teff', 'top#seeds', 'top#blend', 'nowhere#line')
    const step = fc.oneof(
      fc.record({ kind: fc.constant('swap' as const), place, to: fc.constantFrom(...things) }),
      fc.record({ kind: fc.constant('weigh' as const), place, grams: fc.integer({ min: 1, max: 900 }) }),
      fc.record({ kind: fc.constant('shelf' as const), from: fc.boolean() }),
      fc.record({ kind: fc.constant('strike' as const), which: fc.nat(20) }),
      fc.record({ kind: fc.constant('leave out' as const), place }),
    )
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), steps => {
        const all: ReturnType<typeof kept>[] = []
        const there = new Map<string, string>()
        /** Allergens that were put in, by the entry that put them in. */
        const went = new Map<string, 'milk' | 'almond'>()
        for (const one of steps) {
          if (one.kind === 'swap') {
            there.set(one.place, one.to.id)
            all.push(swap(one.to, one.place))
          } else if (one.kind === 'weigh') {
            const of = there.get(one.place)
            const put = weighed(one.place, one.grams, of)
            all.push(put)
            if (of) went.set(put.entry.id, of === 'milk' ? 'milk' : 'almond')
          } else if (one.kind === 'shelf') all.push(kept(entry('shelf', { part: 'blend', from: one.from })))
          else if (one.kind === 'leave out')
            all.push(kept(entry('amount', { place: one.place, grams: 0, why: 'forgotten' })))
          else {
            const slip = all[one.which % Math.max(1, all.length)]
            if (!slip || slip.entry.kind === 'struck') continue
            all.push(kept(entry('struck', { of: slip.entry.id, why: 'a slip' })))
            went.delete(slip.entry.id)
            if (slip.entry.kind === 'swapped') there.delete(slip.entry.place)
          }
        }
        if (went.size === 0) return
        const [uk] = effectsOf(batch, all).filter(one => one.market === 'uk')
        for (const code of went.values()) expect(uk?.contains).toContain(code)
        expect(heldBecause(batch, all, [])).not.toEqual([])
      }),
      { numRuns: 150 },
    )
  })
  it('of what stands in no line is nobody’s guess: it holds the batch, and no claim holds over it', () => {
    const stray = weighed('nowhere#line', 30)
    expect(heldBecause(batch, [stray], []).join()).toContain('stands in no line')
    expect(effectsOf(batch, [stray])[0]!.claims.map(one => one.now)).toEqual(['unproven', 'unproven', 'unproven'])
  })
  it('holds the batch where its facts cannot be read, also where nothing is claimed', () => {
    const plain = sampleBatch({ product: { claims: [] } })
    for (const blind of [
      kept(entry('swapped', { place: 'top#fat', to: 'lost', why: 'ran out' })),
      kept(entry('added', { ingredient: 'lost', grams: null, why: 'a splash' })),
      weighed('top#fat', 10, 'lost'),
    ])
      expect(heldBecause(plain, [blind], []).join()).toContain('What is in lost is not known')
  })
  it('counts as weighed once the batch is finished, also where too little went in', () => {
    const end = kept(entry('finished', { grams: 900, pieces: 24, broken: 0, keptBack: 0 }))
    const fat = (entries: ReturnType<typeof kept>[]) =>
      billOf(asMade(batch, entries), 'top', { factor: 2 }).lines.find(one => one.ingredient === 'fat')!.grams
    expect(fat([weighed('top#fat', 200)])).toBeCloseTo(490, 9)
    expect(fat([weighed('top#fat', 200), end])).toBeCloseTo(200, 9)
  })
  it('and what became known of it since holds it: an allergen that its label does not name', () => {
    const now = batch.books.ingredients.map(one =>
      one.id === 'seeds' ? { ...carrying('seeds', 'sesame', 'mayContain'), version: 2 } : one,
    )
    expect(heldBecause(batch, allWeighed(), [], batch.books.ingredients)).toEqual([])
    expect(heldBecause(batch, allWeighed(), [], now).join()).toMatch(/may contain sesame/i)
    // what is not in it any more says nothing of it
    const without = [
      ...allWeighed().slice(0, 4),
      kept(entry('amount', { place: 'top#seeds', grams: 0, why: 'forgotten' })),
    ]
    expect(heldBecause(batch, without, [], now).join()).not.toMatch(/sesame/i)
  })
})

describe('a lot', () => {
  const lot = (change: Partial<LotOnShelf> = {}): LotOnShelf => ({
    id: 'l1',
    lot: 'TM-7',
    ingredient: 'fat',
    left: 500,
    ...change,
  })
  const fat = { id: 'fat', name: 'fat' }
  it('is stopped where it is another thing, held, or past its date; and not on its last day', () => {
    expect(lotProblem(lot(), fat, '2026-11-24')).toBeNull()
    expect(lotProblem(lot({ useBy: '2026-11-24' }), fat, '2026-11-24')).toBeNull()
    expect(lotProblem(lot({ useBy: '2026-11-23' }), fat, '2026-11-24')).toContain('past its date')
    expect(lotProblem(lot({ held: 'recalled' }), fat, '2026-11-24')).toContain('recalled')
    expect(lotProblem(lot({ ingredient: 'wheat' }), fat, '2026-11-24', 'wheat flour')).toContain('wheat flour')
  })
  it('that is to be used first is offered, of those that may be', () => {
    const lots = [
      lot({ id: 'a', useBy: '2026-11-01' }),
      lot({ id: 'b', useBy: '2027-02-01' }),
      lot({ id: 'c', useBy: '2027-01-01' }),
      lot({ id: 'd', left: 0 }),
    ]
    expect(firstLot(lots, fat, '2026-11-24')?.id).toBe('c')
    expect(firstLot([lots[0]!], fat, '2026-11-24')).toBeNull()
  })
  it('held after it went in holds what was made of it', () => {
    const used = kept(entry('weighed', { place: 'top#fat', grams: 490, lot: 'l1', by: 'scale' }))
    expect(heldBecause(batch, [used], [lot()])).toEqual([])
    expect(heldBecause(batch, [used], [lot({ held: 'recalled by its maker' })]).join()).toContain('recalled')
    expect(heldBecause(batch, [used], [lot({ ingredient: 'rice' })]).join()).toContain('rice')
    expect(heldBecause(batch, [used], [])).toHaveLength(1)
  })
  it('a limit for safety that was not met holds it until it is', () => {
    const check = (passed: boolean, value: number) =>
      kept(
        entry('checked', { what: 'core temperature', step: 'top#step 1', value, unit: '°C', passed, critical: true }),
      )
    expect(heldBecause(batch, [check(false, 84)], [])).toEqual(['core temperature 84 °C: not met.'])
    expect(heldBecause(batch, [check(false, 84), check(true, 94)], [])).toEqual([])
  })
})
