import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../bakery'
import { namesOf, partsOf } from '../../../screens/larder/named'
import { Reading } from '../../../screens/reading/Reading'

export const metadata = { title: 'Paste a recipe' }
export default async function NewRecipe() {
  const workbook = await reading(sql => readWorkbook(sql, today()))
  return <Reading larder={{ ingredients: workbook.ingredients.map(namesOf), parts: partsOf(workbook.recipes) }} />
}
