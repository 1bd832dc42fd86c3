// From a pasted text or an opened file to a draft, or in words why there is none.
import { ownRecipeIn } from '@fair-tin/core/exchange'
import { readRecipe } from '@fair-tin/core/reading'
import { type Draft, mostLines } from './draft'
import { draftFromFile, draftFromReading } from './draftFrom'
import type { Larder } from './ReadingTable'

/** Letters of a recipe as text; a page or a file may be longer, as most of it is not the recipe. */
const longest = 100_000
export const largestFile = 2_000_000
const counted = (count: number) => count.toLocaleString('en-GB')

export function understand(text: string, larder: Larder): { draft: Draft } | { problem: string } {
  if (text.trim() === '')
    return { problem: 'There is nothing to read yet. Paste or type a recipe: title, lines, method.' }
  if (text.length > (/^\s*[[{<]/.test(text) ? largestFile : longest))
    return {
      problem: `This is ${counted(text.length)} letters long: more than a recipe. Paste only the recipe; what you pasted is still here.`,
    }
  const own = ownRecipeIn(text)
  if (own && 'problem' in own) return { problem: `${own.problem} What you pasted is still here.` }
  if (own) return { draft: draftFromFile(own, larder.ingredients, larder.parts) }
  const read = readRecipe(text)
  if (read.lines.length === 0)
    return {
      problem:
        'No ingredient line was found in this. A line looks like “200 g buckwheat flour”, each on its own row. What you pasted is still here.',
    }
  if (read.lines.length > mostLines)
    return {
      problem: `${counted(read.lines.length)} lines were read: more than a recipe, which has ${counted(mostLines)} at the most. Paste one recipe at a time; what you pasted is still here.`,
    }
  return { draft: draftFromReading(read, larder.ingredients, larder.parts) }
}
