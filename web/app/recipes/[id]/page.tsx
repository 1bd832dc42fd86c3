import { damageOf } from '@fair-tin/core/model'
import { readWorkbook } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { nameHere, reading, today } from '../../../bakery'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'
import { namesOf, partsOf } from '../../../screens/larder/named'
import { Reading } from '../../../screens/reading/Reading'

export const metadata = { title: 'Edit a recipe' }
export default async function EditRecipe({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [workbook, person] = await reading(sql => Promise.all([readWorkbook(sql, today()), nameHere()]))
  const damage = damageOf(workbook, 'recipe', id)
  if (damage) return <DamagedThing damage={damage} />
  const recipe = workbook.recipes.find(one => one.id === id)
  if (!recipe) notFound()
  const larder = { ingredients: workbook.ingredients.map(namesOf), parts: partsOf(workbook.recipes, id) }
  return (
    <Reading
      key={`${id}-${recipe.version}`}
      larder={larder}
      recipe={recipe}
      person={person}
      today={today()}
      sold={workbook.products.find(one => one.recipe === id)?.id}
    />
  )
}
