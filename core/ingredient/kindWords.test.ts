import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import type { Ingredient, Traits } from '../model/ingredient'
import { kindConflict, spokenKinds } from './kindWords'
import { starterShelf } from './starterShelf'

const named = (name: string, change: Partial<Ingredient> = {}) => sampleIngredient(name, change)
const traits = ['animal', 'sweetening', 'grain', 'legume', 'alcohol', 'refined'] as const
const conflicts = (one: Ingredient) => traits.filter(trait => kindConflict(one, trait))

describe('words that speak of a kind', () => {
  // common practice, and the E numbers of Regulation (EC) 1333/2008, from memory
  it.each([
    [
      'animal',
      [
        'clear honey',
        'beeswax',
        'beef gelatine',
        'carmine',
        'colour: E120',
        'shellac',
        'E904',
        'lard',
        'cheese rennet',
        'isinglass',
        'E441',
        'E 542',
        'beef suet',
        'mini marshmallows',
      ],
    ],
    [
      'sweetening',
      [
        'caster sugar',
        'glucose',
        'agave syrup',
        'pitted dates',
        'date paste',
        'apple juice concentrate',
        'concentrated grape juice',
        'apple purée',
        'banana puree',
        'raisins',
        'dried apricots',
        'black treacle',
        'strawberry jam',
        'candied peel',
        'lactose',
      ],
    ],
    [
      'grain',
      [
        'brown rice flour',
        'maize starch',
        'oatmeal',
        'spelt',
        'barley malt',
        'popcorn',
        'millet flakes',
        'polenta',
        'corn syrup',
      ],
    ],
    ['legume', ['chickpea flour', 'besan', 'soya lecithin', 'pea protein', 'guar gum', 'lupin flour']],
    ['alcohol', ['dark rum', 'white wine', 'vanilla extract', 'cherry liqueur', 'cooking sherry']],
    ['refined', ['icing sugar', 'dextrose', 'golden syrup']],
  ] as const)('%s: in the name and in what it is made of', (trait, words) => {
    for (const word of words) {
      expect(kindConflict(named(word), trait)?.trait, word).toBe(trait)
      const deep = [{ name: 'filling', components: [{ name: word }] }]
      expect(kindConflict(named('thing', { composition: deep }), trait)?.trait, `inside: ${word}`).toBe(trait)
    }
  })
  it('an E number of its own field counts, beside the name it stands with', () => {
    expect(conflicts(named('glaze', { composition: [{ name: 'coating', eNumber: 'E904' }] }))).toEqual(['animal'])
    expect(conflicts(named('colour', { eNumber: 'E120' }))).toEqual(['animal'])
  })
  it('what only sounds like one, or is denied, speaks of nothing', () => {
    for (const name of [
      'honeydew melon',
      'honeybush tea',
      'vegetable suet',
      'vegan gelatine',
      'microbial rennet',
      'gelatine-free glaze',
      'filling without honey',
      'beef tomato',
      'cream of tartar',
      'buckwheat flour',
      'peppercorns',
      'white wine vinegar',
      'rum flavouring',
      'maltitol syrup',
      'sugar-free drops',
      'sugar beet fibre',
      'plain caramel colour',
      'grapeseed oil',
      'ginger beer flavour',
      'liquorice',
      'coffee beans',
    ])
      expect(
        conflicts(named(name)).filter(trait => !(trait === 'grain' && /rice/.test(name))),
        name,
      ).toEqual([])
  })
  it('a kind that answers is no conflict; one that was never said is none either, but unproven by itself', () => {
    expect(kindConflict(named('honey', { traits: { animal: ['honey'] } }), 'animal')).toBeUndefined()
    expect(kindConflict(named('honey', { traits: {} }), 'animal')).toBeUndefined()
    expect(kindConflict(named('date syrup', { traits: { sweetening: ['wholeFruit'] } }), 'sweetening')?.word).toBe(
      'syrup',
    )
    expect(kindConflict(named('clear honey'), 'animal', ['gelatine', 'meat', 'fish', 'insect'])).toBeUndefined()
  })
  it('what it stands for is not what it is', () =>
    expect(
      conflicts(named('agave nectar', { standsFor: 'honey', traits: { animal: [], sweetening: ['syrup'] } })),
    ).toEqual([]))
})

describe('the starter shelf', () => {
  it('contradicts itself nowhere', () => {
    for (const { ingredient } of starterShelf) expect(conflicts(ingredient), ingredient.name).toEqual([])
  })
  it('gives away its own kind where that was taken from it: sweeteners, grains, legumes, meat, honey, spirits', () => {
    const none: Traits = { animal: [], sweetening: [], grain: [], refined: false, legume: false, alcohol: false }
    const silent: string[] = []
    for (const { ingredient } of starterShelf) {
      const { traits: own } = ingredient
      const bare = { ...ingredient, traits: none }
      const heard = new Set(spokenKinds(bare).map(one => one.trait))
      const missing = [
        own.animal?.some(kind => kind !== 'milk' && kind !== 'egg') && !heard.has('animal'),
        own.sweetening?.some(kind => kind === 'sugar' || kind === 'syrup') && !heard.has('sweetening'),
        own.grain?.length && !heard.has('grain'),
        own.legume && !heard.has('legume'),
        own.alcohol && !heard.has('alcohol'),
      ]
      if (missing.some(Boolean)) silent.push(ingredient.name)
    }
    expect(silent).toEqual([])
  })
})
