// What a change of facts or prices would do to every product, before it is saved: both states assessed, and told apart.
import { contradicted } from '../allergen/onSite'
import { severity, type Verdict } from '../claim/verdict'
import { type Cost, costOf } from '../cost/cost'
import { same } from '../edit/same'
import { textOf } from '../label/run'
import { rulesOf } from '../market/market'
import { roundedBy } from '../market/roundNutrient'
import { type AllergenStatus, allergenCodes, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import { mainNutrients, nutrientName } from '../model/nutrient'
import { judgedOn, type Workbook } from '../model/workbook'
import { billOf } from '../recipe/bill'
import { assess, piecesOf } from './assess'
import type { Catalogue } from './catalogue'
import { type Books, recheck } from './recheck'

/** What nothing but the cost can rest on. Every other field is judged by assessing, whatever it is. */
const onlyCost: readonly (keyof Ingredient)[] = ['packs', 'counterpart', 'supplier', 'article']
/** No fact: counts the saves. */
const noFact: readonly (keyof Ingredient)[] = ['id', 'version']

const fieldsThatDiffer = (before: Ingredient, after: Ingredient): (keyof Ingredient)[] =>
  ([...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof Ingredient)[]).filter(
    key => !noFact.includes(key) && !same(before[key], after[key]),
  )

export interface ProductChange {
  product: string
  name: string
  market: MarketCode
  /** In words, the gravest first: "dairy-free breaks". */
  what: string[]
  /** A claim breaks, or is no longer proven. */
  grave: boolean
}

const statusWord: Record<AllergenStatus, string> = {
  contains: 'contains',
  mayContain: 'may contain',
  unknown: 'is no longer known to be free of',
  free: 'is free of',
}
const money = (perPiece: string) => Number(perPiece).toFixed(2)

/** What can be seen of a product from outside, in few words: kept for each product, so that the next question costs half. */
interface Brief {
  claims: { claim: ClaimCode; verdict: Verdict }[]
  statuses: AllergenStatus[]
  list: string
  statements: string[]
  table: string
  /** By nutrient, as printed; null where it is not known. */
  printed: (string | null)[]
  cost: Costed
}
type Costed = Pick<Cost, 'perPiece' | 'unknown' | 'currency'>
const shownNutrients = ['energyKcal', ...mainNutrients] as const

function briefOf(workbook: Workbook, product: string, market: MarketCode): Brief {
  const { claims, allergens, declaration, nutrition, cost } = assess(workbook, product, market)
  const rules = rulesOf(market, judgedOn(workbook))
  return {
    claims: claims.map(({ claim, verdict }) => ({ claim, verdict })),
    statuses: allergenCodes.map(code => allergens[code].status),
    list: JSON.stringify(declaration.ingredients),
    statements: declaration.statements.map(textOf),
    table: JSON.stringify(declaration.table),
    printed: shownNutrients.map(code => {
      const range = nutrition.per100g[code]
      return range ? roundedBy(rules, code, range.value) : null
    }),
    cost: { perPiece: cost.perPiece, unknown: cost.unknown, currency: cost.currency },
  }
}

/** Words for the difference between two states of one product, with their weight: 3 a claim is worse, 2 an allergen or a gap. */
function differences(was: Brief, is: Brief): [number, string][] {
  const what: [number, string][] = []
  for (const [at, { claim, verdict }] of is.claims.entries()) {
    const old = was.claims[at]?.verdict
    if (old !== undefined && old !== verdict)
      what.push([severity[verdict] - severity[old] > 0 ? 3 : 0, verdictInWords(claim, verdict)])
  }
  for (const [at, now] of is.statuses.entries())
    if (was.statuses[at] !== now)
      what.push([now === 'free' ? 0 : 2, `${statusWord[now]} ${allergenName[allergenCodes[at]!]}`])
  if (was.list !== is.list) what.push([1, 'its ingredient list reads otherwise'])
  for (const [at, now] of is.printed.entries()) {
    const old = was.printed[at] ?? null
    if (old !== now)
      what.push([
        now === null ? 2 : 0,
        `${nutrientName[shownNutrients[at]!]} ${old ?? 'not known'} → ${now ?? 'not known'}`,
      ])
  }
  // what no word above has told yet
  if (what.length > 0) return what
  const newly = is.statements.filter(text => !was.statements.includes(text))
  const gone = was.statements.filter(text => !is.statements.includes(text))
  if (newly.length > 0) what.push([1, `its label says “${newly[0]}”`])
  else if (gone.length > 0) what.push([1, `its label no longer says “${gone[0]}”`])
  if (was.table !== is.table) what.push([1, 'its nutrition table reads otherwise'])
  return what
}

/** What stands before the label now and did not, where nothing else differs. */
function newProblems(before: Workbook, after: Workbook, product: string, market: MarketCode): [number, string][] {
  const problems = (of: Workbook) => assess(of, product, market).declaration.problems.map(one => one.what)
  const [was, is] = [problems(before), problems(after)]
  const fresh = is.find(what => !was.includes(what))
  if (fresh) return [[2, `its label is held up: ${fresh}`]]
  return is.length < was.length ? [[0, 'less stands before its label']] : []
}

function costDiffers(was: Costed, is: Costed): [number, string][] {
  const [old, now] = [was.unknown.length === 0, is.unknown.length === 0]
  if (money(was.perPiece) === money(is.perPiece) && old === now) return []
  return [[0, `a piece costs ${money(was.perPiece)} → ${now ? '' : 'at least '}${money(is.perPiece)} ${is.currency}`]]
}

/** Does the kitchen itself stand otherwise, for any allergen it has a record about? */
const kitchenSeenOtherwise = (before: Workbook, after: Workbook): boolean =>
  [...new Set(before.kitchen.crossContact.map(one => one.allergen))].some(
    allergen => !same(contradicted(before, allergen), contradicted(after, allergen)),
  )

/**
 * What becomes of the claims that are made, by the kept books: said at once, while the rest is still looked through. Of each
 * product and market it is sold in, the gravest first.
 */
export function claimsThatChange(books: Books, changed: Ingredient): ProductChange[] {
  const products = byId(books.sold)
  const told = new Map<string, ProductChange>()
  for (const { product, market, claim, was, now } of recheck(books, changed)) {
    const { name, claims, markets } = products.get(product)!
    if (!claims.includes(claim) || !markets.includes(market)) continue
    const key = `${product} ${market}`
    const one = told.get(key) ?? { product, name, market, what: [], grave: false }
    const grave = severity[now] > severity[was]
    const text = verdictInWords(claim, now)
    one.what = grave ? [text, ...one.what] : [...one.what, text]
    one.grave ||= grave
    told.set(key, one)
  }
  return [...told.values()].sort((a, b) => Number(b.grave) - Number(a.grave))
}
const verdictInWords = (claim: ClaimCode, verdict: Verdict) =>
  `${nameOfClaim(claim)} ${verdict === 'unproven' ? 'is unproven' : verdict}`

/** How each product is before anything changes, by product and market: worked out once for a catalogue. */
const briefsBefore = new WeakMap<Workbook, Map<string, Brief>>()

/**
 * Every product whose declaration, claims, nutrition or cost would differ with `changed` in place of the ingredient of
 * that id, in each market it is sold in: both states are assessed whole, unless nothing but prices differ. `onProgress` is
 * told how many were looked at, and stops the work by giving false.
 */
export function whatChanges(
  { workbook, usersOf }: Catalogue,
  changed: Ingredient,
  onProgress: (looked: number, all: number) => boolean = () => true,
): ProductChange[] | null {
  const before = byId(workbook.ingredients).get(changed.id)
  if (!before) return []
  const differ = fieldsThatDiffer(before, changed)
  if (differ.length === 0) return []
  const pricesOnly = differ.every(field => onlyCost.includes(field))
  const after: Workbook = {
    ...workbook,
    ingredients: workbook.ingredients.map(one => (one === before ? changed : one)),
  }
  const known = briefsBefore.get(workbook) ?? new Map<string, Brief>()
  briefsBefore.set(workbook, known)
  const products = byId(workbook.products)
  // what shows that milk is on the site after all is asked about by every product
  const users = kitchenSeenOtherwise(workbook, after)
    ? workbook.products.map(one => one.id)
    : (usersOf.get(changed.id) ?? [])
  const out: ProductChange[] = []
  for (const [at, id] of users.entries()) {
    if (at % 50 === 0 && !onProgress(at, users.length)) return null
    const product = products.get(id)!
    const tell = (market: MarketCode, what: [number, string][]) => {
      if (what.length > 0)
        out.push({
          product: id,
          name: product.name,
          market,
          grave: what.some(([weight]) => weight === 3),
          what: what.sort(([a], [b]) => b - a).map(([, text]) => text),
        })
    }
    if (pricesOnly) {
      const bill = billOf(workbook, product.recipe)
      const pieces = piecesOf(byId(workbook.recipes).get(product.recipe), bill, 1, product.netWeight / product.pieces)
      const costed = (of: Workbook): Costed => costOf(bill, of, pieces)
      const what = costDiffers(costed(workbook), costed(after))
      for (const market of product.markets) tell(market, [...what])
      continue
    }
    for (const market of product.markets) {
      const key = `${id} ${market}`
      const was = known.get(key) ?? briefOf(workbook, id, market)
      known.set(key, was)
      const is = briefOf(after, id, market)
      const what = [...differences(was, is), ...costDiffers(was.cost, is.cost)]
      tell(market, what.length > 0 ? what : newProblems(workbook, after, id, market))
    }
  }
  onProgress(users.length, users.length)
  return out.sort((a, b) => Number(b.grave) - Number(a.grave))
}
