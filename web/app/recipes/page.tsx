import { assess } from '@fair-tin/core/assess'
import { billOf, isFrozen } from '@fair-tin/core/recipe'
import { toPlaces, weighed } from '@fair-tin/core/words'
import { partsOnShelf, readWorkbook } from '@fair-tin/data'
import { marketInView, reading, today } from '../../bakery'
import { Shelf } from '../../screens/recipes/Shelf'
import { money } from '../../ui/money'

export const metadata = { title: 'Recipes' }
export default async function Recipes() {
  const [[workbook, stock], market] = await Promise.all([
    reading(sql => Promise.all([readWorkbook(sql, today()), partsOnShelf(sql)])),
    marketInView(),
  ])
  const products = workbook.products.map(product => {
    const { claims, cost, declaration, pieces } = assess(workbook, product.id, market)
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
  const parts = workbook.recipes
    .filter(recipe => !sold.has(recipe.id) && !isFrozen(recipe))
    .map(recipe => {
      const bill = billOf(workbook, recipe.id)
      return {
        id: recipe.id,
        name: recipe.name,
        makes: bill.unknown.length > 0 ? 'weight not known' : `makes ${weighed(bill.finished)}`,
        onShelf: stock[recipe.id] ? weighed(stock[recipe.id]!) : '',
        usedIn: workbook.recipes
          .filter(
            other => !isFrozen(other) && other.lines.some(line => 'recipe' in line.of && line.of.recipe === recipe.id),
          )
          .map(other => other.name),
      }
    })
  const damaged = (workbook.damaged ?? []).filter(one => one.kind === 'product' || one.kind === 'recipe')
  return <Shelf products={products} parts={parts} damaged={damaged} />
}
