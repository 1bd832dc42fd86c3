import fc from 'fast-check'
import { expect, it } from 'vitest'
import { freeByNature, isFreeByNature } from './nature'

const natural = fc.constantFrom(...freeByNature)

it('what stands behind a name is how it is bought or made ready; else it is not what it is by nature', () => {
  for (const name of ['damsons, stoned', 'lemons (unwaxed), halved', 'eggs, large, free-range', 'plums (UK), 5 kg box'])
    expect(isFreeByNature({ name }), name).toBe(true)
  const others = fc.constantFrom(
    'in batter',
    'coated in flour',
    'yoghurt coated',
    'with a biscuit base',
    'smoked over barley',
    'flavoured',
    'candied',
    'from the nut bowl',
  )
  fc.assert(
    fc.property(natural, others, fc.constantFrom(', ', ' (', ' (fresh), '), (name, other, between) => {
      expect(isFreeByNature({ name: `${name}${between}${other}` })).toBe(false)
    }),
  )
})
it('what a thing stands for counts only where its name says no more', () => {
  expect(isFreeByNature({ name: 'brambles', standsFor: 'blackberry' })).toBe(true)
  expect(isFreeByNature({ name: 'Hen’s best', standsFor: 'egg' })).toBe(true)
  const made = fc.constantFrom(
    'biscuits',
    'pastry',
    'cake',
    'custard',
    'liqueur',
    'crackers',
    'and oat mix',
    'nut spread',
  )
  fc.assert(
    fc.property(natural, made, (name, other) => {
      expect(isFreeByNature({ name: `${name} ${other}`, standsFor: name })).toBe(false)
    }),
  )
})
