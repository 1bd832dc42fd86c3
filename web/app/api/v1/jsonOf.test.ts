import fc from 'fast-check'
import { expect, it } from 'vitest'
import { depthOf, jsonOf } from './jsonOf'

const request = (body: string) => new Request('http://x', { method: 'POST', body })
const deep = (value: unknown): number =>
  typeof value === 'object' && value !== null ? 1 + Math.max(0, ...Object.values(value).map(deep)) : 0

it('knows how deep any data goes', () =>
  fc.assert(
    fc.property(fc.jsonValue(), value => {
      expect(depthOf(JSON.stringify(value))).toBe(deep(value))
    }),
  ))
it('gives what was sent, and null for what is no JSON or has no bottom', async () => {
  expect(await jsonOf(request('{"a":["[[[[", "\\"]"]}'))).toEqual({ a: ['[[[[', '"]'] })
  for (const bad of ['', '{', 'x', '['.repeat(60_000) + ']'.repeat(60_000)])
    expect(await jsonOf(request(bad))).toBeNull()
})
