// The product's recipe for others to read, as schema.org describes one.
import { recipeJsonLd } from '@fair-tin/core'
import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../../bakery'

export const dynamic = 'force-dynamic'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const { products, recipes, ingredients } = await reading(sql => readWorkbook(sql, today()))
  const recipe = recipes.find(one => one.id === products.find(product => product.id === id)?.recipe)
  if (!recipe)
    return new Response('There is no such product. It may have been taken out in another window.', {
      status: 404,
      headers: { 'content-type': 'text/plain; charset=utf-8' },
    })
  return new Response(JSON.stringify(recipeJsonLd(recipe, ingredients, recipes), null, 2), {
    headers: {
      'content-type': 'application/ld+json; charset=utf-8',
      'content-disposition': `attachment; filename="${id}.json"`,
    },
  })
}
