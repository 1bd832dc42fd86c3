import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { type CrossContact, controlName } from '../model/kitchen'
import type { Workbook } from '../model/workbook'
import { contradictionMend, kitchenFindings } from './crossContact'
import { contradicted, contradiction, onSite } from './onSite'

const plain = sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])])
const review = plain.evidence[0]!
const within = (crossContact: CrossContact[], more: Partial<Workbook> = {}): Workbook => ({
  ...plain,
  ...more,
  kitchen: { ...plain.kitchen, ...more.kitchen, crossContact },
})
const record = (change: Partial<CrossContact> = {}): CrossContact => ({
  allergen: 'milk',
  control: 'separated',
  evidence: 'review',
  ...change,
})
const kitchen = [{ id: 'kitchen', name: 'the kitchen itself' }]

describe('what the kitchen adds', () => {
  it('is not known where it was never assessed, by the name of what was not', () => {
    expect(kitchenFindings(within([]), 'milk')).toEqual([
      {
        allergen: 'milk',
        proven: false,
        reason: {
          path: kitchen,
          fact: 'the kitchen was never assessed for milk',
          mend: 'Assess it, and keep the record.',
        },
      },
    ])
    expect(kitchenFindings(within([record()]), 'gluten')).toMatchObject([
      { allergen: 'gluten', reason: { fact: 'the kitchen was never assessed for gluten' } },
    ])
  })
  it.each(['notOnSite', 'separated', 'cleanedAndTested'] as const)(
    '%s carries a claim with a paper in force',
    control =>
      expect(kitchenFindings(within([record({ control })]), 'milk')).toEqual([
        {
          allergen: 'milk',
          proven: true,
          reason: { path: kitchen, fact: `milk is ${controlName[control]}`, evidence: review },
        },
      ]),
  )
  it('a test that found it speaks against whatever is put down, of that equipment or of the whole kitchen (property)', () => {
    const allergens = ['milk', 'egg', 'gluten', 'wheat', 'barley'] as const
    const place = fc.constantFrom('', 'mixer', 'Mixer', 'oven', 'bench, mixer', 'bench and oven', 'the big mixer')
    const named = (text: string) => ['mixer', 'oven', 'bench'].filter(one => text.toLowerCase().includes(one))
    const last = fc.record({
      equipment: place,
      allergen: fc.constantFrom(...allergens),
      found: fc.boolean(),
      on: fc.constant('2026-11-20'),
    })
    const cereal = (one: string) => ['gluten', 'wheat', 'barley'].includes(one)
    fc.assert(
      fc.property(
        fc.array(last, { maxLength: 5 }),
        fc.constantFrom(...allergens),
        fc.constantFrom('notOnSite' as const, 'separated' as const, 'cleanedAndTested' as const),
        place,
        (tests, allergen, control, equipment) => {
          const [finding] = kitchenFindings(
            within([record({ allergen, control, ...(equipment ? { equipment } : {}) })], { tests }),
            allergen,
          )
          const against = tests.some(
            one =>
              one.found &&
              (one.allergen === allergen ||
                (cereal(one.allergen) && cereal(allergen) && (one.allergen === 'gluten' || allergen === 'gluten'))) &&
              (one.equipment === '' ||
                equipment === '' ||
                named(one.equipment).some(place => named(equipment).includes(place))),
          )
          expect(finding!.proven).toBe(!against)
          if (against) expect(finding!.reason.fact).toContain('the last test of')
        },
      ),
    )
  })
  it('cleaned alone carries none, and names the place', () =>
    expect(kitchenFindings(within([record({ control: 'cleaned', equipment: 'mixer' })]), 'milk')).toEqual([
      {
        allergen: 'milk',
        proven: false,
        reason: {
          path: [...kitchen, { id: 'mixer', name: 'mixer' }],
          fact: `milk is ${controlName.cleaned}: that carries no claim`,
          mend: 'Keep it apart, or clean and test.',
        },
      },
    ]))
  it('a paper that ran out is shown, and one that is missing is not', () => {
    const old = { ...review, expires: '2026-01-01' }
    const [ranOut] = kitchenFindings(within([record()], { evidence: [old] }), 'milk')
    expect(ranOut).toMatchObject({
      proven: false,
      reason: { path: kitchen, evidence: old, mend: 'Renew the assessment.' },
    })
    expect(ranOut!.reason.fact).toMatch(/^milk is .*, but .*ran out/)
    expect('evidence' in kitchenFindings(within([record({ evidence: 'lost' })]), 'milk')[0]!.reason).toBe(false)
  })
  it('each record is a finding of its own', () =>
    expect(
      kitchenFindings(within([record(), record({ control: 'cleaned' }), record({ allergen: 'egg' })]), 'milk').map(
        one => one.proven,
      ),
    ).toEqual([true, false]))
})

