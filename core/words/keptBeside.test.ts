import { expect, it } from 'vitest'
import { keptBeside } from './keptBeside'

it('is made once, and again when anything it rests on is another, more or less', () => {
  const keep = keptBeside<object, number>()
  const [of, a, b] = [{}, {}, {}]
  let made = 0
  const ask = (as: string, rests: unknown[]) => keep(of, as, rests, () => ++made)
  expect(ask('x', [a, b, 'day'])).toBe(1)
  expect(ask('x', [a, b, 'day'])).toBe(1)
  expect(ask('y', [a, b, 'day'])).toBe(2)
  expect(ask('x', [a, { ...b }, 'day'])).toBe(3)
  expect(ask('x', [a, 'day'])).toBe(4)
  expect(ask('x', [a, 'day', undefined])).toBe(5)
  expect(ask('y', [a, b, 'day'])).toBe(2)
  expect(keep({}, 'y', [a, b, 'day'], () => ++made)).toBe(6)
})
