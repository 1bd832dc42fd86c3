// The same card as another programme or hand would send it: nothing that was heard before may be lost for that. The cards are those of
// the blind sets; the ways are common practice, no published source.
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { lostIn } from '../blind/score'
import { cardsOf } from '../blind/tables'

const cards = [
  'fourteenth',
  'fifteenth',
  'sixteenth',
  'seventeenth',
  'eighteenth',
  'nineteenth',
  'twentieth',
  'twentyfirst',
  'twentysecond',
].flatMap(cardsOf)
const rows =
  (way: (row: string) => string) =>
  (text: string): string =>
    text
      .split('\n')
      .map(row => (row.trim() === '' ? row : way(row)))
      .join('\n')
const ways: Record<string, (text: string) => string> = {
  'with ends of rows as one system writes them': text => text.replace(/\n/g, '\r\n'),
  'with blanks before each row': rows(row => `    ${row}`),
  'with blanks behind each row': rows(row => `${row}  `),
  'with blanks that break no row': text => text.replace(/ /g, '\u00a0'),
  'with every row stressed': rows(row => (/\*|\|/.test(row) ? row : `**${row}**`)),
  'with its units close': text => text.replace(/(\d) (g|ml|kg|tsp|tbsp|oz|lb)\b/g, '$1$2'),
  'with its units apart': text => text.replace(/(\d)(g|ml|kg|tsp|tbsp|oz|lb)\b/g, '$1 $2'),
  'with a word broken where a narrow column ends': rows(row =>
    row.replace(/(?<![\p{L}’'-])(\p{Ll}{3,6})(\p{Ll}{3,})(?![\p{L}’'-])(?=[^\n]{0,3}$)/u, '$1-\n$2'),
  ),
  'with printers’ marks': text => text.replace(/'/g, '’').replace(/ - /g, ' – '),
}
it.each(Object.entries(ways))('%s no food of a card is lost', (_, way) => {
  fc.assert(
    fc.property(fc.constantFrom(...cards), card => {
      const before = new Set(lostIn(card))
      const lost = lostIn({ ...card, text: way(card.text) }).filter(food => !before.has(food))
      expect(lost, way(card.text)).toEqual([])
    }),
    { numRuns: 60 },
  )
})
