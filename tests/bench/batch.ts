// Reading 1,000 ingredient lines beside a general parser, and exploding a five-level recipe of 300 lines beside a plain
// recursion over the same tree that only multiplies. Prints times and ratios; judges nothing.
import { billOf, type Recipe, readLine, type Workbook } from '@fair-tin/core'
import { parseIngredient } from 'parse-ingredient'
import { ingredients } from '../../demo/ingredients'
import { kitchen } from '../../demo/kitchen'

const today = '2026-11-24'
const median = (times: number[]) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!
function timed(work: () => void, runs = 15): number {
  for (let at = 0; at < 3; at++) work()
  return median(
    Array.from({ length: runs }, () => {
      const began = performance.now()
      work()
      return performance.now() - began
    }),
  )
}

const shapes = [
  (n: number) => `${n} g buckwheat flour`,
  (n: number) => `${n % 4}½ cups ground almonds, sifted`,
  (n: number) => `½ cup plus ${(n % 3) + 1} tbsp date syrup`,
  (n: number) => `${n}g/${n % 9}oz plant butter, softened, for the tin`,
  (n: number) => `zest of ${(n % 3) + 1} lemons`,
  () => 'a pinch of salt (optional)',
  (n: number) => `${n % 5}-${(n % 5) + 2} tbsp butter or coconut oil`,
  (n: number) => `2 x ${n} g tins of chestnuts, drained`,
]
const lines = Array.from({ length: 1000 }, (_, at) => shapes[at % shapes.length]!((at % 400) + 1))
const ours = timed(() => lines.forEach(line => void readLine(line)))
const theirs = timed(() => lines.forEach(line => void parseIngredient(line)))
console.log(
  `reading 1,000 lines: ours ${ours.toFixed(1)} ms, the general parser ${theirs.toFixed(1)} ms; it takes ${(theirs / ours).toFixed(2)} of our time`,
)

// five levels, each with 60 lines of its own and the next level twice
const larder = ingredients(today)
const levels: Recipe[] = Array.from({ length: 5 }, (_, level) => ({
  id: `level-${level}`,
  version: 1,
  name: `Level ${level}`,
  steps: [],
  bakeLoss: level === 0 ? 0.1 : 0,
  lines: [
    ...Array.from({ length: level < 4 ? 58 : 60 }, (_, at) => ({
      id: `l${at}`,
      of: { ingredient: larder[(level * 7 + at) % larder.length]!.id },
      amount: { value: 10 + at, unit: 'g' as const },
      role: 'mix' as const,
    })),
    ...(level < 4
      ? [0, 1].map(at => ({
          id: `p${at}`,
          of: { recipe: `level-${level + 1}` },
          amount: { value: 300 + at, unit: 'g' as const },
          role: 'mix' as const,
        }))
      : []),
  ],
}))
const workbook: Workbook = { products: [], recipes: levels, ingredients: larder, ...kitchen(today), today }
const written = levels.reduce((sum, one) => sum + one.lines.length, 0)

/** The least there is to do: the same leaves, multiplied down the same tree. */
function bare(level: number, times: number, into: { ingredient: string; grams: number }[]): number {
  let grams = 0
  const recipe = levels[level]!
  const made = level < 4 ? bare(level + 1, 1, []) : 0
  for (const line of recipe.lines) {
    if ('ingredient' in line.of) {
      into.push({ ingredient: line.of.ingredient, grams: line.amount!.value * times })
      grams += line.amount!.value
    } else {
      bare(level + 1, (line.amount!.value / made) * times, into)
      grams += line.amount!.value
    }
  }
  return grams
}
const leaves = billOf(workbook, 'level-0').lines.length
const exploding = timed(() => void billOf(workbook, 'level-0'), 40)
const least = timed(() => void bare(0, 1, []), 40)
console.log(
  `exploding five levels of ${written} lines into ${leaves} leaves: ours ${exploding.toFixed(2)} ms, a bare recursion ${least.toFixed(2)} ms, ratio ${(exploding / least).toFixed(1)}`,
)
