// What needs someone today: proof that ran out or soon will, claims that do not hold, words that contradict a status,
// and lots past their date. Sentences, each with the one thing to do.

import { contradictionMend } from '../allergen/crossContact'
import { contradicted, contradiction } from '../allergen/onSite'
import { statusOf } from '../allergen/rollUp'
import { underFloor } from '../cost/price'
import { kindConflicts } from '../ingredient/kindWords'
import { withoutTable } from '../label/sale'
import { firstMarketOf, rulesOf } from '../market/market'
import { allergenCodes, allergenName } from '../model/allergen'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import { evidenceKindName } from '../model/evidence'
import type { Ingredient } from '../model/ingredient'
import type { Product } from '../model/product'
import { type Damaged, judgedOn, type Workbook } from '../model/workbook'
import { daysAfter, spokenDay } from '../words/day'
import { keptBeside } from '../words/keptBeside'
import { capital, fullList, spokenList } from '../words/listing'
import { percent } from '../words/rounding'
import { catalogueOf } from './catalogue'
import { costOverTime } from './questions'
import { assessed, costed, sliceOfProduct } from './slice'

export interface Matter {
  key: string
  /** `breaks` and `unproven` need someone now; `note` can wait. */
  weight: 'breaks' | 'unproven' | 'note'
  /** The sentence, and what hangs on it. */
  what: string
  detail: string
  /** The one thing to do, and where. */
  does: string
  at: string
  /** The ingredient it comes from, by id: what comes from the same and is as harmful is one matter. */
  cause?: string
  /** What is left to say where the cause was told before it. */
  afterCause?: string
}
export interface ShelfLot {
  ingredient: string
  lot: string
  useBy?: string
  left: number
}

/** Does any fact of the ingredient rest on this document? */
const carries = (ingredient: Ingredient, id: string): boolean =>
  ingredient.gluten?.evidence === id || Object.values(ingredient.allergens).some(fact => fact.evidence === id)

const tierName = { pack: 'A pack', box: 'A box', wholesale: 'A wholesale pack' }

/** Of a slice of the books, and of an ingredient: found once, as long as nothing it rests on changes. */
const keepOfSlice = keptBeside<Workbook, readonly Matter[]>()
const keepOfIngredient = keptBeside<Ingredient, readonly Matter[]>()

/** Facts in one sentence; those that are sentences of their own one after the other. */
const told = (facts: readonly string[]): string =>
  facts.some(one => /[,;]/.test(one))
    ? facts.map((one, at) => (at === 0 ? one : capital(one))).join('. ')
    : fullList(facts)
interface Cause {
  /** The ingredient it comes from; null where it is the product's own. */
  ingredient: string | null
  name: string
  facts: Set<string>
  claims: Set<ClaimCode>
  products: Map<string, string>
}
/** Claims that do not hold where the product is sold first, by what breaks them: one spread that reaches five products is one matter. */
function brokenClaims(workbook: Workbook): Matter[] {
  const causes = new Map<string, Cause>()
  for (const product of workbook.products) {
    const { bill, claims } = assessed(workbook, product.id, firstMarketOf(product))
    for (const { claim, verdict, grounds } of claims)
      for (const { verdict: weighs, at, reason } of verdict === 'breaks' ? grounds : []) {
        if (weighs !== 'breaks') continue
        const ingredient = bill.lines[at]?.ingredient ?? null
        const key = ingredient ?? `product ${product.id}`
        const cause = causes.get(key) ?? {
          ingredient,
          name: ingredient === null ? product.name : (reason.path.at(-1)?.name ?? ingredient),
          facts: new Set(),
          claims: new Set(),
          products: new Map(),
        }
        causes.set(key, cause)
        cause.facts.add(reason.fact)
        cause.claims.add(claim)
        cause.products.set(product.id, product.name)
      }
  }
  return [...causes]
    .sort(([, a], [, b]) => b.products.size - a.products.size)
    .map(([key, { ingredient, name, facts, claims, products }]): Matter => {
      const [first] = products.keys()
      const broken = `${capital(fullList([...claims].map(nameOfClaim)))} ${claims.size > 1 ? 'break' : 'breaks'}`
      const where = products.size === 1 ? [...products.values()][0]! : `${products.size} products`
      return {
        key: `breaks ${key}`,
        weight: 'breaks',
        what: `${capital(name)}: ${told([...facts])}. ${broken}${ingredient === null ? '' : ` in ${where}`}.`,
        detail: products.size === 1 ? '' : `${fullList([...products.values()])}. Hold their labels.`,
        does: products.size === 1 ? 'See ways to mend' : 'See the sheet',
        at: products.size === 1 || ingredient === null ? `/products/${first}?lid=proof` : `/larder/${ingredient}`,
        ...(ingredient === null ? {} : { cause: ingredient }),
      }
    })
}

