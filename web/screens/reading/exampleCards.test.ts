import { readRecipe } from '@fair-tin/core/reading'
import { expect, it } from 'vitest'
import { exampleCards } from './exampleCards'

/** How many lines each holds, its oven, and a word of it that stands in no line. */
const wanted: Record<string, [lines: number, celsius: number | null, left: string]> = {
  'a card': [6, 180, ''],
  'a hasty note': [8, 220, ''],
  'a table': [3, 170, 'clotted cream'],
  'a page fallen apart': [5, 160, 'floured'],
  'told aloud': [4, null, 'pistachios'],
  'another tongue': [7, 180, 'Mandeln'],
}
it.each(exampleCards)('$kind is read whole', ({ kind, text }) => {
  const read = readRecipe(text)
  const [lines, celsius, left] = wanted[kind]!
  expect([read.lines.map(line => line.item).length, read.ovenCelsius]).toEqual([lines, celsius])
  expect([...read.steps.map(step => step.text), ...read.unread].join(' ')).toContain(left)
  // only what is scattered on top is not weighed
  for (const line of read.lines) if (line.role !== 'finish') expect(line.amount, line.text).not.toBeNull()
})
