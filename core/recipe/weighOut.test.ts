import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { billOf } from './bill'
import { bakersPercentages, massesOf } from './masses'
import { eggsApart, weighingTolerance, weighOn, weighOut, wholePieces } from './weighOut'

const bench = { capacity: 15000, resolution: 1 }
const small = { capacity: 500, resolution: 0.1 }

describe('a weight on the scales there are', () => {
  it('2 g of gum: take the small scale', () => {
    expect(weighOn(2, [bench, small])).toMatchObject({ grams: 2, scale: small })
    expect(weighOn(2, [bench, small]).say).toMatch(/^Take the 0\.1 g scale: the 1 g scale can be out by 25 %/)
  })
  it('takes the quickest that is fine enough, and says nothing then', () => {
    expect(weighOn(408.4, [small, bench])).toMatchObject({ grams: 408, scale: bench, say: null, times: 1 })
    expect(weighOn(20, [bench])).toMatchObject({ scale: bench, say: null })
  })
  it('over every capacity: in several goes', () => {
    const shown = weighOn(32_000.4, [bench, small])
    expect(shown).toMatchObject({ grams: 32000, times: 3, scale: bench })
    expect(shown.say).toContain('3 goes')
  })
  it('too little for any: never rounded away, and said how', () => {
    expect(weighOn(0.3, [bench])).toMatchObject({ grams: 0.3, scale: null })
    expect(weighOn(0.3, [bench]).say).toContain('take a tenth')
    expect(weighOn(1.4, [bench]).say).toContain('a finer scale is wanted')
  })
  it('without a scale, or without a weight, stays exact', () => {
    expect(weighOn(123.456, [])).toMatchObject({ grams: 123.456, scale: null, say: null })
    expect(weighOn(0, [bench]).say).toBeNull()
  })
  it('never moves a weight by more than the tolerance without saying so', () => {
    const scale = fc.record({
      capacity: fc.constantFrom(200, 500, 3000, 15000),
      resolution: fc.constantFrom(0.01, 0.1, 0.5, 1, 2, 5),
    })
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 60000, noNaN: true }),
        fc.array(scale, { minLength: 1, maxLength: 3 }),
        (grams, scales) => {
          const shown = weighOn(grams, scales)
          expect(shown.grams).toBeGreaterThan(0)
          expect(shown.grams / grams - 1).toBeCloseTo(shown.off, 9)
          if (Math.abs(shown.off) > weighingTolerance + 1e-9) expect(shown.say).not.toBeNull()
        },
      ),
    )
  })
})

const egg = sampleIngredient('egg', {
  name: 'eggs',
  measures: [{ each: { medium: 44, large: 50 } }, { form: 'yolk', each: { large: 17 } }],
})
const flour = sampleIngredient('brown-rice-flour', { name: 'brown rice flour' })
const plums = sampleIngredient('plums', { measures: [{ ediblePart: 0.94 }] })

describe('whole eggs', () => {
  const counted = (value: number) => ({ amount: { value, unit: 'each' as const, size: 'large' as const } })
  const recipe = sampleRecipe('bun', [
    sampleLine('egg', 0, counted(2)),
    sampleLine('egg', 0, { ...counted(1), role: 'finish' }),
    sampleLine('egg', 0, { ...counted(2), form: 'yolk' }),
    sampleLine('brown-rice-flour', 216),
  ])
  const at = (factor: number) =>
    wholePieces(billOf(sampleWorkbook([egg, flour], [recipe]), 'bun', { factor }), [egg, flour])
  it('offers one fewer and one more, with what each does to the batch', () => {
    const [eggs, yolks] = at(0.5)
    expect(eggs).toMatchObject({ exact: 75, pieceGrams: 50, pieces: 1.5, crack: 2, keep: 25 })
    expect(eggs!.fewer).toMatchObject({ pieces: 1, grams: 50 })
    expect(eggs!.more).toMatchObject({ pieces: 2, grams: 100 })
    // the batch is 75 + 17 + 108 = 200 g going in
    expect(eggs!.more.batchOff).toBeCloseTo(25 / 200)
    expect(eggs!.fewer.off).toBeCloseTo(-1 / 3)
    expect(yolks).toMatchObject({ name: 'eggs, yolk', pieceGrams: 17, pieces: 1 })
  })
  it('asks nothing where the count is whole', () =>
    expect(at(1)[0]).toMatchObject({ pieces: 3, keep: 0, fewer: { pieces: 3, off: 0 }, more: { pieces: 3 } }))
})

