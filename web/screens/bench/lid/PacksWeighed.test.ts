import { expect, it } from 'vitest'
import { weightsIn } from './PacksWeighed'

it.each([
  ['1104 1110.5\n1108,5; 1107 g'.replace(' g', 'g'), [1104, 1110.5, 1108.5, 1107]],
  ['1104, 1110, 1108,', [1104, 1110, 1108]],
  ['  ', []],
])('“%s” is so many grams, one pack after another', (text, grams) => expect(weightsIn(text, 1100)).toEqual({ grams }))
it.each([
  ['1104 a few', '“a” is no weight in grams.'],
  ['1,104', '“1,104” could be 1104 or 1.104: write the one you mean.'],
  ['1 104', '“1” is far from the 1100 g declared. Write each pack by itself, in grams: 1104.'],
  ['11040', '“11040” is far from the 1100 g declared. Write each pack by itself, in grams: 1104.'],
  ['-5', '“-5” is far from the 1100 g declared. Write each pack by itself, in grams: 1104.'],
])('“%s” is refused in words', (text, problem) => expect(weightsIn(text, 1100)).toEqual({ problem }))
