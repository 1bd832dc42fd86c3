import { describe, expect, it } from 'vitest'
import { unitMeant } from './bareNumber'
import { readLine } from './readLine'

describe('a number without a unit', () => {
  const meant = (text: string) => {
    const { amount, doubt } = unitMeant(readLine(text), null)
    return [amount?.value, amount?.unit, doubt !== undefined]
  }
  it.each<[string, ReturnType<typeof meant>]>([
    ['250 rice flour', [250, 'g', true]],
    ['butter 50', [50, 'g', true]],
    ['400 milk', [400, 'ml', true]],
    ['100 digestives', [100, 'g', true]],
    ['2 salt', [2, 'each', true]],
    ['3 eggs', [3, 'each', false]],
    ['6 apples', [6, 'each', false]],
    ['12 dates', [12, 'each', false]],
    // the last word decides, and what has a number may be counted
    ['6 chocolate biscuits', [6, 'each', false]],
    ['24 almonds', [24, 'each', false]],
    ['5 rice paper', [5, 'each', false]],
    ['75 almonds', [75, 'g', true]],
    ['250 flour gf', [250, 'g', true]],
    ['250 g rice flour', [250, 'g', false]],
  ])('%s', (text, wanted) => expect(meant(text)).toEqual(wanted))
  it('takes the unit that the text gives for all, but for what comes whole', () => {
    expect(unitMeant(readLine('250 rice flour'), 'oz').amount).toEqual({ value: 250, unit: 'oz' })
    expect(unitMeant(readLine('3 eggs'), 'g').amount).toEqual({ value: 3, unit: 'each' })
    expect(unitMeant(readLine('1000 eggs'), 'g').amount).toEqual({ value: 1000, unit: 'g' })
  })
})
