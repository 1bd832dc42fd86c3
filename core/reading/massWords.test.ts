import { describe, expect, it } from 'vitest'
import { lineOfOnePiece, massWordsOf, ofAllPieces } from './massWords'
import { readLine } from './readLine'

const said = (text: string, heading = '') => massWordsOf(text, readLine(text), heading)

describe('what a line says of its mass', () => {
  it.each([
    '30 g flaked almonds, once cool',
    '100 g chocolate, when completely cold, to spread over',
    '20 g coconut flakes, to decorate',
    '250 g buttercream',
    'pistachios to garnish',
  ])('%s: goes on after the bake', text => expect(said(text).afterBake).toBe(true))
  it('what stands under an icing goes on after the bake, under a crumble topping it does not', () => {
    expect(said('200 g icing sugar', 'For the frosting').afterBake).toBe(true)
    expect(said('50 g coconut milk', 'Ganache').afterBake).toBe(true)
    expect(said('80 g oats', 'Crumble topping')).toEqual({})
    expect(said('60 g pumpkin seeds, for the top')).toEqual({})
    expect(said('100 ml milk, cooled')).toEqual({})
  })
  it.each([
    ['4 lb pineapple, peeled and cored', true],
    ['500 g bananas (unpeeled weight)', true],
    ['800 g plums, stoned', true],
    ['4 lb peeled and cored pineapple', false],
    ['300 g bananas, peeled weight', false],
    ['2 bananas, peeled', false],
    ['500 g apples', false],
  ])('%s: weighed as bought is %s', (text, bought) => expect(said(text).weighed === 'bought').toBe(bought))
  it('what is bought stoned was weighed stoned', () =>
    expect(massWordsOf('800 g plums, stoned', readLine('800 g plums, stoned'), '', 'plums, stoned')).toEqual({}))
  it('what is squeezed out leaves most of it, what is kept leaves all', () => {
    expect(said('300 g courgettes, grated and squeezed out').retained).toBe(0.65)
    expect(said('300 g courgettes, coarsely grated, squeezed dry').retained).toBe(0.65)
    expect(said('500 g rhubarb, strained, keep the syrup').retained).toBe(1)
    expect(said('200 ml water, for soaking (reserve the liquid)').retained).toBe(1)
    expect(said('2 lemons, juice squeezed')).toEqual({})
  })
})

describe('what is written for each piece', () => {
  it.each([
    ['30 g dough a ball', '30 g dough'],
    ['8 g caramel a bar', '8 g caramel'],
    ['- 15 g chocolate per biscuit', '15 g chocolate'],
    ['1 tsp jam for each tart', '1 tsp jam'],
    ['½ walnut on each slice', '½ walnut'],
  ])('%s', (text, one) => expect(lineOfOnePiece(text)).toBe(one))
  it.each(['30 g dough', 'a ball of dough', '200 g flour, in a bowl', '2 eggs, each about 60 g', 'caramel a bar'])(
    '%s is of the whole',
    text => expect(lineOfOnePiece(text)).toBeNull(),
  )
  it('is times the pieces, and not known where nobody said how many', () => {
    const { amount } = readLine('30-35 g dough')
    expect(ofAllPieces(amount, 12)).toMatchObject({ value: 360, upTo: 420, unit: 'g' })
    expect(ofAllPieces(amount, null)).toBeNull()
  })
})