describe('yolks and whites apart', () => {
  const hen = sampleIngredient('egg', {
    name: 'eggs',
    measures: [{ each: { large: 50 } }, { form: 'yolk', each: { large: 17 } }, { form: 'white', each: { large: 33 } }],
  })
  const wanting = (yolks: number, whites: number) => {
    const one = (value: number, form: string) =>
      sampleLine('egg', 0, { form, amount: { value, unit: 'each', size: 'large' } })
    const recipe = sampleRecipe('custard', [one(yolks, 'yolk'), one(whites, 'white'), sampleLine('egg', 50)])
    return eggsApart(billOf(sampleWorkbook([hen], [recipe]), 'custard'), [hen])
  }
  it('cracks enough for both, and says what is left of each', () => {
    expect(wanting(4, 1)).toEqual([{ ingredient: 'egg', crack: 4, yolksLeft: 0, whitesLeft: 99 }])
    expect(wanting(2, 2.5)).toEqual([{ ingredient: 'egg', crack: 3, yolksLeft: 17, whitesLeft: 16.5 }])
  })
  it('always closes: cracked = wanted + left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (yolks, whites) => {
          const [{ crack, yolksLeft, whitesLeft }] = wanting(yolks, whites) as [ReturnType<typeof eggsApart>[number]]
          expect(crack * 50).toBeCloseTo(yolks * 17 + whites * 33 + yolksLeft + whitesLeft, 6)
          expect(Math.min(yolksLeft, whitesLeft)).toBeGreaterThanOrEqual(-1e-6)
        },
      ),
    )
  })
})

describe('four weights', () => {
  const recipe = sampleRecipe(
    'cake',
    [
      sampleLine('plums', 470),
      sampleLine('brown-rice-flour', 300),
      sampleLine('water', 500, { role: 'drained' }),
      sampleLine('egg', 50, { afterBake: true }),
      sampleLine('plums', 100, { role: 'beside' }),
    ],
    { bakeLoss: 0.1 },
  )
  const water = sampleIngredient('water')
  const ingredients = [plums, flour, water, egg]
  const bill = billOf(sampleWorkbook(ingredients, [recipe]), 'cake')
  it('stand beside each other for every line', () => {
    const { lines } = massesOf(bill, ingredients)
    expect(
      lines.map(({ bought, prepared, goesIn, finished }) => [bought, prepared, goesIn, finished].map(Math.round)),
    ).toEqual([
      [500, 470, 470, 423],
      [300, 300, 300, 270],
      [500, 500, 0, 0],
      [50, 50, 50, 50],
    ])
  })
  it('always close, and agree with the bill', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 500, noNaN: true }), factor => {
        const scaled = billOf(sampleWorkbook(ingredients, [recipe]), 'cake', { factor })
        const { total, trimmed, drained, waterLost } = massesOf(scaled, ingredients)
        expect(total.bought).toBeCloseTo(total.finished + trimmed + drained + waterLost, 6)
        expect(total.prepared).toBeCloseTo(scaled.ingoing, 6)
        expect(total.finished).toBeCloseTo(scaled.finished, 6)
        expect(waterLost).toBeCloseTo(scaled.waterLost, 6)
      }),
    )
  })
  it('baker’s percentages stand on the flour', () => {
    expect(bakersPercentages(bill, ingredients).map(share => share && Math.round(share * 100))).toEqual([
      157,
      100,
      167,
      17,
      null,
    ])
    expect(weighOut(bill, [bench]).map(one => one.at)).toEqual([0, 1, 2, 3])
  })
})
