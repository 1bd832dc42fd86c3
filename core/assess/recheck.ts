// Every claim of a catalogue, judged once and kept in flat arrays, so that after one fact of one ingredient has changed only what
// rests on it is judged again. No rule is written twice: a line's mark is what the rule itself says of that one line, a food's
// verdict is the worst of its lines, of the kitchen and of what is not known. What rests on sums (nutrients, the gluten of a
// blend) is judged by its rule from the bill that was kept; what may be made with other things, whole.
import { findingsOnDemand } from '../allergen/rollUp'
import { judge, saysOfNutrients } from '../claim/claim'
import { type ClaimContext, type Ground, severity, type Verdict } from '../claim/verdict'
import { same } from '../edit/same'
import { rulesOf } from '../market/market'
import { byId } from '../model/byId'
import { type ClaimCode, namedClaims } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import { type MarketCode, marketCodes } from '../model/market'
import type { Product } from '../model/product'
import { judgedOn, type Workbook } from '../model/workbook'
import { analysedOf } from '../nutrition/laboratory'
import { nutritionOf, samePerGram } from '../nutrition/rollUp'
import { type Bill, type BillLine, billOf } from '../recipe/bill'
import { asPacked } from '../recipe/packWeight'
import { assess } from './assess'
import { catalogueOf } from './catalogue'
import { choicesIn } from './choices'

const verdicts = ['holds', 'holds', 'unproven', 'breaks'] as const satisfies readonly Verdict[]

/** One line of it, used in one way: what a claim says of that does not rest on where it stands. */
interface LineKind {
  ingredient: string
  line: BillLine
}
interface Kept {
  product: Product
  /** Null where other things may be used instead: then it is judged whole. */
  bill: Bill | null
  /** Kinds of its lines, those that touch the food. */
  kinds: Int32Array
  /** What is not known of the recipe, whatever the claim. */
  gaps: number
}
export interface Books {
  /** The products as they are sold, with the claims that are made. */
  sold: readonly Product[]
  /** The same, asked about every claim. */
  workbook: Workbook
  markets: readonly MarketCode[]
  claims: readonly ClaimCode[]
  /** Does the claim rest on sums over the food? */
  sums: readonly boolean[]
  products: readonly Kept[]
  kinds: readonly LineKind[]
  /** By kind of line, market, claim: how grave, 0 to 3. */
  marks: Uint8Array
  /** By market, claim: the kitchen, and what the claim is by itself. */
  shared: Uint8Array
  /** By product, market, claim: all but `shared`. */
  own: Uint8Array
}
export interface VerdictChange {
  product: string
  market: MarketCode
  claim: ClaimCode
  was: Verdict
  now: Verdict
}

const worst = (grounds: readonly Ground[]): number =>
  grounds.reduce((so, one) => Math.max(so, severity[one.verdict]), 0)

/** The bill of one line alone. */
const alone = (line: BillLine): Bill => ({
  factor: 1,
  lines: [line],
  ingoing: 1,
  finished: 1,
  drained: 0,
  waterLost: 0,
  unknown: [],
  gaps: [],
  besideGaps: [],
  parts: [],
})
const contextOf = (workbook: Workbook, product: Product, bill: Bill, market: MarketCode): ClaimContext => {
  const rules = rulesOf(market, judgedOn(workbook))
  return {
    product,
    bill,
    workbook,
    rules,
    found: findingsOnDemand(bill, workbook, rules.allergens),
    nutrition: nutritionOf(
      bill,
      workbook,
      rules,
      product.netWeight / product.pieces,
      analysedOf(product, bill, workbook),
    ),
  }
}
const anyProduct: Product = { id: '', name: '', recipe: '', netWeight: 100, pieces: 1, claims: [], markets: [] }

type Asked = Pick<Books, 'markets' | 'claims' | 'sums'>
/**
 * What each claim in each market says of a line of that kind; and what it says whatever the line is: of the kitchen, and of the
 * claim itself. Where it rests on sums, what is said of the whole is said of each food for itself.
 */
