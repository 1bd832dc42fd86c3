import { describe, expect, it } from 'vitest'
import { rememberedByText } from './remembered'

describe('work remembered by text', () => {
  it('is done once for each text, and again when all was forgotten', () => {
    const done: string[] = []
    const length = rememberedByText(text => {
      done.push(text)
      return text.length
    }, 10)
    expect([length('abc'), length('abc'), length('defg')]).toEqual([3, 3, 4])
    expect(done).toEqual(['abc', 'defg'])
    // past ten letters
    length('hijkl')
    expect(length('abc')).toBe(3)
    expect(done).toEqual(['abc', 'defg', 'hijkl', 'abc'])
  })
})
