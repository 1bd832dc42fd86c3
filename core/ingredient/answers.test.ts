import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readStatement } from './statement'

const foods = ['milk', 'egg', 'peanut', 'sesame', 'celery', 'mustard', 'lupin'] as const
type What = 'contains' | 'may' | 'no'
const inWords: Record<What, readonly string[]> = {
  contains: ['yes', 'present', 'contains', 'contained', 'Yes', 'found', 'detected', '12 mg/kg', '4.5 ppm found'],
  may: [
    'may contain',
    'traces',
    'unknown',
    'not tested',
    'not analysed',
    'not determined',
    'not stated',
    'no data',
    'no information',
    'n/a',
    'n/d',
    'pending',
    'not detected',
    'below LOQ',
    '<2.5 mg/kg',
    '< 10 ppm',
    'to be confirmed',
  ],
  no: ['no', 'absent', 'not present', 'none', 'No'],
}
const heard = (text: string) => {
  const { contains, mayContain } = readStatement(text)
  return (food: string): What =>
    contains.includes(food as never) ? 'contains' : mayContain.includes(food as never) ? 'may' : 'no'
}
const what = fc.constantFrom<What>('contains', 'may', 'no')
const answers = fc.record({
  named: fc.shuffledSubarray([...foods], { minLength: 2 }),
  whats: fc.array(what, { minLength: foods.length, maxLength: foods.length }),
  at: fc.nat(),
})

describe('a table of answers', () => {
  it('in words: each is heard as it is answered; what nobody looked for may be there', () => {
    fc.assert(
      fc.property(
        answers,
        fc.constantFrom(': ', ' - ', ' = '),
        fc.constantFrom('; ', '. ', '\n', ', '),
        ({ named, whats, at }, is, then) => {
          const word = (n: number) => inWords[whats[n]!][(at + n) % inWords[whats[n]!].length]!
          const text = named.map((food, n) => `${food}${is}${word(n)}`).join(then)
          for (const [n, food] of named.entries()) expect(heard(text)(food), `${text} → ${food}`).toBe(whats[n])
        },
      ),
    )
  })
  const keys: readonly (readonly [Record<What, string>, string])[] = [
    [{ contains: 'Y', no: 'N', may: 'P' }, 'Y = contains, N = does not contain, P = may contain'],
    [{ contains: '+', no: '-', may: 'T' }, '+ = present, - = absent, T = traces'],
    [{ contains: 'C', no: 'A', may: 'X' }, 'C: contains; A: absent; X: cross-contact'],
    [{ contains: '1', no: '3', may: '2' }, '1 = contains, 2 = may contain, 3 = does not contain'],
  ]
  it('in signs, with the key to them before or behind', () => {
    fc.assert(
      fc.property(
        answers,
        fc.constantFrom(...keys),
        fc.constantFrom(': ', ' ', ' | '),
        fc.constantFrom('; ', ' | ', ', ', ' / '),
        fc.boolean(),
        ({ named, whats, at }, [sign, key], is, then, before) => {
          // some of it is spelled out all the same
          const said = (n: number) => (at % 3 === n % 3 ? inWords[whats[n]!][0]! : sign[whats[n]!])
          const table = named.map((food, n) => `${food}${is}${said(n)}`).join(then)
          const text = before ? `${key}. ${table}` : `${table} (${key})`
          for (const [n, food] of named.entries()) expect(heard(text)(food), `${text} → ${food}`).toBe(whats[n])
        },
      ),
    )
  })
  it('in boxes of which none is ticked: nobody filled it in, and all of it stands', () => {
    for (const text of ['[ ] milk [ ] egg', 'milk ☐, egg ☐']) expect(heard(text)('milk'), text).toBe('contains')
  })
  it('in boxes, ticked or left empty', () => {
    fc.assert(
      fc.property(
        answers,
        fc.constantFrom(['[x]', '[ ]'], ['☒', '☐'], ['☑', '☐'], ['[✓]', '[]']),
        fc.constantFrom(' ', ', ', '; ', ' | '),
        fc.boolean(),
        ({ named, whats }, [ticked, empty], then, first) => {
          fc.pre(named.some((_, n) => whats[n] !== 'no'))
          const box = (n: number) => (whats[n] === 'no' ? empty : ticked)
          const text = named.map((food, n) => (first ? `${box(n)} ${food}` : `${food} ${box(n)}`)).join(then)
          for (const [n, food] of named.entries())
            expect(heard(text)(food), `${text} → ${food}`).toBe(whats[n] === 'no' ? 'no' : 'contains')
        },
      ),
    )
  })
})

describe('what a bracket says behind a no', () => {
  const beside: readonly [string, boolean][] = [
    ['our bakery uses it', true],
    ['stored in the kitchen', true],
    ['not guaranteed', true],
    ['untested', true],
    ['never checked', true],
    ['shared mill', true],
    ['not used here', false],
    ['no traces', false],
    ['see note 4', false],
  ]
  it('is a warning or stands to be read, and is never dropped', () => {
    fc.assert(
      fc.property(fc.constantFrom(...foods), fc.constantFrom(...beside), (food, [words, warns]) => {
        const said = readStatement(`Rye: yes. ${food}: no (${words}).`)
        expect(said.mayContain.includes(food), words).toBe(warns)
        expect(said.contains).toEqual(['rye'])
        if (!warns) expect(said.unread.join(' ')).toContain(words)
      }),
    )
  })
})