function judgedAlone(workbook: Workbook, { line }: LineKind, { markets, claims, sums }: Asked) {
  const marks = new Uint8Array(markets.length * claims.length)
  const shared = new Uint8Array(marks.length)
  const bill = alone(line)
  for (const [m, market] of markets.entries()) {
    const context = contextOf(workbook, anyProduct, bill, market)
    for (const [c, claim] of claims.entries()) {
      const { grounds, kitchenGrounds } = judge(claim, context)
      const at = m * claims.length + c
      const whole = sums[c] ? [] : grounds.filter(one => one.at < 0)
      marks[at] = worst(grounds.filter(one => one.at === 0))
      shared[at] = worst([...kitchenGrounds, ...whole])
    }
  }
  return { marks, shared }
}

const emptyBook: Pick<Kept, 'kinds' | 'gaps'> = { kinds: new Int32Array(0), gaps: severity.unproven }

/** A food's own verdict on a claim: without the kitchen. */
function ownOf(books: Omit<Books, 'own'>, { product, bill, kinds, gaps }: Kept, m: number): (c: number) => number {
  const { workbook, claims, markets, marks, sums } = books
  if (bill === null) {
    const { claims: judged } = assess(workbook, product.id, markets[m]!)
    const by = new Map(judged.map(one => [one.claim, severity[one.verdict]]))
    return c => by.get(claims[c]!) ?? severity.unproven
  }
  let context: ClaimContext | null = null
  return c => {
    if (sums[c]) {
      context ??= contextOf(workbook, product, bill, markets[m]!)
      return kinds.length === 0 ? severity.unproven : worst(judge(claims[c]!, context).grounds)
    }
    let mark = gaps
    const at = m * claims.length + c
    const step = markets.length * claims.length
    for (const kind of kinds) mark = Math.max(mark, marks[kind * step + at]!)
    return mark
  }
}

/** All named claims and those of the house, in every market, of every product, at once. */
export function booksOf(workbook: Workbook, markets: readonly MarketCode[] = marketCodes): Books {
  const making = makingBooks(workbook, markets)
  for (;;) {
    const { done, value } = making.next()
    if (done) return value
  }
}
/** The same, a product at a time, so that whoever makes them can answer in between or leave off. */
export function* makingBooks(workbook: Workbook, markets: readonly MarketCode[]): Generator<void, Books> {
  const house = (workbook.kitchen.houseRules ?? []).map(one => one.claim)
  const claims = [...new Set<ClaimCode>([...namedClaims, ...house])]
  // a claim nobody made is judged too: the product is asked about as if it made them all
  const asked = workbook.products.map(product => ({ ...product, claims }))
  const whole: Workbook = { ...workbook, products: asked }
  const recipes = byId(workbook.recipes)
  const kinds: LineKind[] = []
  const kindAt = new Map<string, number>()
  const kept = (stored: Product): Kept => {
    if (choicesIn(workbook, stored.recipe).length > 0) return { product: stored, bill: null, ...emptyBook }
    const bill = billOf(workbook, stored.recipe)
    const own = bill.lines.flatMap(line => {
      if (line.role === 'beside') return []
      const key = JSON.stringify([line.ingredient, line.leavesNothing, line.leavesAs, line.sweetens])
      const known = kindAt.get(key) ?? kinds.length
      if (known === kinds.length) {
        kindAt.set(key, known)
        kinds.push({ ingredient: line.ingredient, line: { ...line, grams: 1, retained: 1, baked: 1 } })
      }
      return [known]
    })
    return {
      product: asPacked(stored, recipes.get(stored.recipe), bill),
      bill,
      kinds: Int32Array.from(own),
      gaps: own.length === 0 || bill.gaps.some(gap => gap.kind === 'component') ? severity.unproven : 0,
    }
  }
  const products: Kept[] = []
  for (const product of asked) {
    products.push(kept(product))
    yield
  }
  const sums = claims.map(
    claim => claim === 'glutenFree' || (saysOfNutrients(claim, workbook.kitchen) && claim !== 'noAddedSugar'),
  )
  const step = markets.length * claims.length
  const marks = new Uint8Array(kinds.length * step)
  let shared: Uint8Array = new Uint8Array(step)
  for (const [at, kind] of kinds.entries()) {
    const judged = judgedAlone(whole, kind, { markets, claims, sums })
    marks.set(judged.marks, at * step)
    shared = judged.shared
    yield
  }
  const books = { sold: workbook.products, workbook: whole, markets, claims, sums, products, kinds, marks, shared }
  const own = new Uint8Array(products.length * step)
  for (const [p, kept] of products.entries()) {
    yield
    for (let m = 0; m < markets.length; m++) {
      const of = ownOf(books, kept, m)
      for (let c = 0; c < claims.length; c++) own[p * step + m * claims.length + c] = of(c)
    }
  }
  return { ...books, own }
}

