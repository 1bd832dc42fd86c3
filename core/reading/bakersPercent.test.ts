import fc from 'fast-check'
import { expect, it } from 'vitest'
import { inGrams } from './bakersPercent'
import { readRecipe } from './readRecipe'

const grams = (text: string) =>
  readRecipe(text).lines.map(({ item, amount }) => `${amount?.value} ${amount?.unit} ${item}`)

it('shares of the flour are grams of the flour that is said, or of a hundred', () => {
  const rows = 'Brown rice flour 60%\nPotato starch: 40 %\nWater 95%\nPsyllium 6%\nSalt 2,5%'
  expect(grams(`Teff loaf\n\n${rows}\nFlour total 500 g`)).toEqual([
    '300 g Brown rice flour',
    '200 g Potato starch',
    '475 g Water',
    '30 g Psyllium',
    '12.5 g Salt',
  ])
  expect(grams(`Teff loaf\n\n${rows}`)).toContain('95 g Water')
  expect(grams('Teff loaf\n\n100% teff flour\n80% water\n2% salt\nFor 1.2 kg of flour')).toContain('960 g water')
})
it('what says its own amount beside its share keeps that amount', () => {
  const rows = [
    'Rice flour 300 g 60%',
    'Tapioca starch 200 g 40 %',
    'Water 475 ml 95%',
    'Eggs 4 20%',
    'Butter 1.5 kg 30%',
  ]
  expect(inGrams(rows)).toEqual(rows)
  expect(grams(`Teff loaf\n\n${rows.slice(0, 2).join('\n')}`)).toEqual(['300 g Rice flour', '200 g Tapioca starch'])
})
it('what makes no hundred of flour is left as it is written', () => {
  const rows = ['Dark chocolate 70%', 'Rice flour 30%', 'Teff flour 10%', 'Cream 35%']
  expect(inGrams(rows)).toEqual(rows)
})
it('shares of the whole are grams of a kilogram, whatever they are shares of, and a total is none of them', () => {
  const cuts = fc.uniqueArray(fc.integer({ min: 1, max: 999 }), { minLength: 2, maxLength: 11 })
  fc.assert(
    fc.property(cuts, fc.boolean(), fc.constantFrom(' ', ': ', ' - '), (places, totalled, link) => {
      const edges = [0, ...places.sort((a, b) => a - b), 1000]
      const parts = edges.slice(1).map((edge, at) => edge - edges[at]!)
      const foods = [
        'Whole egg',
        'Sucrose',
        'Milk powder',
        'Veg oil',
        'Water',
        'E450 28',
        'Soda',
        'Salt',
        'Gum',
        'Whey',
        'Cocoa',
        'Rum',
      ]
      const rows = parts.map((part, at) => `${foods[at]}${link}${part / 10}%`)
      const read = inGrams([...rows, ...(totalled ? ['TOTAL 100.0%'] : [])])
      expect(read.slice(0, parts.length).map(row => Number(row.split(' ')[0]))).toEqual(parts)
      if (totalled) expect(read.at(-1)).toBe('TOTAL 100.0%')
    }),
  )
})
it('keeps the ratio of any two, and says each share', () => {
  const share = fc.integer({ min: 1, max: 150 })
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 99 }), fc.array(share, { minLength: 1, maxLength: 8 }), (part, others) => {
      const rows = [
        `Rice flour ${part}%`,
        `Tapioca starch ${100 - part}%`,
        ...others.map((one, at) => `Thing ${'abcdefgh'[at]} ${one}%`),
      ]
      const read = inGrams([...rows, 'Total flour: 2 kg'])
      expect(read.slice(0, -1).map(row => Number(row.split(' ')[0]) / 20)).toEqual([part, 100 - part, ...others])
      for (const [at, one] of [part, 100 - part, ...others].entries()) expect(read[at]).toContain(`(${one} %)`)
    }),
  )
})

it('told in a sentence it is the same list, of the flour that is named, and what stands behind a share stays with it', () => {
  const text =
    'Makes one 900g loaf: sorghum 40%, tapioca 30%, potato starch 20%, teff 10% of 500 g flour; water 90%; milk powder 3% (skimmed, may hold soya)'
  expect(grams(text)).toEqual([
    '200 g sorghum',
    '150 g tapioca',
    '100 g potato starch',
    '50 g teff',
    '450 g water',
    '15 g milk powder',
  ])
  expect(readRecipe(text).lines.at(-1)!.text).toContain('may hold soya')
  // a remark on one thing is no list
  expect(grams('Bars\n\n200 g dark chocolate, 70 % cocoa\n80 g oats')).toEqual(['200 g dark chocolate', '80 g oats'])
})
