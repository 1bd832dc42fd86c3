// Text written before the reader was run on it, and what a person reads in it; beside it, what a general parser reads of the lines.
// On first sight, before anything was mended: 65 of 100 lines, 39 of 60 statements (20 lost an allergen), 58 of 79 lines of
// whole recipes. The sealed set was run once, when the reader was done: 96 of 100, 56 of 60 (1 lost), 67 of 74; what it missed was
// looked at only then. Later sets, each run once before anything was mended for it: the third 56 of 60 lines and 41 of 50 statements
// (5 lost), the fourth 34 of 40 statements (3 lost) and 50 of 53 lines of
// recipes, the fifth 52 of 60 lines and 38 of 40 statements (2 lost), the sixth 47 of 50 lines, the seventh 52 of 60
// lines (five of the misses by the notation of the set) and 24 of 30 statements (none lost: two were heard as contained), the
// eighth 58 of 84 lines of eight whole recipes and 11 of 18 facts, the ninth 64 of 93 lines of ten and 20 of 26 facts (nine of the
// misses by its notation), the tenth 58 of 86 lines of ten and 16 of 23 facts, the
// eleventh 77 of 86 and 20 of 26; the twelfth 49 of 50 lines and 28 of 30 statements (none lost: two "in the factory" were heard as
// contained), the thirteenth 39 of 40 statements (none lost), the fourteenth 25 of 30 statements (2 lost), the fifteenth 14 of 25
// statements (7 lost, five of them heard as contained where the pack says may), the sixteenth 28 of 40
// statements (11 lost: "contains milk and may contain nuts" lost the first half of it, "not used but present on site" the second) and
// 19 of 380 foods of its cards, the seventeenth 26 of 40 statements (11 lost, seven of them heard as contained) and 14 of 199 foods
// of its cards, the nineteenth 23 of 30 statements (4 lost, two of them heard as contained) and 28 of 309 foods, the twentieth 14 of 154 foods, the twenty-first 8 of 97, the
// twenty-second 19 of 30 statements (6 lost, three of them heard as contained, three left to be read) and 12 of 136 foods, the
// twenty-third 27 of 34 statements (3 lost) and 11 of 162 foods; and the cards of each
// as said there.
import { expect, it } from 'vitest'
import { recipes as eighthRecipes } from '../blind/eighthRecipes'
import { recipes as eleventhRecipes } from '../blind/eleventhRecipes'
import { recipes } from '../blind/firstRecipes'
import { recipes as fourthRecipes } from '../blind/fourthRecipes'
import { recipes as ninthRecipes } from '../blind/ninthRecipes'
import { lostIn, scoreLines, scoreRecipes, scoreStatements } from '../blind/score'
import { recipes as sealedRecipes } from '../blind/sealedRecipes'
import { cardsOf, linesOf, statementsOf } from '../blind/tables'
import { recipes as tenthRecipes } from '../blind/tenthRecipes'

const told = {
  first: recipes,
  sealed: sealedRecipes,
  third: [],
  fourth: fourthRecipes,
  fifth: [],
  sixth: [],
  seventh: [],
  eighth: eighthRecipes,
  ninth: ninthRecipes,
  tenth: tenthRecipes,
  eleventh: eleventhRecipes,
  twelfth: [],
  thirteenth: [],
  fourteenth: [],
  fifteenth: [],
  sixteenth: [],
  seventeenth: [],
  nineteenth: [],
  twentysecond: [],
  twentythird: [],
}
/** What was right when the reader was done, and how many statements lost an allergen: worse is a step back. */
const reached = {
  first: [100, 59, 77, 1],
  sealed: [98, 57, 71, 1],
  third: [58, 48, 0, 0],
  fourth: [0, 37, 52, 0],
  // "not tested for gluten" is heard as a warning since
  fifth: [56, 38, 0, 0],
  sixth: [48, 0, 0, 0],
  seventh: [55, 29, 0, 0],
  eighth: [0, 0, 75, 0],
  ninth: [0, 0, 90, 0],
  tenth: [0, 0, 85, 0],
  eleventh: [0, 0, 82, 0],
  twelfth: [50, 30, 0, 0],
  thirteenth: [0, 40, 0, 0],
  // both lost were heard as contained, where the pack says may
  fourteenth: [0, 27, 0, 2],
  // five of the misses by the notation of the set
  fifteenth: [0, 20, 0, 1],
  // lost: "old stock may still have soya" is heard as contained
  sixteenth: [0, 37, 0, 1],
  // seven of those lost are heard as contained: what was once so, what may be instead, what stands on the site
  seventeenth: [0, 29, 0, 8],
  // lost: "small pieces of shell may remain. Walnut halves." is heard as may
  nineteenth: [0, 26, 0, 1],
  // lost: "Lactose-free butter 82 % fat." and the seeds next door are left for her to read
  twentysecond: [0, 22, 0, 2],
  // lost: "not egg-free" is heard as may
  twentythird: [0, 29, 0, 1],
} as const
it.each(Object.keys(told) as (keyof typeof told)[])(
  'no less of the %s set is read right than before, and no food is lost',
  set => {
    const [one, two, three] = [scoreLines(linesOf(set)), scoreStatements(statementsOf(set)), scoreRecipes(told[set])]
    console.log(
      `${set}: lines ${one.right} of ${one.of} (a general parser ${one.theirs}), statements ${two.right} of ${two.of}, lines of recipes ${three.right} of ${three.of}, their facts ${three.facts} of ${three.factsOf}`,
    )
    const misses = [...one.misses, ...two.misses, ...three.misses].join('\n')
    for (const [at, { right }] of [one, two, three].entries())
      expect(right, misses).toBeGreaterThanOrEqual(reached[set][at]!)
    expect(two.lost.length, two.lost.join('\n')).toBeLessThanOrEqual(reached[set][3])
    if (one.of > 0) expect(one.right).toBeGreaterThan(one.theirs)
    expect(three.lost).toEqual([])
  },
)

it.each([
  ['fourteenth', 10],
  // of the sixteen none is an allergen that nothing else on its card tells of
  ['fifteenth', 15],
  ['sixteenth', 13],
  // of the ten none is an allergen that nothing else on its card tells of
  ['seventeenth', 10],
  // nor of these
  ['eighteenth', 9],
  // nor of these
  ['nineteenth', 17],
  ['twentieth', 6],
  ['twentyfirst', 4],
  ['twentysecond', 5],
  // of the seven five are of one row without a sign between its things, and it stands to be read
  ['twentythird', 7],
] as const)('of the cards of the %s set no more food is lost than before', (set, most) => {
  const cards = cardsOf(set)
  const lost = cards.map(card => [card.text.split('\n')[0]!.slice(0, 40), lostIn(card)] as const)
  const of = cards.reduce((sum, card) => sum + card.foods.length, 0)
  const all = lost.flatMap(([, foods]) => foods)
  console.log(`${set}: ${all.length} of ${of} foods lost`)
  expect(all.length, JSON.stringify(lost.filter(([, foods]) => foods.length > 0))).toBeLessThanOrEqual(most)
})