/** Prices that leave less than their floor, with the price that moved most of late and the one that would do. */
function pricesUnderFloor(workbook: Workbook, product: Product): readonly Matter[] {
  if (product.pricing?.floorMargin === undefined || !product.prices) return []
  const of = sliceOfProduct(workbook, product.id)
  return keepOfSlice(of, 'prices', [], () => {
    const under = underFloor(costed(workbook, product.id), product, of.kitchen, firstMarketOf(product))
    if (under.length === 0) return []
    const moved = costOverTime(of, product.id, daysAfter(of.today, -14))
      .flatMap(day => day.moved)
      .filter(one => one.by > 0)
      .sort((a, b) => b.by - a.by)[0]
    return under.map(one => ({
      key: `margin ${product.id} ${one.tier}`,
      weight: 'unproven',
      what: `${tierName[one.tier]} of ${product.name} at ${one.price} leaves ${one.margin === null ? 'nothing' : percent(Math.max(one.margin, -9.99))}, under your floor of ${percent(one.floor)}.`,
      detail: `${moved ? `${capital(moved.name)} went up by ${percent(moved.by)} in the last fortnight. ` : ''}${one.wanted} would keep the floor.`,
      does: 'Look at the price',
      at: `/products/${product.id}?lid=cost`,
    }))
  })
}

/** "… breaks in five products. The label of the tart is out of date.": one cause is one matter, with one thing to do. */
export function byCause(matters: readonly Matter[]): Matter[] {
  const sameCause = (one: Matter, other: Matter) =>
    one.cause !== undefined && one.cause === other.cause && one.weight === other.weight
  return matters.flatMap((one, at) => {
    if (matters.slice(0, at).some(before => sameCause(before, one))) return []
    const all = [one, ...matters.slice(at + 1).filter(other => sameCause(one, other))]
    // who tells the fact itself goes first, and what to do is its own
    const first = all.find(each => each.afterCause === undefined) ?? one
    const rest = all.filter(each => each !== first)
    return [
      {
        ...first,
        what: [first.what, ...rest.map(each => each.afterCause ?? each.what)].join(' '),
        detail: [first.detail, ...rest.map(each => each.detail)].filter(Boolean).join(' '),
      },
    ]
  })
}

const placeOf: Record<Damaged['kind'], (id: string) => string> = {
  product: id => `/products/${id}`,
  recipe: id => `/recipes/${id.split('@')[0]}`,
  ingredient: id => `/larder/${id}`,
  kitchen: () => '/kitchen',
}

/** What is kept but can no longer be read: nothing may rest on it. */
const damagedMatters = ({ damaged = [] }: Workbook): Matter[] =>
  damaged.map(one => ({
    key: `damaged ${one.kind} ${one.id}`,
    weight: 'breaks',
    what: `${one.name} is damaged and cannot be read.`,
    detail: `${capital(one.problem)} Nothing is proven of whatever uses it.`,
    does: 'Put it right',
    at: placeOf[one.kind](one.id),
  }))

/** The kitchen says that something is not there, and what is known says that it is. */
const contradictionMatters = (workbook: Workbook): Matter[] =>
  [...new Set(workbook.kitchen.crossContact.map(one => one.allergen))].flatMap((allergen): Matter[] => {
    const shown = contradicted(workbook, allergen)
    if (shown.length === 0) return []
    return [
      {
        key: `contradicted ${allergen}`,
        weight: 'unproven',
        what: `${capital(contradiction(allergen, shown))}.`,
        detail: `Nothing can be claimed on that record. ${contradictionMend}`,
        does: 'Put the record right',
        at: '/kitchen',
      },
    ]
  })

/** A test found what the kitchen says is kept out. */
const foundMatters = ({ tests = [] }: Workbook): Matter[] =>
  tests
    .filter(one => one.found)
    .map(({ equipment, allergen, on }) => {
      const [where, what] = [equipment || 'the kitchen', allergen === 'gluten' ? 'gluten' : allergenName[allergen]]
      return {
        key: `found ${equipment} ${allergen}`,
        weight: 'unproven',
        what: `The last test of ${where}, on ${spokenDay(on)}, found ${what}.`,
        detail: 'No claim may rest on that record till it is clean again and a test finds nothing.',
        does: 'Write down the next test',
        at: `/bake/cleaning?of=${encodeURIComponent(equipment)}&for=${allergen}`,
      }
    })

