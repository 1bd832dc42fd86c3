import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mentions } from './lexicon'
import { absent, blank } from './sober'

const heard = (text: string) => [...new Set(mentions(text).map(one => one.code))].sort()
const foods = [
  ['milk', 'milk'],
  ['butter', 'milk'],
  ['eggs', 'egg'],
  ['almonds', 'almond'],
  ['sesame', 'sesame'],
  ['wheat', 'wheat'],
  ['peanuts', 'peanut'],
] as const
const food = fc.constantFrom(...foods)

describe('what is denied', () => {
  it('is the thing right behind, and nothing that only stands near (property)', () => {
    const near = fc.constantFrom<(food: string) => string>(
      food => `no more than 20 g ${food}`,
      food => `no less than 5 % ${food}`,
      food => `no matter which ${food}`,
      food => `No bake ${food} cake`,
      food => `No fuss ${food} slice`,
      food => `no lumps of ${food} should remain`,
      food => `without the ${food} catching`,
      food => `without stirring pour over the ${food}`,
      food => `no substitute for ${food}`,
      food => `no doubt ${food} is best`,
      food => `no artificial colours or flavours, ${food}`,
      food => `no preservatives, ${food}`,
      food => `without preservatives: ${food}`,
      food => `sugar, ${food}, gluten free oat flour`,
      food => `Stir in the ${food} and gluten-free flour`,
      food => `Add jam, ${food}, sugar-free syrup`,
      food => `gluten free bread with ${food}`,
      food => `fat free, with ${food}`,
      food => `if there is no jam use ${food}`,
      food => `no jam but ${food}`,
      food => `no jam and extra ${food}`,
      food => `no jam or plenty of ${food}`,
      food => `add ${food} free-range eggs`,
      food => `no jam, with ${food}`,
      food => `this is not ${food}-free`,
      food => `never free from ${food}`,
      food => `It isn’t really ${food} free`,
    )
    fc.assert(
      fc.property(food, near, ([name, code], say) => {
        expect(heard(say(name)), say(name)).toContain(code)
      }),
      { numRuns: 500 },
    )
  })
  it('is heard in every way of saying it (property)', () => {
    const denials = fc.constantFrom<(a: string, b: string) => string>(
      a => `${a}-free`,
      a => `free from ${a}`,
      a => `Contains no ${a}`,
      a => `made without ${a}`,
      a => `without any ${a}`,
      a => `no ${a}`,
      a => `no added ${a}`,
      (a, b) => `free from ${a} and ${b}`,
      (a, b) => `free from ${a}, ${b}`,
      (a, b) => `Contains no ${a}, honey or ${b}.`,
      (a, b) => `No ${a}, honey or ${b}.`,
      (a, b) => `without ${a} or ${b}`,
      (a, b) => `${a}- and ${b}-free`,
      (a, b) => `(${a} and ${b} free)`,
      (a, b) => `does not contain ${a} or ${b}`,
    )
    fc.assert(
      fc.property(food, food, denials, ([a], [b], say) => {
        expect(heard(say(a, b)), say(a, b)).toEqual([])
      }),
      { numRuns: 500 },
    )
  })
  it.each([' ', '\t', 'a-, ', 'no a, ', 'free from a, b and ', 'x and ', 'nut, ', 'nut/', '. ', 'milk free '])(
    // the square of it would run into the limit of a test
    'is looked for in 100,000 signs of “%s”, and each keeps its place',
    sign => {
      const text = `.${sign.repeat(100_000 / sign.length)}`
      expect(text.replace(absent, blank)).toHaveLength(text.length)
    },
  )
})
