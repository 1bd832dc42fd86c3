import { readWorkbook } from '@fair-tin/data'
import { nameHere, reading, today } from '../../../bakery'
import { namesOf, partsOf } from '../../../screens/larder/named'
import { Reading } from '../../../screens/reading/Reading'

export const metadata = { title: 'Paste a recipe' }
export default async function NewRecipe() {
  const [workbook, person] = await reading(sql => Promise.all([readWorkbook(sql, today()), nameHere()]))
  const larder = { ingredients: workbook.ingredients.map(namesOf), parts: partsOf(workbook.recipes) }
  return <Reading larder={larder} person={person} today={today()} />
}