describe('“not on site” against what is known', () => {
  const shown = (
    ingredients: Parameters<typeof sampleWorkbook>[0],
    records: CrossContact[] = [record({ control: 'notOnSite' })],
  ) => within(records, { ingredients })
  it('is contradicted by the larder, and by no ingredient that is free', () => {
    expect(kitchenFindings(shown([sampleIngredient('flour')]), 'milk')[0]!.proven).toBe(true)
    const book = shown([carrying('cream powder', 'milk', 'contains')])
    expect(kitchenFindings(book, 'milk')).toEqual([
      {
        allergen: 'milk',
        proven: false,
        reason: { path: kitchen, fact: contradiction('milk', onSite(book, 'milk')), mend: contradictionMend },
      },
    ])
    // kept apart is another thing: it is on the site
    expect(kitchenFindings(shown([carrying('cream powder', 'milk', 'contains')], [record()]), 'milk')[0]!.proven).toBe(
      true,
    )
    expect(contradicted(shown([carrying('cream powder', 'milk', 'contains')], [record()]), 'milk')).toEqual([])
    expect(
      contradicted(
        shown([carrying('cream powder', 'milk', 'contains')], [record({ allergen: 'egg', control: 'notOnSite' })]),
        'milk',
      ),
    ).toEqual([])
  })
  it('counts each thing once, and says how many more', () => {
    const [one, two, three] = ['a', 'b', 'c'].map(id => carrying(id, 'milk', 'contains'))
    expect(onSite(shown([one!]), 'milk')).toEqual([{ kind: 'ingredient', id: 'a', name: 'a', fact: 'a contains milk' }])
    expect(contradiction('milk', onSite(shown([one!]), 'milk'))).toMatch(/, yet a contains milk$/)
    expect(contradiction('milk', onSite(shown([one!, two!]), 'milk'))).toContain(', and 1 more thing shows it')
    expect(contradiction('milk', onSite(shown([one!, two!, three!]), 'milk'))).toContain(', and 2 more things show it')
    expect(contradiction('gluten', onSite(shown([carrying('a', 'rye', 'contains')]), 'gluten'))).toMatch(
      /^gluten is put down/,
    )
  })
  it('gluten is any of its cereals, each thing once; oats grown apart are none of it', () => {
    const wheatAndRye = { ...carrying('mix', 'wheat', 'contains') }
    wheatAndRye.allergens = { ...wheatAndRye.allergens, rye: { status: 'contains', evidence: 'spec' } }
    expect(onSite(shown([wheatAndRye]), 'gluten').map(one => one.id)).toEqual(['mix'])
    expect(onSite(shown([carrying('flakes', 'oats', 'contains')]), 'gluten')).toHaveLength(1)
    expect(onSite(shown([carrying('flakes', 'oats', 'contains', { oatsSpeciallyProduced: true })]), 'gluten')).toEqual(
      [],
    )
    expect(
      onSite(shown([carrying('flakes', 'oats', 'contains', { oatsSpeciallyProduced: true })]), 'oats'),
    ).toHaveLength(1)
    // by its kind alone
    const traits = { ...sampleIngredient('x').traits, grain: ['gluten' as const] }
    expect(onSite(shown([sampleIngredient('grist', { traits })]), 'gluten')).toEqual([
      { kind: 'ingredient', id: 'grist', name: 'grist', fact: 'the kind of grist says a gluten grain' },
    ])
    expect(onSite(shown([sampleIngredient('grist', { traits, oatsSpeciallyProduced: true })]), 'gluten')).toEqual([])
    const { grain: _, ...unsaid } = traits
    expect(onSite(shown([sampleIngredient('grist', { traits: unsaid })]), 'gluten')).toEqual([])
  })
  it('is contradicted by the kitchen’s own records and words', () => {
    const book = shown([sampleIngredient('flour')], [record({ control: 'notOnSite' }), record({ control: 'cleaned' })])
    expect(onSite(book, 'milk')).toEqual([
      {
        kind: 'kitchen',
        id: 'kitchen',
        name: 'the kitchen itself',
        fact: `another record says that it is ${controlName.cleaned}`,
      },
    ])
    const named = shown(
      [sampleIngredient('flour')],
      [record({ control: 'notOnSite' }), record({ allergen: 'egg', equipment: 'the butter shelf' })],
    )
    expect(onSite(named, 'milk')).toEqual([
      {
        kind: 'kitchen',
        id: 'kitchen',
        name: 'the kitchen itself',
        fact: 'the record about “the butter shelf” speaks of “butter”',
      },
    ])
    expect(onSite(named, 'egg')).toMatchObject([{ fact: `another record says that it is ${controlName.separated}` }])
  })
  it('is contradicted by what a recipe speaks of and holds in no line, also by a group', () => {
    const told = (text: string) => ({
      ...shown([sampleIngredient('flour')]),
      recipes: [sampleRecipe('top', [sampleLine('flour', 100)], { steps: [{ text, when: 'bench' }] })],
    })
    expect(onSite(told('Brush with milk.'), 'milk')).toMatchObject([{ kind: 'recipe', id: 'top', name: 'top' }])
    expect(onSite(told('Scatter nuts over.'), 'pecan')).toMatchObject([
      { kind: 'recipe', fact: expect.stringContaining('nuts') },
    ])
    expect(onSite(told('Brush with water.'), 'milk')).toEqual([])
  })
  it('is looked at anew when the day, the larder or the house rules change', () => {
    const paper = {
      id: 'spec',
      kind: 'specification' as const,
      reference: 'S',
      dated: '2026-06-01',
      expires: '2026-12-31',
    }
    const ingredients = [
      sampleIngredient('paneer', {
        name: 'cubes',
        evidence: [paper],
        allergens: { milk: { status: 'free', evidence: 'spec' } },
      }),
    ]
    const now = shown(ingredients)
    expect(onSite(now, 'milk')).toEqual([])
    expect(onSite({ ...now, today: '2027-02-01' }, 'milk')).toEqual(
      onSite({ ...shown([...ingredients]), today: '2027-02-01' }, 'milk'),
    )
    const recipes = [
      sampleRecipe('top', [sampleLine('paneer', 100)], {
        steps: [{ text: 'Serve on walnuts.', when: 'bench' as const }],
      }),
    ]
    expect(onSite({ ...now, recipes }, 'walnut')).toHaveLength(1)
    expect(
      onSite({ ...now, recipes, ingredients: [...ingredients, sampleIngredient('walnuts')] }, 'walnut').some(
        one => one.kind === 'ingredient',
      ),
    ).toBe(true)
  })
})