/** The verdict on every claim of a product in a market, in the order of the claims. */
export const verdictsIn = ({ own, shared, markets, claims, products }: Books, product: string, market: MarketCode) => {
  const p = products.findIndex(one => one.product.id === product)
  const from = markets.indexOf(market) * claims.length
  return claims.map(
    (claim, c) =>
      [claim, verdicts[Math.max(own[p * shared.length + from + c]!, shared[from + c]!)]!] as [ClaimCode, Verdict],
  )
}

/** Fields that decide how much of it there is, or what a recipe's words are held against: then nothing that was kept stands. */
const ofTheBill: readonly (keyof Ingredient)[] = ['measures', 'name', 'standsFor', 'labelName']

/**
 * Every verdict that is another with `changed` in place of the ingredient of that id: the same as judging all anew. What does not
 * use it is looked at only where the kitchen itself is seen otherwise, as where it is the first thing on the site to hold milk.
 */
export function recheck(books: Books, changed: Ingredient): VerdictChange[] {
  const { workbook, markets, claims, sums, products, kinds, shared, own } = books
  const before = byId(workbook.ingredients).get(changed.id)
  if (!before) return []
  const after: Workbook = {
    ...workbook,
    ingredients: workbook.ingredients.map(one => (one === before ? changed : one)),
  }
  const step = markets.length * claims.length
  const found: VerdictChange[] = []
  const compare = (p: number, at: number, now: number, sharedNow: number) => {
    const [was, is] = [verdicts[Math.max(own[p * step + at]!, shared[at]!)]!, verdicts[Math.max(now, sharedNow)]!]
    if (was !== is)
      found.push({
        product: products[p]!.product.id,
        market: markets[Math.floor(at / claims.length)]!,
        claim: claims[at % claims.length]!,
        was,
        now: is,
      })
  }
  if (ofTheBill.some(field => !same(before[field], changed[field]))) {
    const anew = booksOf(after, markets)
    for (const [p] of products.entries())
      for (let at = 0; at < step; at++) compare(p, at, anew.own[p * step + at]!, anew.shared[at]!)
    return found
  }

  const marks = books.marks.slice()
  let sharedNow = shared
  /** Where a line of it is marked otherwise. */
  const otherwise = new Uint8Array(step)
  for (const [at, kind] of kinds.entries()) {
    if (kind.ingredient !== changed.id) continue
    const now = judgedAlone(after, kind, books)
    for (let n = 0; n < step; n++) if (now.marks[n] !== marks[at * step + n]) otherwise[n] = 1
    marks.set(now.marks, at * step)
    sharedNow = now.shared
  }
  // used nowhere, it may still show what the kitchen says is not on the site
  if (sharedNow === shared && kinds[0]) sharedNow = judgedAlone(after, kinds[0], books).shared
  const figures = !samePerGram(before, changed)
  const gluten = !same(before.gluten, changed.gluten)
  for (let at = 0; at < step; at++) {
    const c = at % claims.length
    if (sums[c] && (claims[c] === 'glutenFree' ? gluten : figures)) otherwise[at] = 1
  }
  const sharedDiffers = sharedNow.some((mark, at) => mark !== shared[at])
  const now = { ...books, workbook: after, marks }
  const users = new Set(catalogueOf(workbook).usersOf.get(changed.id) ?? [])
  for (const [p, kept] of products.entries()) {
    const uses = users.has(kept.product.id)
    if (!uses && !sharedDiffers) continue
    const whole = kept.bill === null
    for (let m = 0; m < markets.length; m++) {
      let of: ((c: number) => number) | null = null
      for (let c = 0; c < claims.length; c++) {
        const at = m * claims.length + c
        const again = whole || (uses && otherwise[at] === 1)
        if (again) of ??= ownOf(now, kept, m)
        const mark = again ? of!(c) : own[p * step + at]!
        // judged whole, the kitchen is in it
        compare(p, at, mark, sharedNow[at]!)
      }
    }
  }
  return found
}
