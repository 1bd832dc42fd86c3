import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { partKey } from '../model/recipe'
import { billOf } from './bill'
import { circleThrough, partShares, partsNeeded } from './part'

const flour = sampleIngredient('flour')
const sugar = sampleIngredient('sugar')
const blend = sampleRecipe('blend', [sampleLine('flour', 1000)])
const crumb = sampleRecipe('crumb', [sampleLine('part:blend', 300), sampleLine('sugar', 200)])
const cake = sampleRecipe('cake', [sampleLine('part:blend', 540), sampleLine('part:crumb', 250)], { bakeLoss: 0.1 })
const recipes = [cake, crumb, blend]

describe('a part in a circle', () => {
  it('is told before it is made, with the chain that makes it', () => {
    expect(circleThrough(recipes, 'blend', 'cake')).toEqual(['blend', 'cake', 'blend'])
    expect(circleThrough(recipes, 'blend', 'crumb')).toEqual(['blend', 'crumb', 'blend'])
    expect(circleThrough(recipes, 'cake', 'cake')).toEqual(['cake', 'cake'])
  })
  it('is none where the way does not lead back, nor through a kept version of before', () => {
    expect(circleThrough(recipes, 'cake', 'blend')).toBeNull()
    const kept = { ...sampleRecipe('cake@1', [sampleLine('flour', 100)]), version: 1 }
    expect(circleThrough([...recipes, kept], 'blend', 'cake@1')).toBeNull()
  })
  it('agrees with the bill, which finds the same circles after the fact', () => {
    for (const [into, part] of [
      ['blend', 'cake'],
      ['cake', 'blend'],
      ['crumb', 'cake'],
      ['crumb', 'blend'],
    ] as const) {
      const changed = recipes.map(one =>
        one.id === into ? { ...one, lines: [...one.lines, sampleLine(`part:${part}`, 10)] } : one,
      )
      const found = billOf(sampleWorkbook([flour, sugar], changed), into).gaps.some(gap => gap.why === 'circle')
      expect(circleThrough(recipes, into, part) !== null).toBe(found)
    }
  })
})

describe('parts made in bulk', () => {
  const needed = (factor: number, stock: Record<string, number> = {}) =>
    partsNeeded(recipes, [flour, sugar], 'cake', factor, stock)
  it('adds up every use, at any depth, in whole makings, and says what is left for the next bake', () => {
    // 250 g of crumb is half a making of 500 g, but crumb is made whole: 300 g of blend; with 540 g that is 840 g
    expect(needed(1)).toEqual([
      { part: 'crumb', name: 'crumb', needed: 250, unsaid: false, stock: 0, oneMaking: 500, makings: 1, left: 250 },
      { part: 'blend', name: 'blend', needed: 840, unsaid: false, stock: 0, oneMaking: 1000, makings: 1, left: 160 },
    ])
  })
  it('uses the shelf first', () => {
    const [crumbNeed, blendNeed] = needed(1, { crumb: 400, blend: 100 })
    expect(crumbNeed).toMatchObject({ makings: 0, left: 150 })
    expect(blendNeed).toMatchObject({ needed: 540, makings: 1, left: 560 })
  })
  it('always closes: shelf + made = used + left', () => {
    for (const factor of [0.25, 0.5, 1, 2, 7])
      for (const need of needed(factor, { blend: 333 }))
        expect(need.stock + need.makings! * need.oneMaking!).toBeCloseTo(need.needed + need.left!, 6)
  })
  it('says nothing of a part whose weight is not known', () => {
    const hazy = { ...blend, lines: [sampleLine('flour', null)] }
    expect(
      partsNeeded([cake, crumb, hazy], [flour, sugar], 'cake', 1, {}).find(one => one.part === 'blend'),
    ).toMatchObject({
      oneMaking: null,
      makings: null,
      left: null,
    })
  })
})

describe('shares of parts', () => {
  it('are the makings that go in, at any depth, as fractions', () => {
    // half a making of crumb takes 150 g of blend, with 540 g that is 690 g of 1000 g
    expect(
      partShares(recipes, [flour, sugar], 'cake', 2).map(one => [one.part.id, Math.round(one.makings * 1000) / 1000]),
    ).toEqual([
      ['blend', 1.38],
      ['crumb', 1],
    ])
  })
  it('turn round in no circle', () => {
    const self = sampleRecipe('self', [sampleLine('part:self', 10), sampleLine('flour', 10)])
    expect(partShares([self], [flour], 'self', 1)).toEqual([])
  })
})

describe('a part whose amount nobody wrote', () => {
  it('is said, beside what is known of it', () => {
    const hazy = { ...cake, lines: [...cake.lines, sampleLine('part:blend', null)] }
    const needs = partsNeeded([hazy, crumb, blend], [flour, sugar], 'cake', 1, {})
    expect(needs.map(one => [one.part, one.unsaid])).toEqual([
      ['crumb', false],
      ['blend', true],
    ])
    expect(needs[1]!.needed).toBeCloseTo(840)
  })
})

describe('a part frozen at a kept version', () => {
  it('stays as it was while the newest moves on', () => {
    const kept = { ...blend, id: 'blend@1' }
    const newer = { ...blend, lines: [sampleLine('sugar', 1000)] }
    const frozen = sampleRecipe('cake', [{ ...sampleLine('x', 100), of: { recipe: 'blend', version: 1 } }])
    expect(partKey({ recipe: 'blend', version: 1 })).toBe('blend@1')
    const bill = billOf(sampleWorkbook([flour, sugar], [frozen, newer, kept]), 'cake')
    expect(bill.lines.map(line => line.ingredient)).toEqual(['flour'])
    expect(billOf(sampleWorkbook([flour, sugar], [frozen, newer]), 'cake').gaps.map(gap => gap.fact)).toContain(
      'this recipe is no longer there',
    )
  })
})
