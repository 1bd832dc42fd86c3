// Foods made of others, in other tongues and in English: what is usually in each is asked about, on a pack and in a method. Common
// practice, no published source. The names were written before the reader was run on any: of 162 in other tongues 66 were silent of
// one at least, of 122 in English 43.
import { readFileSync } from 'node:fs'
import { readStatement } from '@fair-tin/core/ingredient'
import { openFoodIn } from '@fair-tin/core/recipe'
import { expect, it } from 'vitest'
import { sampleRecipe } from '../fixtures/sample'

const rows = readFileSync(new URL('../blind/made.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter(row => row.includes(' ¦ '))
  .map(row => row.split(' ¦ ') as [string, string])
const holding = rows.filter(([, holds]) => holds !== '')
const kindOf: Record<string, string> = { gluten: 'wheat', nuts: 'hazelnut' }

it.each(holding)('%s: %s', (name, holds) => {
  const { contains, mayContain, groups } = readStatement(name)
  const heard = new Set<string>([...contains, ...mayContain, ...groups.flatMap(group => group.codes)])
  expect(holds.split(' ').filter(one => !heard.has(kindOf[one] ?? one))).toEqual([])
  const recipe = { ...sampleRecipe('top', []), steps: [{ text: `+ ${name}.`, when: 'bench' as const }] }
  expect(openFoodIn(recipe, { ingredients: [], recipes: [recipe] }).length).toBeGreaterThan(0)
})
it.each(rows.filter(([, holds]) => holds === ''))('%s: nothing', name => {
  const { contains, groups } = readStatement(name)
  expect([contains, groups]).toEqual([[], []])
})
it('nothing is asked of what only begins or ends like it', () => {
  const others = [
    'package',
    'Reisnudeln',
    'Maiswaffeln',
    'rijstwafels',
    'Johannisbrotkernmehl',
    'kakao',
    'nouilles de riz',
  ]
  for (const name of others) expect(readStatement(name).groups, name).toEqual([])
})
