import { describe, expect, it } from 'vitest'
import { rulesAsRead } from '../market/market'
import { declaredCodes, emphasised, inBrackets, labelNameOf } from './emphasis'
import { joined, plain, strong, textOf } from './run'

describe('runs of text', () => {
  it('melt with neighbours of one kind, and lose no letter', () => {
    const runs = joined([[plain('a'), plain('b')], [strong('c')], [], [strong('d'), plain('')], [plain('e')]])
    expect(runs).toEqual([{ text: 'ab' }, { text: 'cd', strong: true }, { text: 'e' }])
    expect(textOf(runs)).toBe('abcde')
  })
  it('have a separator between the pieces, and none where there is none', () => {
    expect(joined([[plain('a')], [strong('b')], [plain('c')]], ', ')).toEqual([
      { text: 'a, ' },
      { text: 'b', strong: true },
      { text: ', c' },
    ])
    expect(joined([[plain('a')]], ', ')).toEqual([{ text: 'a' }])
    expect(joined([])).toEqual([])
  })
  it('are new ones: what went in stays as it is', () => {
    const first = plain('a')
    joined([[first], [plain('b')]])
    expect(first).toEqual({ text: 'a' })
  })
})

describe('emphasis', () => {
  it('is for the words of what is asked, clear ones only, and says which', () => {
    expect(emphasised('milk chocolate with wheat', new Set(['milk'] as const))).toEqual({
      runs: [{ text: 'milk', strong: true }, { text: ' chocolate with wheat' }],
      said: new Set(['milk']),
    })
    expect(emphasised('plums', new Set(['milk'] as const))).toEqual({ runs: [{ text: 'plums' }], said: new Set() })
    // of butter the law would have milk said
    expect(emphasised('ghee', new Set(['milk'] as const)).said.size).toBe(0)
  })
  it('in brackets gives what the words leave unsaid', () => {
    const uk = rulesAsRead('uk')
    expect(inBrackets([], uk)).toEqual([])
    expect(inBrackets(['milk', 'soy'], uk)).toEqual([
      { text: ' (' },
      { text: 'milk', strong: true },
      { text: ', ' },
      { text: 'soya', strong: true },
      { text: ')' },
    ])
  })
  it('knows what each market wants declared, by its own names', () => {
    expect(declaredCodes(rulesAsRead('us'))).toContain('pineNut')
    expect(declaredCodes(rulesAsRead('uk'))).not.toContain('pineNut')
    expect(declaredCodes(rulesAsRead('uk'))).toBe(declaredCodes(rulesAsRead('uk')))
    expect([
      labelNameOf('soy', rulesAsRead('us')),
      labelNameOf('soy', rulesAsRead('uk')),
      labelNameOf('milk', rulesAsRead('uk')),
    ]).toEqual(['soy', 'soya', 'milk'])
  })
})
