import fc from 'fast-check'
import { expect, it } from 'vitest'
import { together } from './useBooks'

const things = fc.uniqueArray(
  fc.record({ id: fc.constantFrom(...'abcdefgh'), version: fc.integer({ min: 1, max: 3 }) }),
  {
    selector: one => one.id,
  },
)
it('holds everything of both once, each in its newest state, and what is here where both are the same', () => {
  fc.assert(
    fc.property(things, things, (here, rest) => {
      const all = together(here, rest)
      const ids = all.map(one => one.id)
      expect([...ids].sort()).toEqual([...new Set([...here, ...rest].map(one => one.id))].sort())
      for (const one of all) {
        const [mine, theirs] = [here, rest].map(list => list.find(other => other.id === one.id))
        expect(one.version).toBe(Math.max(mine?.version ?? 0, theirs?.version ?? 0))
        if (mine?.version === one.version) expect(one).toBe(mine)
      }
      expect(ids.filter(id => rest.some(one => one.id === id))).toEqual(rest.map(one => one.id))
    }),
  )
})
