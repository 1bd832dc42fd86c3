import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { carrying, sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import type { Kitchen } from '../model/kitchen'
import type { Workbook } from '../model/workbook'

const flour = sampleIngredient('flour')
const [plain] = [{ ingredients: [flour], lines: [sampleLine('flour', 100)] }]
/** Every problem of a label that has none but for what is changed. */
const problems = (change: Partial<Given>) => labelled({ ...plain, ...change }).problems
const kitchen =
  (of: (kitchen: Kitchen) => Partial<Kitchen>) =>
  (workbook: Workbook): Workbook => ({ ...workbook, kitchen: { ...workbook.kitchen, ...of(workbook.kitchen) } })
const record = (one: Kitchen['crossContact'][number]) =>
  kitchen(({ crossContact }) => ({
    crossContact: [...crossContact.filter(({ allergen }) => allergen !== one.allergen), one],
  }))

// each cause alone brings its own problem, whole, and no other
describe('nothing stands in the way', () => {
  it.each(['uk', 'eu', 'us'] as const)('of a label in order, in %s', market =>
    expect(problems({ market }).filter(one => !/trans fat|added sugars|vitamin/.test(one.what))).toEqual([]),
  )
})

describe('the recipe', () => {
  it('is gone', () =>
    expect(problems({ product: { recipe: 'none' } })).toContainEqual({
      what: 'The recipe of this product is no longer there.',
      mend: 'Choose another recipe.',
    }))
  it('has no lines, or only what is served beside', () => {
    const empty = { what: 'The recipe has no lines yet.', where: 'top', mend: 'Add what goes in.' }
    expect(problems({ lines: [] })).toContainEqual(empty)
    expect(problems({ lines: [sampleLine('flour', 10, { role: 'beside' })] })).toContainEqual(empty)
    expect(
      problems({ lines: [sampleLine('flour', 10, { role: 'beside' }), sampleLine('flour', 1)] }),
    ).not.toContainEqual(empty)
  })
  it('loses nobody knows how much: the usual is offered where its kind has one', () => {
    const { bakeLoss: _, ...unknown } = sampleRecipe('top', plain.lines, { bakeLoss: 0 })
    const asked = (category?: 'brownie' | 'icing') =>
      problems({
        product: { category: category ?? 'candy' },
        change: workbook => ({ ...workbook, recipes: [unknown] }),
      }).filter(one => one.what.startsWith('How much it loses'))
    const what =
      'How much it loses in the oven is not known, so neither is its finished weight, its table nor its shares.'
    expect(asked('brownie')).toEqual([
      {
        what,
        where: 'top',
        mend: 'Weigh a bake in and out. Usual for its kind is 5 % to 8 %: taken over under About, it stands as an assumption. Say 0 if it is not baked.',
      },
    ])
    expect(asked('icing')).toEqual([{ what, where: 'top', mend: 'Weigh a bake in and out. Say 0 if it is not baked.' }])
  })
  it('leaves open which of two is used: of the mix and of a part, not of what is served beside', () => {
    const oil = sampleIngredient('oil')
    const either = (role: 'mix' | 'beside') => sampleLine('flour', 10, { role, alternatives: [{ ingredient: 'oil' }] })
    const open = (where: string) => ({
      what: 'It is open which is used: flour or oil.',
      where,
      mend: 'Settle on one: a label can be of one recipe only.',
    })
    const of = (given: Partial<Given>) =>
      problems({ ingredients: [flour, oil], ...given }).filter(one => one.what.startsWith('It is open'))
    expect(of({ lines: [either('mix')] })).toEqual([open('top')])
    expect(of({ lines: [sampleLine('oil', 5), either('beside')] })).toEqual([])
    expect(
      of({
        lines: [sampleLine('part:base', 10), sampleLine('oil', 5)],
        parts: [sampleRecipe('base', [either('mix')])],
      }),
    ).toEqual([open('base')])
    expect(of({ lines: [sampleLine('flour', 10, { alternatives: [] })] })).toEqual([])
  })
  it('has a line without a weight, and one of something gone', () => {
    expect(problems({ lines: [sampleLine('flour', 10), sampleLine('flour', null)] })).toContainEqual({
      what: 'flour: no amount is written.',
      where: 'flour',
      mend: 'Give it a weight.',
    })
    expect(problems({ lines: [sampleLine('flour', 10), sampleLine('gone', 1)] })).toContainEqual({
      what: 'gone: is no longer in the larder.',
      where: 'gone',
      mend: 'Mend the recipe.',
    })
  })
})

describe('a claim', () => {
  const milky = carrying('cream', 'milk', 'contains')
  it('that breaks says so, with why and what mends it; one that is unproven breaks nothing; one that holds is no problem', () => {
    const broken = problems({
      ingredients: [flour, milky],
      lines: [sampleLine('flour', 10), sampleLine('cream', 10)],
      product: { claims: ['dairyFree', 'eggFree'] },
    }).filter(one => one.where === 'dairy-free' || one.where === 'egg-free')
    expect(broken).toEqual([
      {
        what: 'Dairy-free breaks. Cream: contains milk.',
        weight: 'breaks',
        mend: expect.stringMatching(/./),
        where: 'dairy-free',
      },
    ])
    const [unproven] = problems({
      ingredients: [carrying('cream', 'milk', 'unknown')],
      lines: [sampleLine('cream', 10)],
      product: { claims: ['dairyFree'] },
    }).filter(one => one.where === 'dairy-free')
    expect(unproven!.what).toMatch(/^Dairy-free is unproven\. Cream: /)
    expect(unproven).not.toHaveProperty('weight')
  })
  it('in the name is asked for: not had checked, broken, unproven; one that holds is fine', () => {
    const named = (
      claims: 'dairyFree'[],
      status: 'contains' | 'unknown' | 'free',
      of: object = { name: 'Dairy-free cake' },
    ) =>
      problems({
        ingredients: [carrying('filling', 'milk', status)],
        lines: [sampleLine('filling', 10)],
        product: { ...of, claims },
      }).filter(one => one.what.startsWith('The name says'))
    expect(named([], 'free')).toEqual([
      {
        what: 'The name says “Dairy-free”, and nobody has had that checked.',
        mend: 'Tick the claim under About, or take it out of the name.',
      },
    ])
    expect(named(['dairyFree'], 'contains')).toEqual([
      {
        what: 'The name says “Dairy-free”, and that breaks.',
        weight: 'breaks',
        mend: 'Mend it, or take it out of the name.',
      },
    ])
    expect(named(['dairyFree'], 'unknown')).toEqual([
      { what: 'The name says “Dairy-free”, and that is unproven.', mend: 'Mend it, or take it out of the name.' },
    ])
    expect(named(['dairyFree'], 'free')).toEqual([])
    expect(named([], 'free', { legalName: 'Dairy-free sponge' })).toHaveLength(1)
    expect(named([], 'free', { name: 'Cake' })).toEqual([])
  })
})

describe('what a question alone holds up', () => {
  const asked = (steps: string[], claims: ('nutFree' | 'dairyFree' | 'eggFree')[], ingredient = flour) =>
    problems({
      ingredients: [ingredient],
      product: { claims },
      recipe: { steps: steps.map(text => ({ text, when: 'bench' as const })) },
    })
      .map(one => one.what)
      // what is in it by an unknown weight leaves no table: another matter
      .filter(what => !what.startsWith('The nutrition table'))
  it('is said once, with the question, and with every claim that waits for it', () => {
    // whatever is not known to be out of it may hold anything
    expect(asked(['Scatter with walnuts.'], ['nutFree', 'eggFree'])).toEqual([
      'top: the method speaks of “walnuts”, and no line holds it. Nut-free and egg-free wait for it.',
    ])
    expect(asked(['Scatter with walnuts.'], ['nutFree'])).toEqual([
      'top: the method speaks of “walnuts”, and no line holds it. Nut-free waits for it.',
    ])
    // of two questions a claim waits for one, and is named once
    const two = asked(['Scatter with walnuts.', 'Brush with butter.'], ['nutFree', 'dairyFree', 'eggFree'])
    expect(two).toHaveLength(2)
    for (const name of ['nut-free', 'dairy-free', 'egg-free'])
      expect(two.join(' ').toLowerCase().split(name), name).toHaveLength(2)
  })
  it('of a claim that breaks all the same is said beside the question', () => {
    const what = asked(['Scatter with walnuts.'], ['nutFree'], carrying('flour', 'almond', 'contains'))
    expect(what.some(one => one.startsWith('Nut-free breaks.'))).toBe(true)
    expect(what.some(one => /walnuts/.test(one) && !/waits for it/.test(one))).toBe(true)
  })
  it('another gap is no question: the claim stands by itself', () => {
    const what = problems({
      lines: [sampleLine('flour', 10), sampleLine('gone', 1)],
      product: { claims: ['nutFree'] },
    }).map(one => one.what)
    expect(what.some(one => one.startsWith('Nut-free is unproven.'))).toBe(true)
    expect(what.some(one => /waits for it/.test(one))).toBe(false)
  })
})

describe('allergens', () => {
  it('in conflict are settled in the larder, one thing once', () => {
    const clash = problems({ ingredients: [sampleIngredient('wheat flour')], lines: [sampleLine('wheat flour', 1)] })
    const settle = clash.filter(one => one.mend === 'Settle it in the larder.')
    expect(settle).toHaveLength(1)
    expect(settle[0]).toMatchObject({ what: expect.stringMatching(/^wheat flour: .+\.$/), where: 'wheat flour' })
  })
  it('not settled are counted by name, four and so many more', () => {
    const names = ['a', 'b', 'c', 'd', 'e', 'f'].map(letter => `thing ${letter}`)
    const asked = (count: number) =>
      problems({
        ingredients: names.slice(0, count).map(name => carrying(name, 'celery', 'unknown')),
        lines: names.slice(0, count).map(name => sampleLine(name, 10)),
      }).filter(one => one.what.startsWith('Allergens are not settled'))
    const mend = 'Unknown is not free: ask the suppliers, and put the answers in the larder.'
    expect(asked(0)).toEqual([])
    expect(asked(4)).toEqual([
      {
        about: 'allergens' as const,
        what: 'Allergens are not settled for thing a, thing b, thing c, thing d.',
        where: 'thing a',
        mend,
      },
    ])
    expect(asked(6)).toEqual([
      {
        about: 'allergens' as const,
        what: 'Allergens are not settled for thing a, thing b, thing c, thing d and 2 more.',
        where: 'thing a',
        mend,
      },
    ])
  })
  it('proven by nothing in force', () =>
    expect(
      problems({
        ingredients: [sampleIngredient('flour', { evidence: [{ ...flour.evidence[0]!, expires: '2026-11-01' }] })],
      }),
    ).toEqual([
      {
        about: 'allergens',
        what: expect.stringMatching(
          /^Nothing in force proves what is put down for flour\. Flour: put down as free of .+\.$/,
        ),
        where: 'flour',
        mend: 'Ask the supplier for a current document, and put it in the larder.',
      },
    ]))
  it('whose kind the market wants named', () => {
    const of = (
      name: string,
      code: 'fish' | 'crustaceans',
      market: 'us' | 'uk',
      status: 'contains' | 'free' = 'contains',
    ) =>
      problems({ ingredients: [carrying(name, code, status)], lines: [sampleLine(name, 10)], market }).filter(one =>
        one.what.includes('kind named'),
      )
    const mend = 'Write the kind into its label name or its list in the larder: cod, prawns.'
    expect(of('fish sauce', 'fish', 'us')).toEqual([
      { what: 'Fish sauce contains fish, and this market wants its kind named.', where: 'fish sauce', mend },
    ])
    expect(of('bisque powder', 'crustaceans', 'us')).toEqual([
      {
        what: 'Bisque powder contains Crustacean shellfish, and this market wants its kind named.',
        where: 'bisque powder',
        mend,
      },
    ])
    expect(of('prawn powder', 'crustaceans', 'us')).toEqual([])
    expect(of('stock powder', 'fish', 'us', 'free')).toEqual([])
    expect(of('fish sauce', 'fish', 'uk')).toEqual([])
  })
})

describe('the kitchen', () => {
  it('was never assessed for what the market lists and the food does not contain', () =>
    expect(
      problems({
        change: kitchen(({ crossContact }) => ({
          crossContact: crossContact.filter(one => !['celery', 'pineNut', 'lupin'].includes(one.allergen)),
        })),
      }),
    ).toEqual([
      {
        about: 'allergens' as const,
        what: 'The kitchen was never assessed for celery, lupin.',
        where: 'the kitchen itself',
        mend: 'Assess it under Kitchen: what it may add is unknown, and unknown is not free.',
      },
    ]))
  it('says that something is not on site, and it is', () => {
    const sesame = carrying('tahini', 'sesame', 'contains')
    const change = record({ allergen: 'sesame', control: 'notOnSite', evidence: 'review' })
    expect(problems({ ingredients: [flour, sesame], change })).toEqual([
      {
        what: 'Sesame is put down as not on site, yet tahini contains sesame.',
        where: 'the kitchen itself',
        mend: expect.stringMatching(/./),
      },
    ])
    // what the label says anyway need not be kept out
    expect(
      problems({ ingredients: [flour, sesame], lines: [sampleLine('flour', 9), sampleLine('tahini', 1)], change }),
    ).toEqual([])
  })
  it('is cleaned and not tested', () => {
    const cleaned = (of: Partial<Kitchen['crossContact'][number]> = {}, given: Partial<Given> = {}) =>
      problems({ ...given, change: record({ allergen: 'sesame', control: 'cleaned', ...of }) }).filter(one =>
        one.what.includes('cleaned of'),
      )
    const mend = 'Decide, with someone competent, whether “may contain” is needed.'
    expect(cleaned()).toEqual([{ what: 'The kitchen is cleaned of sesame but not tested.', mend }])
    expect(cleaned({ equipment: 'The mixer' })).toEqual([
      { what: 'The mixer is cleaned of sesame but not tested.', mend },
    ])
    expect(cleaned({ control: 'separated', evidence: 'review' })).toEqual([])
    // it is in it anyway; the market does not list it
    expect(cleaned({}, { ingredients: [carrying('flour', 'sesame', 'contains')] })).toEqual([])
    expect(cleaned({ allergen: 'coconut' })).toEqual([])
    expect(cleaned({ allergen: 'gluten' })).toEqual([])
    expect(cleaned({ control: 'cleanedAndTested', evidence: 'review' })).toEqual([])
  })
  it('shares gluten without saying of which cereal, where no cereal is in it', () => {
    const shared = (given: Partial<Given> = {}, control: 'shared' | 'separated' = 'shared') =>
      problems({ ...given, change: record({ allergen: 'gluten', control, evidence: 'review' }) }).filter(one =>
        one.what.startsWith('The kitchen shares gluten'),
      )
    expect(shared()).toEqual([
      {
        what: 'The kitchen shares gluten, and no cereal is named.',
        mend: 'Put down which cereal is shared, so that the label can warn of it.',
      },
    ])
    expect(shared({}, 'separated')).toEqual([])
    expect(shared({ ingredients: [carrying('flour', 'rye', 'contains')] })).toEqual([])
    expect(shared({ ingredients: [carrying('flour', 'sesame', 'contains')] })).toHaveLength(1)
  })
  it('has no name and address, or none where the market wants one', () => {
    const nobody = kitchen(() => ({ operator: undefined as never }))
    expect(problems({ change: nobody })).toEqual([
      { what: 'The label needs the name and address of the business.', mend: 'Enter them in Kitchen.' },
    ])
    expect(problems({ market: 'eu', change: kitchen(() => ({ operatorIn: {} })) })).toEqual([
      {
        what: 'The label needs the name and address of a business in the European Union (Regulation (EU) 1169/2011, Art. 8(1)).',
        mend: 'Enter them in Kitchen: your own, if you are there, or whoever brings the food in.',
      },
    ])
  })
})

describe('what the label has to say', () => {
  it('an additive without its class, with the usual one where there is one', () => {
    const of = (name: string, change = {}) =>
      problems({ ingredients: [sampleIngredient(name, change)], lines: [sampleLine(name, 1)] })
    expect(of('xanthan gum')).toEqual([
      {
        what: 'Xanthan gum is an additive, and its class is not said.',
        where: 'xanthan gum',
        mend: 'Say it in the larder: thickener, usually.',
      },
    ])
    expect(of('improver', { composition: [{ name: 'substance', eNumber: 'E1234' }] })).toEqual([
      {
        what: 'Substance is an additive, and its class is not said.',
        where: 'improver',
        mend: 'Say it in the larder.',
      },
    ])
  })
  it('a thing whose composition nobody has said', () => {
    const { composition: _, ...unlisted } = sampleIngredient('mystery mix')
    const found = problems({
      ingredients: [flour, unlisted],
      lines: [sampleLine('mystery mix', 9), sampleLine('flour', 1)],
    })
    expect(found.map(one => [one.where, /mystery mix/.test(one.what)])).toContainEqual(['mystery mix', true])
  })
  it('something refused in food', () =>
    expect(
      problems({
        market: 'eu',
        ingredients: [
          sampleIngredient('icing', { composition: [{ name: 'titanium dioxide', functionClass: 'colour' }] }),
        ],
        lines: [sampleLine('icing', 1)],
      }),
    ).toEqual([
      {
        weight: 'breaks',
        what: 'Icing names titanium dioxide (E171), which is refused in food here (Regulation (EU) 2022/63).',
        where: 'icing',
        mend: 'Use something without it.',
      },
    ]))
  it('a date, and a market that it is put down for', () => {
    expect(problems({ product: { keeps: undefined as never } })).toEqual([
      {
        what: 'There is no date mark and no storage advice.',
        mend: 'Say how long it keeps and how. A use-by date needs someone competent, and often a test.',
      },
    ])
    expect(problems({ product: { markets: ['eu'] } })).toEqual([
      {
        what: 'Cake is not put down for sale in this market (United Kingdom).',
        mend: 'Add the market to the product.',
      },
    ])
  })
  it('a table: who lacks what, those that lack the same together', () => {
    const { fat: _f, ...withoutFat } = flour.nutrients
    const { sugars: _s, fat: _g, ...withoutTwo } = flour.nutrients
    const [problem] = problems({
      ingredients: [
        sampleIngredient('rice flour', { nutrients: withoutFat }),
        sampleIngredient('plums', { nutrients: withoutTwo }),
      ],
      lines: [sampleLine('rice flour', 50), sampleLine('plums', 50)],
    }).filter(one => one.what.startsWith('The nutrition table'))
    expect(problem).toEqual({
      what: 'The nutrition table cannot be given. Rice flour, plums: no energy, fat. Plums: no sugars.',
      mend: 'Add the values in the larder.',
    })
  })
  it('a pack whose weight follows the recipe, and the recipe gives none', () => {
    const follows = (recipe: object) =>
      problems({ recipe, product: { weightFollows: true } }).filter(one => one.what.startsWith('What a pack weighs'))
    expect(follows({})).toEqual([
      {
        what: 'What a pack weighs follows the recipe, and the recipe does not say it.',
        mend: 'Say how many pieces one making gives and how much goes in, or write the net weight under About.',
      },
    ])
    expect(follows({ pieces: 2 })).toEqual([])
  })
  it('a share, where the name names it', () => {
    const of = (name: string, market: 'uk' | 'us' = 'uk') =>
      problems({
        ingredients: [sampleIngredient('plums'), flour],
        lines: [sampleLine('plums', 10), sampleLine('flour', 10)],
        product: { name },
        market,
      }).filter(one => one.what.includes('QUID'))
    expect(of('Plum cake')).toEqual([
      {
        about: 'quid' as const,
        what: 'The label needs the share of plums (QUID): it stands in the name.',
        mend: 'Tick it under “In the name or picture”.',
      },
    ])
    expect(of('Cake')).toEqual([])
    expect(of('Plum cake', 'us')).toEqual([])
  })
  it('a pack that weighs what comes out: within a twentieth, over and under', () => {
    const weighed = (netWeight: number, change: Partial<Given> = {}) =>
      problems({ recipe: { pieces: 2, bakeLoss: 0 }, product: { netWeight, pieces: 1, pieceName: 'slice' }, ...change })
    const off = (said: string) => ({
      what: `A slice comes out at 50 g, and the pack says ${said} g.`,
      mend: 'Weigh a few, then correct the net weight or the number of pieces.',
    })
    expect(weighed(50)).toEqual([])
    expect(weighed(52)).toEqual([])
    expect(weighed(48)).toEqual([])
    expect(weighed(56)).toEqual([off('56')])
    expect(weighed(44)).toEqual([off('44')])
    // a piece of a pack of four weighs a quarter of it
    expect(weighed(200, { product: { netWeight: 200, pieces: 4 } })).toEqual([])
    expect(weighed(300, { product: { netWeight: 300, pieces: 4 } })).toEqual([
      { what: 'A piece comes out at 50 g, and the pack says 75 g.', mend: off('').mend },
    ])
    // not told while a weight is missing
    expect(
      weighed(300, { lines: [...plain.lines, sampleLine('flour', null)] }).some(one =>
        one.what.includes('comes out at'),
      ),
    ).toBe(false)
  })
})
