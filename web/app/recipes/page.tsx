import { assessed, billed } from '@fair-tin/core/assess'
import { isFrozen } from '@fair-tin/core/recipe'
import { money, toPlaces, weighed } from '@fair-tin/core/words'
import { partsOnShelf, readWorkbook } from '@fair-tin/data'
import { marketInView, reading, today } from '../../bakery'
import { Shelf } from '../../screens/recipes/Shelf'

export const metadata = { title: 'Recipes' }
export default async function Recipes() {
  const [[workbook, stock], market] = await Promise.all([
    reading(sql => Promise.all([readWorkbook(sql, today()), partsOnShelf(sql)])),
    marketInView(),
  ])
  const products = workbook.products.map(product => {
    const { claims, cost, declaration, pieces } = assessed(workbook, product.id, market)
    return {
      id: product.id,
      name: product.name,
      pieces: pieces === null ? null : Number(toPlaces(pieces, 1)),
      pieceName: product.pieceName ?? 'piece',
      perPiece: cost.perPiece === '' ? '' : money(cost.perPiece, cost.currency),
      atLeast: cost.unknown.length > 0,
      claims: claims.map(({ claim, verdict }) => ({ claim, verdict })),
      problems: declaration.problems.length,
    }
  })
  const sold = new Set(workbook.products.map(product => product.recipe))
  const usedIn = new Map<string, string[]>()
  for (const { id, name, lines } of workbook.recipes)
    if (!isFrozen({ id }))
      for (const part of new Set(lines.flatMap(({ of }) => ('recipe' in of ? [of.recipe] : []))))
        usedIn.set(part, [...(usedIn.get(part) ?? []), name])
  const parts = workbook.recipes
    .filter(recipe => !sold.has(recipe.id) && !isFrozen(recipe))
    .map(recipe => {
      const bill = billed(workbook, recipe.id)
      return {
        id: recipe.id,
        name: recipe.name,
        makes: bill.unknown.length > 0 ? 'weight not known' : `makes ${weighed(bill.finished)}`,
        onShelf: stock[recipe.id] ? weighed(stock[recipe.id]!) : '',
        usedIn: usedIn.get(recipe.id) ?? [],
      }
    })
  const damaged = (workbook.damaged ?? []).filter(one => one.kind === 'product' || one.kind === 'recipe')
  return <Shelf products={products} parts={parts} damaged={damaged} />
}
