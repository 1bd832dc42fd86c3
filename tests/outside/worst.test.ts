// The worst that can be pasted: twice as much of it is at most twice the work, give or take. Work is counted, not timed: each sign
// that a pattern goes over, as far as it looks, is a step.
import { readRecipe, readStatement } from '@fair-tin/core'
import { expect, it } from 'vitest'

/** Signs offered to patterns while `work` runs. */
function steps(work: () => void): number {
  const own = RegExp.prototype.exec
  let count = 0
  RegExp.prototype.exec = function (text: string) {
    const from = this.global || this.sticky ? this.lastIndex : 0
    const found = own.call(this, text)
    // to the end of what is found; to the end of the text where nothing is, but for what may only stand at its head
    const headOnly = this.source.startsWith('^') && !this.multiline
    count += found ? found.index + found[0].length - from + 1 : headOnly || this.sticky ? 1 : String(text).length - from
    return found
  }
  try {
    work()
  } finally {
    RegExp.prototype.exec = own
  }
  return count
}

/** Each made `size` times over; in one row where it has no line break of its own. */
const worst: Record<string, (size: number) => string> = {
  'digits without end': size => '1'.repeat(size * 20),
  'digits and slips': size => '1O0l'.repeat(size * 5),
  'halves of halves': size => 'half of a half and '.repeat(size),
  'number words': size => 'two hundred and '.repeat(size),
  fractions: size => '11/2 1/2 ½ '.repeat(size),
  'sums without end': size => '1 cup plus '.repeat(size),
  'alternatives without end': size => 'rice or '.repeat(size),
  'open brackets': size => '('.repeat(size * 5),
  'brackets in turn': size => '(a) [b] '.repeat(size * 2),
  'commas only': size => ','.repeat(size * 10),
  'units only': size => 'g ml oz tsp '.repeat(size),
  blanks: size => ' \t'.repeat(size * 5),
  'one long word': size => 'Magermilchpulver'.repeat(size),
  'spoons of other kitchens': size => '2 EL 1 c. à soupe 3 ст. л. '.repeat(size),
  'rows of amounts': size => '200 g\n'.repeat(size),
  'amounts and names in turn': size => '200 g\nrice flour\n'.repeat(size),
  'rows of a table': size => '| 200 g | rice flour | 3 |\n'.repeat(size),
  'rows of a sheet': size => `Ingredient,Amount,Unit\n${'rice flour,200,g\n'.repeat(size)}`,
  'headings over nothing': size => 'For the base:\n'.repeat(size),
  'steps full of food': size => 'Brush with butter, milk and walnuts for 10 minutes at 180 C.\n'.repeat(size),
  'breaks only': size => '\n<br>\r\n'.repeat(size * 2),
}
let fresh = 0
/** A word of its own in each text, so that nothing is remembered. */
const unlike = (text: string) => `q${(fresh++).toString(36)}z ${text}`

it.each(Object.keys(worst))('a recipe of %s', kind => {
  const at = (size: number) => steps(() => readRecipe(unlike(worst[kind]!(size))))
  at(50) // patterns and dictionaries are made once
  const [once, twice] = [at(200), at(400)]
  expect(twice, `${once} steps, then ${twice}`).toBeLessThan(once * 2.6 + 50_000)
})
it.each(Object.keys(worst))('a statement of %s', kind => {
  const at = (size: number) => steps(() => readStatement(unlike(worst[kind]!(size))))
  at(50)
  const [once, twice] = [at(200), at(400)]
  expect(twice, `${once} steps, then ${twice}`).toBeLessThan(once * 2.6 + 50_000)
})
it('counts what it says it counts', () => {
  expect(steps(() => /x/.test('abc'))).toBe(3)
  expect(steps(() => /^x/.test('abc'))).toBe(1)
  expect(steps(() => 'abab'.replace(/a/g, ''))).toBeGreaterThanOrEqual(4)
  expect(steps(() => {})).toBe(0)
})
