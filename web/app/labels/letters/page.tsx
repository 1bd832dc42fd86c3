import { lettersFor, letterText } from '@fair-tin/core/assess'
import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../bakery'
import { Letters } from '../../../screens/labels/Letters'

export const metadata = { title: 'Letters to suppliers' }
export default async function LettersPage() {
  const workbook = await reading(sql => readWorkbook(sql, today()))
  const { operator } = workbook.kitchen
  const from = operator ? `${operator.name}, ${operator.address}` : ''
  return (
    <Letters
      letters={lettersFor(workbook).map(letter => ({
        supplier: letter.supplier,
        articles: letter.asks.map(one => one.ingredient),
        products: [...new Set(letter.asks.flatMap(one => one.products))],
        text: letterText(letter, from),
      }))}
    />
  )
}
