import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { LarderList } from '../../screens/larder/LarderList'

export const metadata = { title: 'Larder' }
export default async function Larder() {
  const day = today()
  const workbook = await reading(sql => readWorkbook(sql, day))
  const uses: Record<string, number> = {}
  for (const recipe of workbook.recipes)
    for (const id of new Set(recipe.lines.flatMap(line => ('ingredient' in line.of ? [line.of.ingredient] : []))))
      uses[id] = (uses[id] ?? 0) + 1
  return <LarderList ingredients={workbook.ingredients} uses={uses} today={day} currency={workbook.kitchen.currency} />
}
