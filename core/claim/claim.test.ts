import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { AllergenStatus } from '../model/allergen'
import type { ClaimCode, NamedClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'

const all: NamedClaim[] = ['glutenFree', 'dairyFree', 'eggFree', 'nutFree', 'vegan', 'noAddedSugar']
const claimed = (
  ingredients: Ingredient[],
  claims: ClaimCode[] = all,
  change: (workbook: Workbook) => Workbook = same => same,
) =>
  Object.fromEntries(
    assess(
      change(
        sampleWorkbook(
          ingredients,
          [
            sampleRecipe(
              'top',
              ingredients.map(one => sampleLine(one.id, 100)),
            ),
          ],
          { claims },
        ),
      ),
      'cake',
      'uk',
    ).claims.map(claim => [claim.claim, claim]),
  )
const verdicts = (...args: Parameters<typeof claimed>) =>
  Object.fromEntries(Object.entries(claimed(...args)).map(([claim, result]) => [claim, result.verdict]))

describe('claims', () => {
  it('all hold where all is proven', () =>
    expect(new Set(Object.values(verdicts([sampleIngredient('flour')])))).toEqual(new Set(['holds'])))
  it('adding a line never improves an absence claim', () => {
    const rank = { holds: 0, unproven: 1, breaks: 2 }
    const statuses = fc.constantFrom<AllergenStatus>('contains', 'mayContain', 'free', 'unknown')
    const ingredient = fc
      .record({
        milk: statuses,
        wheat: statuses,
        egg: statuses,
        almond: statuses,
        evidence: fc.constantFrom('spec', 'lost', undefined),
        figure: fc.constantFrom(undefined, 0, 10, 20, 50),
        animal: fc.constantFrom<('honey' | 'egg')[] | undefined>(undefined, [], ['honey']),
        named: fc.constantFrom('flour', 'ghee', 'water'),
      })
      .map(({ milk, wheat, egg, almond, evidence, figure, animal, named }): Ingredient => {
        const sample = sampleIngredient(named)
        const fact = (status: AllergenStatus) => ({ status, ...(evidence ? { evidence } : {}) })
        return {
          ...sample,
          id: `${named}-${Math.random()}`,
          allergens: {
            ...sample.allergens,
            milk: fact(milk),
            wheat: fact(wheat),
            egg: fact(egg),
            almond: fact(almond),
          },
          traits: { ...sample.traits, ...(animal ? { animal } : {}) },
          ...(figure === undefined ? {} : { gluten: { atMostMgPerKg: figure, ...(evidence ? { evidence } : {}) } }),
        }
      })
    fc.assert(
      fc.property(fc.array(ingredient, { minLength: 1, maxLength: 4 }), ingredient, (some, one) => {
        const [before, after] = [verdicts(some), verdicts([...some, one])]
        for (const claim of ['dairyFree', 'eggFree', 'nutFree', 'vegan'] as const)
          expect(rank[after[claim]!]).toBeGreaterThanOrEqual(rank[before[claim]!])
      }),
      { numRuns: 150 },
    )
  })
})

describe('dairy-free', () => {
  const dairy = (ingredient: Ingredient, change?: (workbook: Workbook) => Workbook) =>
    claimed([sampleIngredient('flour'), ingredient], ['dairyFree'], change).dairyFree!
  it('breaks on contains and on may contain', () => {
    expect(dairy(carrying('whey', 'milk', 'contains')).verdict).toBe('breaks')
    expect(dairy(carrying('drops', 'milk', 'mayContain')).verdict).toBe('breaks')
  })
  it('is unproven where nobody knows, the proof ran out, or the words disagree', () => {
    expect(dairy(carrying('drops', 'milk', 'unknown')).verdict).toBe('unproven')
    expect(
      dairy(
        sampleIngredient('drops', {
          evidence: [{ id: 'spec', kind: 'specification', reference: 'S', dated: '2025-01-01', expires: '2026-11-23' }],
        }),
      ).verdict,
    ).toBe('unproven')
    expect(
      dairy(
        sampleIngredient('drops', {
          evidence: [{ id: 'spec', kind: 'ownKnowledge', reference: 'S', dated: '2025-01-01' }],
        }),
      ).verdict,
    ).toBe('unproven')
    expect(dairy(sampleIngredient('paneer cubes')).because[0]!.fact).toContain('paneer')
  })
  it('is unproven where the kind says milk and the status says free, and not vegan by a mere may-contain', () => {
    const kind = sampleIngredient('crisp', { traits: { ...sampleIngredient('x').traits, animal: ['milk'] } })
    expect(dairy(kind)).toMatchObject({
      verdict: 'unproven',
      because: [{ fact: 'its kind says it is made from milk, yet it is put down as free of it' }],
    })
    const spread = carrying('spread', 'milk', 'mayContain', {
      composition: [{ name: 'rapeseed oil' }, { name: 'whey powder' }],
    })
    expect(claimed([spread], ['vegan', 'dairyFree'])).toMatchObject({
      vegan: { verdict: 'unproven' },
      dairyFree: { verdict: 'breaks' },
    })
  })
  it('is unproven in a kitchen that was not assessed, or only cleans', () => {
    const kitchen = (crossContact: Workbook['kitchen']['crossContact']) => (workbook: Workbook) => ({
      ...workbook,
      kitchen: { ...workbook.kitchen, crossContact },
    })
    expect(dairy(sampleIngredient('salt'), kitchen([])).verdict).toBe('unproven')
    expect(
      dairy(sampleIngredient('salt'), kitchen([{ allergen: 'milk', control: 'cleaned', evidence: 'review' }])).verdict,
    ).toBe('unproven')
    expect(
      dairy(sampleIngredient('salt'), kitchen([{ allergen: 'milk', control: 'notOnSite', evidence: 'lost' }])).verdict,
    ).toBe('unproven')
    expect(
      dairy(sampleIngredient('salt'), kitchen([{ allergen: 'milk', control: 'separated', evidence: 'review' }]))
        .verdict,
    ).toBe('holds')
  })
  it('takes nature for proof only where someone says free', () => {
    const water = sampleIngredient('water', { evidence: [] })
    expect(dairy({ ...water, allergens: { milk: { status: 'free' } } }).verdict).toBe('holds')
    expect(dairy({ ...water, allergens: {} }).verdict).toBe('unproven')
    expect(
      dairy({ ...sampleIngredient('flavouring', { evidence: [] }), allergens: { milk: { status: 'free' } } }).verdict,
    ).toBe('unproven')
  })
})

describe('gluten-free', () => {
  const gluten = (ingredients: Ingredient[], change?: (workbook: Workbook) => Workbook) =>
    claimed(ingredients, ['glutenFree'], change).glutenFree!
  const figure = (id: string, atMostMgPerKg: number, change: Partial<Ingredient> = {}) =>
    sampleIngredient(id, { gluten: { atMostMgPerKg, evidence: 'spec' }, ...change })
  it('breaks on a gluten cereal, however little', () =>
    expect(gluten([sampleIngredient('flour'), carrying('spray', 'wheat', 'contains')]).verdict).toBe('breaks'))
  it('breaks on a figure over the limit by itself: dilution never cures', () =>
    expect(
      gluten([...Array.from({ length: 9 }, (_, at) => figure(`i${at}`, 0)), figure('dusty', 21)]).because[0]!.fact,
    ).toContain('dilution never cures'))
  it('holds at the limit, and breaks when the oven takes water', () => {
    const at20 = figure('flour', 20)
    expect(gluten([at20]).verdict).toBe('holds')
    expect(
      gluten([at20], workbook => ({
        ...workbook,
        recipes: workbook.recipes.map(recipe => ({ ...recipe, bakeLoss: 0.1 })),
      })),
    ).toMatchObject({ verdict: 'breaks', because: [{ fact: expect.stringContaining('22.2 mg/kg') }] })
  })
  it('is unproven without a figure, without its proof, or without the kitchen', () => {
    const { gluten: _, ...bare } = sampleIngredient('starch')
    expect(gluten([bare]).verdict).toBe('unproven')
    expect(gluten([figure('starch', 5, { evidence: [] })]).verdict).toBe('unproven')
    expect(
      gluten([figure('starch', 5)], workbook => ({
        ...workbook,
        kitchen: {
          ...workbook.kitchen,
          crossContact: workbook.kitchen.crossContact.filter(record => record.allergen !== 'gluten'),
        },
      })).verdict,
    ).toBe('unproven')
  })
  it('is unproven where the kind says a gluten grain and no cereal is named', () =>
    expect(
      gluten([figure('flour', 5, { traits: { ...sampleIngredient('x').traits, grain: ['gluten'] } })]).verdict,
    ).toBe('unproven'))
  it('takes what is free by nature as 0', () => {
    const { gluten: _, ...water } = sampleIngredient('water', { evidence: [] })
    expect(gluten([figure('flour', 5), water]).verdict).toBe('holds')
  })
  it('never takes nature for proof against a cereal that may be in it', () => {
    const { gluten: _, ...salt } = { ...carrying('salt', 'rye', 'mayContain'), evidence: [] }
    expect(verdicts([{ ...salt, id: 's' }], ['glutenFree']).glutenFree).not.toBe('holds')
    expect(verdicts([sampleIngredient('salt')], ['glutenFree']).glutenFree).toBe('holds')
  })
  it('hears a tell-tale word also where nobody has put down a status', () => {
    const silent = { ...sampleIngredient('barley malt'), allergens: {} }
    const { because, verdict } = claimed([silent], ['glutenFree']).glutenFree!
    expect(verdict).not.toBe('holds')
    expect(because.map(reason => reason.fact).join()).toContain('speaks of barley')
    const ghee = { ...sampleIngredient('ghee'), allergens: {} }
    expect(claimed([ghee], ['dairyFree']).dairyFree!.because.map(reason => reason.fact)).toContain(
      '“ghee” speaks of milk, and nobody has said whether it is there',
    )
  })
  it('allows oats only if specially produced, and with a figure', () => {
    const oats = carrying('oats', 'oats', 'contains')
    expect(gluten([oats]).verdict).toBe('breaks')
    expect(gluten([{ ...oats, oatsSpeciallyProduced: true }]).verdict).toBe('holds')
    const { gluten: _, ...unmeasured } = oats
    expect(gluten([{ ...unmeasured, oatsSpeciallyProduced: true }]).verdict).toBe('unproven')
  })
  it('allows wheat starch without gluten only with a test', () => {
    const starch = carrying('wheat starch', 'wheat', 'contains', { glutenRemoved: true })
    expect(gluten([starch]).verdict).toBe('unproven')
    expect(
      gluten([{ ...starch, evidence: [{ id: 'spec', kind: 'test', reference: 'T', dated: '2026-06-01' }] }]).verdict,
    ).toBe('holds')
  })
  it('takes a flag for what it says and no more: starch freed of gluten is no spelt, special oats are no barley', () => {
    const test = [{ id: 'test', kind: 'test' as const, reference: 'T', dated: '2026-06-01', expires: '2027-06-01' }]
    const freed = (name: string) =>
      verdicts(
        [
          {
            ...carrying(name, 'wheat', 'contains', {
              glutenRemoved: true,
              gluten: { atMostMgPerKg: 5, evidence: 'test' },
            }),
            evidence: [...sampleIngredient('x').evidence, ...test],
          },
        ],
        ['glutenFree'],
      ).glutenFree
    expect([freed('wheat starch'), freed('spelt starch'), freed('wheat and barley starch')]).toEqual([
      'holds',
      'unproven',
      'unproven',
    ])
    const oats = sampleIngredient('malted oat flakes', {
      oatsSpeciallyProduced: true,
      composition: [{ name: 'barley malt' }],
    })
    expect(verdicts([oats], ['glutenFree']).glutenFree).toBe('unproven')
  })
  it('never stands beside a warning of wheat: a figure and a may-contain are settled first', () => {
    expect(verdicts([carrying('flour', 'wheat', 'mayContain')], ['glutenFree']).glutenFree).toBe('unproven')
    const shares = (allergen: 'wheat' | 'oats') =>
      verdicts([sampleIngredient('flour')], ['glutenFree'], book => ({
        ...book,
        kitchen: {
          ...book.kitchen,
          crossContact: book.kitchen.crossContact.map(one =>
            one.allergen === allergen ? { ...one, control: 'shared' as const } : one,
          ),
        },
      })).glutenFree
    expect([shares('wheat'), shares('oats')]).toEqual(['unproven', 'unproven'])
  })
  it('is unproven while a part that goes in has nothing in it', () => {
    const book = sampleWorkbook(
      [sampleIngredient('flour')],
      [
        sampleRecipe('top', [sampleLine('flour', 100), sampleLine('part:icing', 10)]),
        sampleRecipe('icing', [sampleLine('flour', 10, { role: 'beside' })]),
      ],
      { claims: all },
    )
    expect(new Set(assess(book, 'cake', 'uk').claims.map(one => one.verdict))).toEqual(new Set(['unproven']))
  })
  it('is unproven while a weight is missing', () => {
    const workbook = sampleWorkbook(
      [sampleIngredient('flour')],
      [sampleRecipe('top', [sampleLine('flour', 100), sampleLine('flour', null, { role: 'release' })])],
      { claims: ['glutenFree'] },
    )
    expect(assess(workbook, 'cake', 'uk').claims[0]!.verdict).toBe('unproven')
  })
})

describe('claims by what a thing is', () => {
  const trait = (traits: Ingredient['traits'], claim: NamedClaim) =>
    verdicts([sampleIngredient('thing', { traits })], [claim])[claim]
  it('vegan: honey never, may contain shown and not hidden, silence unproven', () => {
    expect(trait({ animal: ['honey'] }, 'vegan')).toBe('breaks')
    expect(trait({}, 'vegan')).toBe('unproven')
    const result = claimed([carrying('butter substitute', 'egg', 'mayContain')], ['vegan']).vegan!
    expect(result.marks).toEqual(['unproven']) // “butter” speaks of milk
    expect(claimed([carrying('spread', 'milk', 'mayContain')], ['vegan']).vegan).toMatchObject({
      verdict: 'holds',
      marks: ['mayContain'],
      note: 'Vegan does not mean free from allergens.',
      because: [{ fact: 'may contain milk' }, {}],
    })
  })
  it('no added sugars: syrups break it; of fruit, purée and milk powder it is asked what they are for', () => {
    for (const kind of ['sugar', 'syrup', 'juiceConcentrate', 'rareSugar'] as const)
      expect(trait({ sweetening: [kind] }, 'noAddedSugar'), kind).toBe('breaks')
    expect(trait({ sweetening: ['polyol'] }, 'noAddedSugar')).toBe('holds')
    expect(trait({}, 'noAddedSugar')).toBe('unproven')
    for (const market of ['uk', 'us'] as const)
      for (const thing of [
        sampleIngredient('pulp', { traits: { sweetening: ['fruitPuree'] } }),
        sampleIngredient('pulp', { traits: { sweetening: ['wholeFruit'] } }),
        sampleIngredient('skimmed milk powder'),
      ])
        for (const [sweetens, verdict] of [
          [undefined, 'unproven'],
          [true, 'breaks'],
          [false, 'holds'],
        ] as const) {
          const line = sampleLine(thing.id, 10, sweetens === undefined ? {} : { sweetens })
          const workbook = sampleWorkbook([thing], [sampleRecipe('top', [line])], { claims: ['noAddedSugar'] })
          const [claim] = assess(workbook, 'cake', market).claims
          expect(claim!.verdict, `${thing.name} ${sweetens} ${market}`).toBe(verdict)
        }
  })
  it('nut-free over pine nuts, coconut or chestnut holds, and says that customers are told', () => {
    const noteOf = (thing: Ingredient, market: 'uk' | 'us' = 'uk') => {
      const book = sampleWorkbook([thing], [sampleRecipe('top', [sampleLine(thing.id, 10)])], { claims: ['nutFree'] })
      const { claims, declaration } = assess(book, 'cake', market)
      expect(
        declaration.statements
          .flat()
          .map(run => run.text)
          .join(''),
      ).not.toContain('tell customers')
      return [claims[0]!.verdict, claims[0]!.note?.split(',')[0] ?? null]
    }
    expect(noteOf(sampleIngredient('flour'))).toEqual(['holds', null])
    expect(noteOf(carrying('kernels', 'pineNut', 'contains'))).toEqual(['holds', 'Pine nuts are in it'])
    expect(noteOf(carrying('flakes', 'coconut', 'mayContain'))).toEqual(['holds', 'Coconut is in it'])
    expect(noteOf(sampleIngredient('chestnut flour'))).toEqual(['holds', 'Chestnut is in it'])
    expect(noteOf(sampleIngredient('water chestnuts'))).toEqual(['holds', null])
    expect(noteOf(carrying('kernels', 'pineNut', 'contains'), 'us')).toEqual(['breaks', null])
  })
  it('vegan is about use: what soaked in whey and was drained is not, whatever is left of it', () => {
    const line = sampleLine('whey', 100, { role: 'drained', leavesNothing: 'review' })
    const workbook = sampleWorkbook(
      [carrying('whey', 'milk', 'contains'), sampleIngredient('flour')],
      [sampleRecipe('top', [sampleLine('flour', 100), line])],
      { claims: ['dairyFree', 'vegan'] },
    )
    expect(assess(workbook, 'cake', 'uk').claims.map(one => one.verdict)).toEqual(['holds', 'breaks'])
  })
  it('has no verdict for a claim without a rule', () =>
    expect(verdicts([sampleIngredient('flour')], ['house:kind'])['house:kind']).toBe('unproven'))
  it('holds nothing of an empty recipe', () =>
    expect(new Set(Object.values(verdicts([])))).toEqual(new Set(['unproven'])))
})

describe('nutrition claims', () => {
  const of = (claim: NamedClaim, nutrients: Ingredient['nutrients']) =>
    verdicts([sampleIngredient('thing', { nutrients: { ...sampleIngredient('x').nutrients, ...nutrients } })], [claim])[
      claim
    ]
  const value = (grams: number) => ({ value: grams, source: 's' })
  it('holds at the threshold and breaks past it', () => {
    expect(of('lowFat', { fat: value(3) })).toBe('holds')
    expect(of('lowFat', { fat: value(3.01) })).toBe('breaks')
    expect(of('sugarFree', { sugars: value(0.5) })).toBe('holds')
    expect(of('highFibre', { fibre: value(6) })).toBe('holds')
    expect(of('highFibre', { fibre: value(5.9) })).toBe('breaks')
  })
  it('judges the worse end of what is known', () =>
    expect(of('lowFat', { fat: { value: 2.9, high: 3.4, source: 's' } })).toBe('breaks'))
  it('judges a claim to hold enough by the least there can be', () => {
    const fibre = (low: number, value: number, high: number) =>
      verdicts(
        [
          sampleIngredient('bran', {
            nutrients: { ...sampleIngredient('x').nutrients, fibre: { value, low, high, source: 'x' } },
          }),
        ],
        ['sourceOfFibre', 'highFibre'],
      )
    expect(fibre(2.9, 3.5, 4)).toEqual({ sourceOfFibre: 'breaks', highFibre: 'breaks' })
    expect(fibre(3, 5.9, 9)).toEqual({ sourceOfFibre: 'holds', highFibre: 'breaks' })
    expect(fibre(6, 6.5, 9)).toEqual({ sourceOfFibre: 'holds', highFibre: 'holds' })
  })
  it('proves nothing from a gap', () => {
    const { fat: _, ...nutrients } = sampleIngredient('x').nutrients
    expect(verdicts([sampleIngredient('thing', { nutrients })], ['lowFat']).lowFat).toBe('unproven')
  })
})
