import { expect, it } from 'vitest'
import { asWritten } from '../words/replaced'
import { groupMentions, mentions } from './lexicon'
import { inFull } from './shorthand'

const codes = (text: string) => [
  ...new Set([...mentions(text).map(one => one.code), ...groupMentions(text).flatMap(one => one.codes)]),
]
/** As people leave the vowels out, or stop in the middle. */
const hasty: Record<string, string[]> = {
  cream: ['crm', 'crm.'],
  milk: ['mlk'],
  butter: ['btr', 'bttr'],
  almonds: ['almnds', 'alm.', 'almds'],
  hazelnuts: ['haz', 'hzlnts'],
  walnuts: ['wlnts', 'waln.'],
  pecans: ['pecs', 'pcns'],
  'wheat flour': ['wht flr'],
  'white chocolate': ['wht chocolate'],
  pistachios: ['pist.', 'pists'],
  cheese: ['chs'],
  barley: ['brly'],
  yogurt: ['yog'],
}
const around = [
  '#',
  '200 g #',
  'coconut #',
  'dbl # to serve',
  'flaked #, toasted',
  'no # here',
  '# free spread',
  'Top w/ #\nand bake',
]
it('a word in haste warns of what the whole word warns of, wherever it stands', () => {
  for (const [full, shorts] of Object.entries(hasty))
    for (const short of shorts)
      for (const place of around.filter(one => !(short.endsWith('.') && one.startsWith('# free'))))
        expect(codes(place.replace('#', short)), place.replace('#', short)).toEqual(codes(place.replace('#', full)))
})
it('each is found where it is written, as it is written', () => {
  const text = 'Fill w/ 300 ml dbl crm, top with toasted pecs and alm.'
  for (const { start, end, word } of mentions(text)) expect(text.slice(start, end)).toBe(word)
  expect(mentions(text).map(one => one.word)).toEqual(['crm', 'pecs', 'alm'])
})
it('what is written in full stays the very same text', () => {
  const plain = asWritten('Cash and carry: 4 pt milk, a pinch of salt, 2 haze-grey tins, walls, pecks of pistou.')
  expect(inFull(plain)).toBe(plain)
})

it('what only sounds like a word in haste is none: "let it mature"', () => {
  for (const said of ['Let the pudding mature.', 'leave three weeks to mature', 'brandy, mature', 'trim the butt.'])
    expect(mentions(said), said).toEqual([])
  expect(mentions('200 g extra mature').map(one => one.code)).toEqual(['milk'])
  expect(mentions('100g butt').map(one => one.code)).toEqual(['milk'])
})
