import { damageOf, unknownIngredient } from '@fair-tin/core/model'
import { readWorkbook } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { reading, today } from '../../../bakery'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'
import { IngredientSheet } from '../../../screens/larder/IngredientSheet'

export const metadata = { title: 'Ingredient' }
export default async function OneIngredient({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const day = today()
  const workbook = await reading(sql => readWorkbook(sql, day))
  const damage = damageOf(workbook, 'ingredient', id)
  if (damage) return <DamagedThing damage={damage} />
  const isNew = id === 'new'
  const ingredient = isNew ? unknownIngredient('new', '') : workbook.ingredients.find(one => one.id === id)
  if (!ingredient) notFound()
  const usedIn = workbook.recipes
    .filter(recipe => recipe.lines.some(line => 'ingredient' in line.of && line.of.ingredient === id))
    .map(recipe => ({ id: recipe.id.split('@')[0]!, name: recipe.name }))
  return (
    <IngredientSheet
      key={`${id}-${ingredient.version}`}
      ingredient={ingredient}
      isNew={isNew}
      workbook={workbook}
      usedIn={usedIn}
    />
  )
}
