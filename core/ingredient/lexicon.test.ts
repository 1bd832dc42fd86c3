import { describe, expect, it } from 'vitest'
import { groupMentions, mentions, namesKind } from './lexicon'

const codes = (text: string) => [...new Set(mentions(text).map(mention => mention.code))]

describe('mentions', () => {
  it.each([
    ['wheat flour', ['wheat']],
    ['wholewheat', ['wheat']],
    ['spelt', ['wheat']],
    ['semolina', ['wheat']],
    ['malted barley', ['barley']],
    ['ghee', ['milk']],
    ['whey powder', ['milk']],
    ['sodium caseinate', ['milk']],
    ['quark', ['milk']],
    ['albumen', ['egg']],
    ['tahini', ['sesame']],
    ['marzipan', ['almond']],
    ['gianduja', ['hazelnut']],
    ['tofu', ['soy']],
    ['soya lecithin', ['soy']],
    ['anchovies', ['fish']],
    ['sodium metabisulphite', ['sulphites']],
    ['E223', ['sulphites']],
    ['lupin flour', ['lupin']],
    ['oatmeal', ['oats']],
    ['butter', ['milk']],
    ['buttermilk', ['milk']],
    ['Brazil nuts', ['brazilNut']],
  ])('%s speaks of %j', (text, wanted) => expect(codes(text)).toEqual(wanted))

  it.each([
    'buckwheat flour',
    'butternut squash',
    'cocoa butter',
    'shea butter',
    'nutmeg',
    'water chestnuts',
    'cream of tartar',
    'corn starch',
    'milk-free',
    'peanut-free',
    'free from milk',
    'eggplant',
    'lactic acid',
    'maltodextrin',
    'plant butter',
    'butter beans',
    'creamed corn',
    'no egg',
  ])('%s speaks of nothing', text => expect(codes(text)).toEqual([]))

  it.each([
    ['coconut milk', ['coconut']],
    ['almond milk', ['almond']],
    ['soya milk', ['soy']],
    ['peanut butter', ['peanut']],
    ['almond butter', ['almond']],
    ['oat cream', ['oats']],
    ['coconut cream', ['coconut']],
  ])('%s speaks of %j alone', (text, wanted) => expect(codes(text)).toEqual(wanted))

  it('tells clear names from disguises, and where they stand', () => {
    expect(mentions('plain wheat flour')).toEqual([{ code: 'wheat', start: 6, end: 11, word: 'wheat', clear: true }])
    expect(mentions('ghee')[0]).toMatchObject({ code: 'milk', clear: false })
  })
})

describe('words for a whole group', () => {
  const groupsIn = (text: string) => groupMentions(text).map(one => one.word)
  it.each(['mixed nuts', 'tree nuts', 'nut paste', 'chopped nut', 'gluten', 'shellfish', 'seafood', 'dairy solids'])(
    '“%s” speaks of one, and not of which',
    text => expect(groupsIn(text)).toHaveLength(1),
  )
  it.each([
    'tiger nuts',
    'pine nuts',
    'brazil nuts',
    'nutmeg',
    'doughnuts',
    'coconut',
    'walnuts',
    'nut-free',
    'gluten-free flour',
    'free from nuts',
    'dairy-free',
    'non-dairy creamer',
    'a nut of butter',
    'butternut squash',
    'nutritional yeast',
    'cashew nuts',
  ])('“%s” speaks of none', text => expect(groupsIn(text)).toEqual([]))
  it('cod and prawns are kinds, fish and crustaceans are none', () => {
    expect(namesKind(['fish sauce', 'anchovies'], 'fish')).toBe(true)
    expect(namesKind(['fish sauce', 'fish'], 'fish')).toBe(false)
    expect(namesKind(['crustaceans'], 'crustaceans')).toBe(false)
    expect(namesKind(['prawn powder'], 'crustaceans')).toBe(true)
  })
})
