import { readWorkbook, stockOnHand } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { LarderList } from '../../screens/larder/LarderList'

export const metadata = { title: 'Larder' }
export default async function Larder() {
  const day = today()
  const [workbook, stock] = await reading(sql => Promise.all([readWorkbook(sql, day), stockOnHand(sql)]))
  const uses: Record<string, number> = {}
  for (const recipe of workbook.recipes)
    for (const id of new Set(recipe.lines.flatMap(line => ('ingredient' in line.of ? [line.of.ingredient] : []))))
      uses[id] = (uses[id] ?? 0) + 1
  const { currency, rates, freeByNature } = workbook.kitchen
  return (
    <LarderList
      ingredients={workbook.ingredients}
      uses={uses}
      stock={stock}
      today={day}
      kitchen={{ currency, ...(rates ? { rates } : {}), ...(freeByNature ? { freeByNature } : {}) }}
      damaged={(workbook.damaged ?? []).filter(one => one.kind === 'ingredient').map(one => one.id)}
    />
  )
}
