import { describe, expect, it } from 'vitest'
import { stem } from './stem'

// English plurals, common knowledge: the word, and what a cook writes for several
const plurals: readonly [string, string][] = [
  ['peach', 'peaches'],
  ['radish', 'radishes'],
  ['tomato', 'tomatoes'],
  ['mango', 'mangos'],
  ['mango', 'mangoes'],
  ['box', 'boxes'],
  ['cherry', 'cherries'],
  ['blueberry', 'blueberries'],
  ['cookie', 'cookies'],
  ['pie', 'pies'],
  ['leaf', 'leaves'],
  ['half', 'halves'],
  ['loaf', 'loaves'],
  ['knife', 'knives'],
  ['olive', 'olives'],
  ['clove', 'cloves'],
  ['quiche', 'quiches'],
  ['mousse', 'mousses'],
  ['glass', 'glasses'],
  ['date', 'dates'],
  ['cheese', 'cheeses'],
  ['slice', 'slices'],
  ['prune', 'prunes'],
  ['honey', 'honeys'],
  ['Oat', 'oats'],
]

describe('the stem of a word', () => {
  it.each(plurals)('%s and %s have the same', (one, several) => expect(stem(several)).toBe(stem(one)))
  it('of different things is another', () => {
    const words = [
      'pea',
      'peach',
      'pear',
      'pie',
      'oat',
      'oak',
      'leaf',
      'lea',
      'rice',
      'rye',
      'berry',
      'bear',
      'cress',
      'cream',
    ]
    expect(new Set(words.map(stem)).size).toBe(words.length)
  })
  it('of what is too short to have a plural is itself', () =>
    expect(['as', 'is', 'of', 'E'].map(stem)).toEqual(['as', 'is', 'of', 'e']))
})
