// Suppliers’ articles for one shelf name, cheapest first, and which of them keep every claim.
import { packInForce } from '../cost/cost'
import { sameShelf, withInPlace } from '../ingredient/shelfName'
import { firstMarketOf } from '../market/market'
import { byId } from '../model/byId'
import { nameOfClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import { assess } from './assess'
import type { Catalogue } from './catalogue'

/** Assessing more products whole than this for each supplier would keep someone waiting. */
const mostUsers = 300

/**
 * Suppliers' articles that stand for the same shelf name, cheapest first by usable weight, and whether every claim of
 * every product that uses `id` holds at its lines with each of them. The one in use is among them.
 */
export function cheapestThatKeeps(
  { workbook, usersOf }: Catalogue,
  id: string,
): { ingredient: Ingredient; perKilo: number | null; keeps: boolean; breaks: string[] }[] {
  const own = byId(workbook.ingredients).get(id)
  if (!own) return []
  const users = (usersOf.get(id) ?? []).slice(0, mostUsers)
  return sameShelf(workbook, own)
    .map(one => {
      const pack = packInForce(one, workbook.kitchen.currency, workbook.today, workbook.kitchen.rates)
      const edible = one.measures.find(measure => measure.form === undefined)?.ediblePart ?? 1
      const perKilo = 'unknown' in pack ? null : ((Number(pack.price) / pack.grams) * 1000) / edible
      const tried = withInPlace(workbook, own, one)
      const breaks = users.flatMap(user => {
        const product = byId(workbook.products).get(user)!
        const { bill, claims } = assess(tried, user, firstMarketOf(product))
        const harmed = claims.filter(claim =>
          bill.lines.some(
            (line, at) =>
              line.ingredient === own.id && (claim.marks[at] === 'breaks' || claim.marks[at] === 'unproven'),
          ),
        )
        return harmed.map(claim => `${product.name}: ${nameOfClaim(claim.claim)}`)
      })
      return { ingredient: one, perKilo, keeps: breaks.length === 0, breaks }
    })
    .sort((a, b) => (a.perKilo ?? Number.POSITIVE_INFINITY) - (b.perKilo ?? Number.POSITIVE_INFINITY))
}
