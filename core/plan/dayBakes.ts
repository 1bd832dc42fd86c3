// A day's bakes as the order needs them: what each carries and claims to be free of, and how long hands, oven and waiting take.
import { assessed } from '../assess/slice'
import { deniedBy } from '../claim/denied'
import { rulesOf } from '../market/market'
import { allergenCodes } from '../model/allergen'
import { byId } from '../model/byId'
import type { Product } from '../model/product'
import type { Recipe, Step } from '../model/recipe'
import { judgedOn, type Workbook } from '../model/workbook'
import { bakeOf } from '../recipe/bakeStep'
import { tinLoads } from '../recipe/loads'
import type { OrderBake } from './changeover'

export interface Asked {
  /** Of this entry of the day. */
  id: string
  product: string
  pieces: number
  /** Minutes from the beginning of the day; null: whenever. */
  due: number | null
}
export interface DayBake extends OrderBake {
  product: string
  name: string
  pieces: number
  /** Of the hands’ minutes those at the scale before, and those on it once it is cool; the rest is at the mixer and the bench. */
  weighing: number
  finishing: number
  /** Minutes between hands and oven, in the oven for one load, and after it. */
  rest: number
  oven: number
  after: number
  /** The same waits one by one: at room temperature, or in the cold. */
  restIn: Wait[]
  afterIn: Wait[]
  tins: number
  /** Minutes that somebody said; else what is usual was taken, and for what. */
  guessed: string[]
}

export interface Wait {
  minutes: number
  cold: boolean
}
/** A step that waits in the cold, by its words. */
const inTheCold = /\b(?:chill|fridge|refrigerat|freez|in the cold|cold place|cold room)/i

/** Hands on a bake where nobody said: mixing and filling, by common practice. */
const usualHands = 20
const usualLine = 0.5

const passive = (steps: readonly Step[], when: Step['when']): Wait[] =>
  steps
    .filter(step => step.when === when && step.minutes && !step.work && step.celsius === undefined)
    .map(step => ({ minutes: step.minutes!.to ?? step.minutes!.from, cold: inTheCold.test(step.text) }))
const together = (waits: readonly Wait[]) => waits.reduce((sum, one) => sum + one.minutes, 0)

function handsOf(
  recipe: Recipe,
  workbook: Workbook,
  lines: number,
  pieces: number,
): { minutes: number; weighing: number; finishing: number; guessed: string[] } {
  const worked = recipe.steps.filter(step => step.work)
  const minutes = (steps: readonly Step[]) =>
    steps.reduce((sum, { work }) => sum + work!.minutes * (work!.per === 'piece' ? pieces : 1), 0)
  const line = workbook.kitchen.around?.weighLine
  const weighing = lines * (line ?? usualLine)
  return {
    minutes: (worked.length > 0 ? minutes(worked) : usualHands) + weighing,
    weighing,
    finishing: minutes(worked.filter(step => step.when === 'after')),
    guessed: [...(worked.length > 0 ? [] : ['hands-on work']), ...(line === undefined ? ['weighing'] : [])],
  }
}

function dayBake(workbook: Workbook, product: Product, recipe: Recipe, { id, pieces, due }: Asked): DayBake {
  const markets = product.markets.length > 0 ? product.markets : (['uk'] as const)
  const { bill } = assessed(workbook, product.id, markets[0]!)
  const tables = markets.map(market => assessed(workbook, product.id, market).allergens)
  const factor = recipe.pieces ? pieces / recipe.pieces : 1
  const { minutes: hands, weighing, finishing, guessed } = handsOf(recipe, workbook, bill.lines.length, pieces)
  const tins = Math.max(1, Math.ceil((recipe.tins ?? 1) * factor - 1e-9))
  const atOnce = Math.max(1, ...(workbook.kitchen.ovens ?? []).map(one => one.tins))
  const ovens = recipe.steps.filter(step => step.when === 'oven')
  const oven = ovens.reduce((sum, step) => sum + (step.minutes ? (step.minutes.to ?? step.minutes.from) : 0), 0)
  const [restIn, afterIn] = [passive(recipe.steps, 'bench'), passive(recipe.steps, 'after')]
  const [rest, after] = [together(restIn), together(afterIn)]
  return {
    id,
    product: product.id,
    name: product.name,
    pieces,
    // what may be in it clings too, and what nobody knows may be anything; what one market takes for none another does not
    carries: allergenCodes.filter(code => tables.some(allergens => allergens[code].status !== 'free')),
    denies: [
      ...new Set(
        markets.flatMap(market =>
          product.claims.flatMap(claim => deniedBy(claim, rulesOf(market, judgedOn(workbook)))),
        ),
      ),
    ],
    celsius: bakeOf(recipe.steps).celsius ?? null,
    hands,
    weighing,
    finishing,
    restIn,
    afterIn,
    rest,
    oven,
    after,
    tins,
    tail: rest + oven * (tinLoads(tins, atOnce)?.length ?? 1) + after,
    due,
    guessed: [...guessed, ...(ovens.some(step => !step.minutes) ? ['time in the oven'] : [])],
  }
}

/** Those whose product or recipe is gone are left out, and named. */
export function dayBakesOf(workbook: Workbook, asked: readonly Asked[]): { bakes: DayBake[]; gone: string[] } {
  const products = byId(workbook.products)
  const recipes = byId(workbook.recipes)
  const gone: string[] = []
  const bakes = asked.flatMap(one => {
    const product = products.get(one.product)
    const recipe = product && recipes.get(product.recipe)
    if (product && recipe) return [dayBake(workbook, product, recipe, one)]
    gone.push(product?.name ?? one.product)
    return []
  })
  return { bakes, gone }
}
