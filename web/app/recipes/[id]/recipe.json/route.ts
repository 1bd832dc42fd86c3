// A recipe as a file: as schema.org describes one, with our own form inside; or (?form=own) our own form alone.
import { recipeFile, recipeJsonLd } from '@fair-tin/core/exchange'
import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../../bakery'

export const dynamic = 'force-dynamic'

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const { recipes, ingredients } = await reading(sql => readWorkbook(sql, today()))
  const recipe = recipes.find(one => one.id === id)
  if (!recipe)
    return new Response('There is no such recipe. It may have been taken out in another window.', {
      status: 404,
      headers: { 'content-type': 'text/plain; charset=utf-8' },
    })
  const own = new URL(request.url).searchParams.get('form') === 'own'
  const file = own ? recipeFile(recipe, ingredients, recipes) : recipeJsonLd(recipe, ingredients, recipes)
  return new Response(JSON.stringify(file, null, 2), {
    headers: {
      'content-type': `application/${own ? 'json' : 'ld+json'}; charset=utf-8`,
      'content-disposition': `attachment; filename="${id}${own ? '.fair-tin' : ''}.json"`,
    },
  })
}
