// Text written before the reader was run on it, and what a person reads in it.
import { expect, it } from 'vitest'
import { lines } from '../blind/firstLines'
import { recipes } from '../blind/firstRecipes'
import { statements } from '../blind/firstStatements'
import { scoreLines, scoreRecipes, scoreStatements } from '../blind/score'

it('the first set', () => {
  const [one, two, three] = [scoreLines(lines), scoreStatements(statements), scoreRecipes(recipes)]
  console.log(`lines ${one.right}/${one.of} (a general parser ${one.theirs})\n${one.misses.join('\n')}`)
  console.log(`statements ${two.right}/${two.of}, ${two.lost.length} lost\n${two.misses.join('\n')}`)
  console.log(
    `recipes: lines ${three.right}/${three.of}, whole ${three.whole}/${three.recipes}, facts ${three.facts}/${three.factsOf}\n${three.misses.join('\n')}\nlost: ${three.lost.join(' · ')}`,
  )
  expect(one.of + two.of + three.recipes).toBe(172)
})
