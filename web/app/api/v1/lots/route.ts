// Lots by the code on the pack, of whatever they are: what was scanned may be the wrong thing.
import { wellFormed } from '@fair-tin/core/words'
import { findIngredient, lotsOfCode } from '@fair-tin/data'
import { reading } from '../../../../bakery'
import { refusal } from '../answer'

export async function GET(request: Request) {
  const code = wellFormed(new URL(request.url).searchParams.get('code') ?? '')
    .trim()
    .slice(0, 60)
  try {
    const lots = await reading(async sql => {
      const found = code === '' ? [] : await lotsOfCode(sql, code)
      const names = new Map<string, string>()
      for (const { ingredient } of found)
        if (!names.has(ingredient)) names.set(ingredient, (await findIngredient(sql, ingredient))?.name ?? ingredient)
      return found.map(({ evidence: _, ...lot }) => ({ ...lot, name: names.get(lot.ingredient)! }))
    })
    return Response.json({ lots })
  } catch (error) {
    return refusal(error)
  }
}