/** What is open about one ingredient; `users` are the products that hang on it, `horizon` the last day looked at. */
/** `tabled`: those of its users whose label bears a table. */
function mattersOf(
  ingredient: Ingredient,
  users: readonly string[],
  tabled: readonly string[],
  workbook: Workbook,
  horizon: string,
): Matter[] {
  const { today } = workbook
  const matters: Matter[] = []
  for (const one of ingredient.evidence) {
    if (one.expires === undefined || !carries(ingredient, one.id)) continue
    const what = `${capital(evidenceKindName[one.kind])} ${one.reference} of ${ingredient.name}`
    if (one.expires < today)
      matters.push({
        key: `out ${ingredient.id} ${one.id}`,
        weight: users.length > 0 ? 'unproven' : 'note',
        what: `${what} ran out on ${spokenDay(one.expires)}.`,
        detail:
          users.length > 0 ? `${spokenList(users)} can claim nothing that rests on it.` : 'Nothing sold uses it now.',
        does: 'Renew it',
        at: `/larder/${ingredient.id}`,
      })
    else if (one.expires <= horizon)
      matters.push({
        key: `soon ${ingredient.id} ${one.id}`,
        weight: 'note',
        what: `${what} runs out on ${spokenDay(one.expires)}.`,
        detail:
          users.length > 0
            ? `${spokenList(users)} ${users.length > 1 ? 'hang' : 'hangs'} on it.`
            : 'Nothing sold uses it now.',
        does: 'Ask for the new one',
        at: `/larder/${ingredient.id}`,
      })
  }
  const conflicts = allergenCodes.filter(code => statusOf(ingredient, code, workbook).conflict)
  if (conflicts.length > 0)
    matters.push({
      key: `conflict ${ingredient.id}`,
      weight: users.length > 0 ? 'unproven' : 'note',
      what: `The words of ${ingredient.name} speak of ${spokenList(conflicts.map(code => allergenName[code]))}, and its status does not.`,
      detail:
        users.length > 0
          ? `Until it is settled nothing of it is proven for ${spokenList(users)}.`
          : 'Nothing sold uses it now.',
      does: 'Settle it',
      at: `/larder/${ingredient.id}`,
    })
  const kinds = kindConflicts(ingredient)
  if (kinds.length > 0)
    matters.push({
      key: `kind ${ingredient.id}`,
      weight: users.length > 0 ? 'unproven' : 'note',
      what: `The words of ${ingredient.name} speak of ${spokenList(kinds.map(one => one.of))}, and its kind does not.`,
      detail:
        users.length > 0 ? `No claim about that kind is proven for ${spokenList(users)}.` : 'Nothing sold uses it now.',
      does: 'Settle it',
      at: `/larder/${ingredient.id}`,
    })
  const open = allergenCodes.filter(code => (ingredient.allergens[code]?.status ?? 'unknown') === 'unknown')
  if (open.length > 0 && users.length > 0 && conflicts.length === 0)
    matters.push({
      key: `open ${ingredient.id}`,
      weight: 'unproven',
      what: `${open.length === allergenCodes.length ? 'Nobody has answered for' : `${open.length} allergens are unknown for`} ${ingredient.name}.`,
      detail: `${spokenList(users)} ${users.length > 1 ? 'use' : 'uses'} it.`,
      does: 'Ask the supplier',
      at: `/larder/${ingredient.id}`,
    })
  const bare = (['fat', 'carbohydrate', 'protein'] as const).filter(code => ingredient.nutrients[code] === undefined)
  if (bare.length > 0 && tabled.length > 0)
    matters.push({
      key: `nutrition ${ingredient.id}`,
      weight: 'note',
      what: `${capital(ingredient.name)} has no nutrition values.`,
      detail: `The table of ${spokenList(tabled)} cannot be printed.`,
      does: 'Look it up',
      at: `/larder/${ingredient.id}`,
    })
  return matters
}

/** In no market it is sold in does its label bear a table, so nothing of one is missed. */
const bearsNoTable = ({ claims, markets, ...product }: Product, workbook: Workbook): boolean =>
  markets.length > 0 &&
  markets.every(market => {
    const without = withoutTable(
      product,
      rulesOf(market, judgedOn(workbook)),
      claims.map(claim => ({ claim })),
      workbook.kitchen,
      true,
    )
    return without !== null && 'leftOut' in without
  })

