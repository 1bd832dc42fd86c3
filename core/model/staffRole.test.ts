import { describe, expect, it } from 'vitest'
import { mayDo, rightNames, rights, StaffRole, staffRoles } from './staffRole'

describe('who may do what', () => {
  it('the owner may do all there is, a reader nothing', () => {
    for (const right of rights) {
      expect(mayDo({ role: 'owner', seesPrices: false }, right)).toBe(true)
      expect(mayDo({ role: 'reader', seesPrices: true }, right)).toBe(false)
    }
  })
  it('every right is somebody’s besides the owner’s, but those over people and the whole', () =>
    expect(rights.filter(right => !staffRoles.signer.may.includes(right))).toEqual(['people', 'whole bakery']))
  it('only who may sign signs', () =>
    expect(StaffRole.options.filter(role => mayDo({ role, seesPrices: true }, 'signing'))).toEqual(['owner', 'signer']))
  it('prices are kept from those the owner keeps them from', () => {
    expect(mayDo({ role: 'baker', seesPrices: true }, 'prices')).toBe(true)
    expect(mayDo({ role: 'baker', seesPrices: false }, 'prices')).toBe(false)
    expect(mayDo({ role: 'baker', seesPrices: false }, 'larder')).toBe(true)
  })
  it('each right has a name to refuse it by', () => expect(Object.keys(rightNames).sort()).toEqual([...rights].sort()))
})
