import { expect, it } from 'vitest'
import { placeOf } from './useDoor'

it.each([
  ['/larder?x=1', '/larder?x=1'],
  ['/', '/'],
  [undefined, '/'],
  ['', '/'],
  ['//evil.example', '/'],
  ['/\\evil.example', '/'],
  ['https://evil.example', '/'],
  ['javascript:alert(1)', '/'],
])('after the door from %j on to %s', (to, place) => expect(placeOf(to)).toBe(place))
