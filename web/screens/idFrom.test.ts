import { afterEach, expect, it, vi } from 'vitest'
import { idFrom } from './idFrom'

afterEach(() => vi.unstubAllGlobals())

it.each(['Damson & buckwheat slice', 'Crème', '***', 'x'.repeat(300), '  '])(
  '“%s” becomes part of an address',
  name => {
    expect(idFrom(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,79}$/)
    expect(idFrom(name)).not.toBe(idFrom(name))
  },
)
it('also where the browser knows no such ids, as over a plain address in the kitchen', () => {
  const { getRandomValues } = crypto
  vi.stubGlobal('crypto', { getRandomValues: getRandomValues.bind(crypto) })
  expect(idFrom('plums')).toMatch(/^plums-[0-9a-f]{8}$/)
})
