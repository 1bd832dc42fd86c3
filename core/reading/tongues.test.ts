import { describe, expect, it } from 'vitest'
import { readLine } from './readLine'
import { readRecipe } from './readRecipe'
import { piecesInOtherTongues } from './tongues'

describe('what other tongues say of where a thing goes', () => {
  it.each([
    ['2 EL Kakao zum Bestäuben', 'finish', 'Kakao'],
    ['etwas Butter für die Form', 'release', 'Butter'],
    ['20 g de beurre pour le moule', 'release', 'beurre'],
    ['sucre glace pour saupoudrer', 'finish', 'sucre glace'],
    ['zucchero a velo per spolverizzare', 'finish', 'zucchero a velo'],
    ['aceite para engrasar el molde', 'release', 'aceite'],
    ['100 ml Sahne zum Servieren', 'beside', 'Sahne'],
    ['масло для формы', 'release', 'масло'],
  ])('%s', (text, role, item) => expect(readLine(text)).toMatchObject({ role, item }))
  it('says how little, or that it may be left out', () => {
    expect(readLine('un peu de sel')).toMatchObject({ item: 'sel', amount: null, approximate: true })
    expect(readLine('50 g Rosinen (nach Belieben)')).toMatchObject({ item: 'Rosinen', optional: true })
    // a word that only begins like one of theirs
    expect(readLine('little milk to mix').item).toBe('milk')
  })
  it.each([
    ['Pour 8 personnes', 8],
    ['Für eine Springform (Ø 24 cm), 12 Stücke', 12],
    ['Per 6 persone', 6],
    ['voor 16 stuks', 16],
    ['на 8 порций', 8],
    ['Für den Teig', null],
    ['8 Parsley leaves', null],
    ['pour 8 parts', 8],
    ['Blend: 3 parts rice flour, 1 part starch', null],
  ])('%s makes %s', (row, pieces) => expect(piecesInOtherTongues(row)).toBe(pieces))
})

it('a row of times opens no method, and what is weighed out below one is no step', () => {
  const read = readRecipe(
    'Gâteau\nPréparation : 20 min - Cuisson : 30 min\n\n4 œufs\n150 g de sucre\n80 ml d’huile\n\nMélangez tout.',
  )
  expect(read.lines.map(line => line.item)).toEqual(['œufs', 'sucre', 'huile'])
  expect(read.minutes).toEqual({ from: 30 })
  const turned = readRecipe('Loaf\nMethod\nMix it all.\n200 g rice flour\n100 g caster sugar\n50 ml oat milk')
  expect(turned.lines.map(line => line.item)).toEqual(['rice flour', 'caster sugar', 'oat milk'])
})
it('a heading and its list in one row', () => {
  const read = readRecipe('Tart\nFor the base: 200 g dates, 150 g pecans and a pinch of salt.\nBlitz it all.')
  expect(read.lines.map(({ item, heading }) => [item, heading])).toEqual([
    ['dates', 'Base'],
    ['pecans', 'Base'],
    ['salt', 'Base'],
  ])
})
