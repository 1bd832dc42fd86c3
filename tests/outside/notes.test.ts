// What people write beside a recipe with a "no", a "not" or a "without" in it, and the food that is in it all the same; beside them
// true denials. Invented, in the manner of notes; written before the denials were looked at, and run once: of 78, 3 were silent, and
// of 18 denials 2 were asked about.
import { readFileSync } from 'node:fs'
import { openFoodIn } from '@fair-tin/core/recipe'
import { expect, it } from 'vitest'

const [, isInIt = '', isDenied = ''] = readFileSync(new URL('../blind/notes.txt', import.meta.url), 'utf8').split(
  /^# .*\n/m,
)
const rows = (table: string) =>
  table
    .trim()
    .split('\n')
    .map(row => row.split(' ¦ ') as [said: string, food: string])
/** Is it asked about, as a note and as a step? */
const asked = (said: string, food: string): boolean[] =>
  [{ steps: [], notes: said }, { steps: [{ text: said, when: 'bench' as const }] }].map(words => {
    const recipe = { id: 'r', version: 1, name: 'It', lines: [], ...words }
    return openFoodIn(recipe, { ingredients: [], recipes: [recipe] }).some(one =>
      one.word.toLowerCase().includes(food.replace(/s$/, '')),
    )
  })
it.each(rows(isInIt))('%s: %s is asked about', (said, food) => expect(asked(said, food)).toEqual([true, true]))
it.each(rows(isDenied))('%s: %s is not', (said, food) => expect(asked(said, food)).toEqual([false, false]))
