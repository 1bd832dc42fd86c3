import { describe, expect, it } from 'vitest'
import { capital, spokenList } from './listing'
import { stems } from './stem'

describe('names in a sentence', () => {
  it.each([
    [[], ''],
    [['flour'], 'flour'],
    [['flour', 'salt'], 'flour and salt'],
    [['a', 'b', 'c', 'd'], 'a, b, c and d'],
    [['a', 'b', 'c', 'd', 'e', 'f'], 'a, b, c, d and 2 more'],
  ])('%j', (names, said) => expect(spokenList(names)).toBe(said))
  it('begin it with a capital', () => expect([capital('émile'), capital('')]).toEqual(['Émile', '']))
  it('share a word whatever its number', () =>
    expect([stems('Plums, stoned', 4), stems('of plum', 4)]).toEqual([['plum', 'stoned'], ['plum']]))
})
