import { describe, expect, it } from 'vitest'
import { denialsIn } from './denials'

describe('what a text says is not in it', () => {
  it.each([
    ['Free from milk and egg', ['egg', 'milk']],
    ['a bun without any nuts, with butter', 'nuts'],
    ['sugar-free', []],
    ['sans lait', ['milk']],
    ['ohne Ei und Milch', ['egg', 'milk']],
    ['senza glutine', 'gluten'],
    ['celery-free', ['celery']],
    ['with milk and no egg', ['egg']],
  ] as const)('%s', (text, wanted) => {
    const codes = [...new Set(denialsIn(text).flatMap(one => one.codes))].sort()
    if (wanted === 'nuts') expect(codes).toEqual(expect.arrayContaining(['almond', 'walnut']))
    else if (wanted === 'gluten') expect(codes).toEqual(expect.arrayContaining(['wheat', 'barley']))
    else expect(codes).toEqual(wanted)
  })
  it('is nothing where nothing is denied', () => {
    for (const text of ['Damson slice', 'not milk-free', 'no more than 20 g butter', 'Keep cool and dry.'])
      expect(denialsIn(text).flatMap(one => one.codes)).toEqual([])
  })
})