/** A till, and whoever calls back a lot, takes two products of one number for one. */
function sharedNumbers({ products }: Workbook): Matter[] {
  const byNumber = new Map<string, Product[]>()
  for (const product of products)
    if (product.gtin !== undefined) byNumber.set(product.gtin, [...(byNumber.get(product.gtin) ?? []), product])
  return [...byNumber].flatMap(([gtin, all]): Matter[] =>
    all.length < 2
      ? []
      : [
          {
            key: `number ${gtin}`,
            weight: 'unproven',
            what: `${fullList(all.map(one => one.name))} bear the same article number, ${gtin}.`,
            detail: 'A till takes them for one and the same, and so does whoever is called back for a lot.',
            does: 'Give one of them its own',
            at: `/products/${all.at(-1)!.id}?lid=about`,
          },
        ],
  )
}

/** Everything, the gravest first. `lots` are those still on the shelf. `soon`: days ahead that are looked at. */
export function mattersToday(workbook: Workbook, lots: readonly ShelfLot[] = [], soon = 30): Matter[] {
  const { today } = workbook
  const horizon = daysAfter(today, soon)
  const { usersOf } = catalogueOf(workbook)
  const productName = new Map(workbook.products.map(one => [one.id, one.name]))
  const hangOn = (ingredient: string, counts: (product: string) => boolean = () => true) =>
    (usersOf.get(ingredient) ?? []).filter(counts).map(id => productName.get(id)!)
  const untabled = new Set(workbook.products.filter(one => bearsNoTable(one, workbook)).map(one => one.id))
  const matters: Matter[] = []

  matters.push(...damagedMatters(workbook), ...contradictionMatters(workbook), ...foundMatters(workbook))
  matters.push(...brokenClaims(workbook))
  for (const product of workbook.products) matters.push(...pricesUnderFloor(workbook, product))
  matters.push(...sharedNumbers(workbook))
  const { freeByNature, evidenceYears } = workbook.kitchen
  for (const ingredient of workbook.ingredients) {
    const users = hangOn(ingredient.id)
    const tabled = hangOn(ingredient.id, product => !untabled.has(product))
    const rests = [today, freeByNature, evidenceYears, users.join('\n'), tabled.join('\n')]
    matters.push(
      ...keepOfIngredient(ingredient, `${soon}`, rests, () => mattersOf(ingredient, users, tabled, workbook, horizon)),
    )
  }
  for (const one of workbook.evidence) {
    if (one.expires === undefined || !workbook.kitchen.crossContact.some(record => record.evidence === one.id)) continue
    const about = workbook.kitchen.crossContact.filter(record => record.evidence === one.id)
    const names = [
      ...new Set(about.map(record => (record.allergen === 'gluten' ? 'gluten' : allergenName[record.allergen]))),
    ]
    if (one.expires < today || one.expires <= horizon)
      matters.push({
        key: `kitchen ${one.id}`,
        weight: one.expires < today ? 'unproven' : 'note',
        what: `The kitchen’s ${evidenceKindName[one.kind]} ${one.reference} ${one.expires < today ? 'ran' : 'runs'} out on ${spokenDay(one.expires)}.`,
        detail: `It answers for ${spokenList(names)}.`,
        does: 'Renew the record',
        at: '/kitchen',
      })
  }
  const named = new Map(workbook.ingredients.map(one => [one.id, one.name]))
  for (const lot of lots) {
    if (lot.left <= 0 || lot.useBy === undefined) continue
    const name = named.get(lot.ingredient) ?? lot.ingredient
    if (lot.useBy < today)
      matters.push({
        key: `lot ${lot.ingredient} ${lot.lot}`,
        weight: 'breaks',
        what: `Lot ${lot.lot} of ${name} is past its date.`,
        detail: `It was to be used by ${spokenDay(lot.useBy)}. Do not bake with it.`,
        does: 'Take it off the shelf',
        at: `/larder/${lot.ingredient}`,
      })
    else if (lot.useBy <= daysAfter(today, 7))
      matters.push({
        key: `lot ${lot.ingredient} ${lot.lot}`,
        weight: 'note',
        what: `Lot ${lot.lot} of ${name} is to be used by ${spokenDay(lot.useBy)}.`,
        detail: 'Use it first.',
        does: 'See the lot',
        at: `/larder/${lot.ingredient}`,
      })
  }
  const rank = { breaks: 0, unproven: 1, note: 2 }
  return matters.sort((a, b) => rank[a.weight] - rank[b.weight])
}

/** All that a matter says, for telling whether it says anything else since it was put off. */
export const saidOf = ({ what, detail }: Matter): string => [what, detail].filter(Boolean).join(' ')
