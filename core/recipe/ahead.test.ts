import { describe, expect, it } from 'vitest'
import { sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import { celsiusOf, dials } from '../measure/temperature'
import { aheadOf, doneTestWarning } from './ahead'

const pastry = sampleRecipe('pastry', [sampleLine('butter', 200, { prep: 'chilled, cubed' })], {
  name: 'Short pastry',
  steps: [{ text: 'Rub, bind, chill.', when: 'ahead', minutes: { from: 30, to: 90 } }],
})
const tart = sampleRecipe(
  'tart',
  [
    sampleLine('part:pastry', 300),
    sampleLine('eggs', 150, { prep: 'at room temperature' }),
    sampleLine('almonds', 60, { prep: 'toasted' }),
    sampleLine('oats', 100, { prep: 'soaked' }),
    sampleLine('sugar', 80),
  ],
  {
    steps: [
      { text: 'Soak the oats in the rice drink overnight.', when: 'ahead', minutes: { from: 480 } },
      { text: 'Heat the oven.', when: 'ahead', celsius: 180 },
      { text: 'Bake.', when: 'oven' },
    ],
  },
)
const ahead = aheadOf([tart, pastry], 'tart', id => id)

describe('what starts before the oven', () => {
  it('is collected from the method, from parts, and from how lines are written, earliest first', () =>
    expect(ahead.map(one => [one.what, one.minutes, one.part, one.from])).toEqual([
      ['Soak the oats in the rice drink overnight.', 480, null, 'method'],
      ['Rub, bind, chill.', 90, 'Short pastry', 'method'],
      ['Chill butter.', 60, 'Short pastry', 'line'],
      ['Take eggs out of the cold.', 60, null, 'line'],
      ['Toast almonds, and let it cool.', 20, null, 'line'],
      ['Heat the oven.', null, null, 'method'],
    ]))
  it('does not turn round in a circle', () => {
    const self = sampleRecipe('self', [sampleLine('part:self', 1), sampleLine('butter', 1, { prep: 'softened' })])
    expect(aheadOf([self], 'self', id => id)).toHaveLength(1)
  })
})

describe('done tests', () => {
  it('says where a skewer misleads, and nothing where the recipe says so itself', () => {
    expect(doneTestWarning({ text: 'Bake until a skewer comes out clean.' }, true)).toContain('93 °C')
    expect(doneTestWarning({ text: 'Bake until a skewer comes out clean.' }, false)).toBeNull()
    expect(doneTestWarning({ text: 'A skewer misleads: use the core.' }, true)).toBeNull()
    expect(doneTestWarning({ text: 'Bake until golden.' }, true)).toBeNull()
  })
})

describe('dials', () => {
  it('180 °C is 160 with a fan, gas 4 and 350 °F (common practice)', () => {
    expect(dials(180)).toEqual({ still: 180, fan: 160, fahrenheit: 350, gas: '4' })
    expect(dials(160, true)).toEqual(dials(180))
    expect(dials(160)).toMatchObject({ fahrenheit: 325, gas: '3' })
    expect(dials(190)).toMatchObject({ fahrenheit: 375, gas: '5' })
  })
  it('is never further from the exact value than a dial is rounded', () => {
    for (let celsius = 100; celsius <= 250; celsius += 5)
      expect(Math.abs(celsiusOf(dials(celsius).fahrenheit) - celsius)).toBeLessThanOrEqual(5)
    expect(dials(60).gas).toBeNull()
  })
})
