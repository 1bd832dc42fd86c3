// Ways to mend a claim that does not hold: the smallest sets of deeds with which it would, searched and each tried by judging the
// product again. What a paper would say is supposed, never known: a way says what must turn out to be so.
import { carriesAClaim, kitchenFindings } from '../allergen/crossContact'
import { type Ground, severity } from '../claim/verdict'
import { applyEdit, before, type RecipeEdit, writtenOf } from '../edit/recipeEdit'
import type { GramsResult } from '../measure/grams'
import { allergenCodes, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import type { ClaimCode } from '../model/claim'
import type { Evidence } from '../model/evidence'
import type { Ingredient } from '../model/ingredient'
import type { CrossContact } from '../model/kitchen'
import type { MarketCode } from '../model/market'
import type { Line, Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { lineGrams } from '../recipe/bill'
import { closureOf } from '../recipe/closure'
import { daysAfter } from '../words/day'
import { capital, fullList } from '../words/listing'
import { toPlaces } from '../words/rounding'
import { type Assessment, assess } from './assess'
import { alike } from './mend'

export interface Deed {
  key: string
  kind: 'ask' | 'swap' | 'leaveOut' | 'kitchen' | 'say'
  /** A sentence. */
  what: string
  /** What else it means; empty where nothing. */
  detail: string
  /** Edits of the product's own recipe, to try at once; none where it is done elsewhere. */
  edits: RecipeEdit[]
  /** Where it is done. */
  at: string
  /** Roughly, in visits, letters and tests: more is more trouble. */
  effort: number
}
export interface Way {
  deeds: Deed[]
  effort: number
  /** Tried by judging again; else it rests on something only a person can say. */
  tried: boolean
  /** Of a piece, before and with it; null where either is not known, or nothing differs. */
  cost: { was: string; is: string; currency: string } | null
  /** Energy per 100 g, before and with it; null likewise. */
  energy: { was: number; is: number } | null
}

type Change = (workbook: Workbook) => Workbook
interface Candidate {
  deed: Deed
  change: Change
}

/** A paper that answers what was asked, from today on. */
const asked = 'as-asked'
const paper = (today: string, kind: Evidence['kind']): Evidence => ({
  id: asked,
  kind,
  reference: 'as it would be',
  dated: today,
  expires: daysAfter(today, 365),
})

/** The ingredient if its supplier answers everything well: nothing it is known to hold goes away, nor what contradicts itself. */
function answered(one: Ingredient, today: string): Ingredient {
  const free = { status: 'free' as const, evidence: asked }
  const allergens = Object.fromEntries(
    allergenCodes.map(code => {
      const said = one.allergens[code]
      return [code, said?.status === 'contains' || said?.status === 'mayContain' ? said : free]
    }),
  )
  return {
    ...one,
    allergens,
    gluten: { atMostMgPerKg: one.gluten?.atMostMgPerKg ?? 5, evidence: asked },
    traits: { animal: [], sweetening: [], grain: [], legume: false, alcohol: false, refined: false, ...one.traits },
    composition: one.composition ?? [],
    evidence: [...one.evidence, paper(today, 'specification')],
  }
}

/** Where a ground belongs, so that it can be told whether it went away. */
const placesOf = ({ bill, claims }: Assessment, claim: ClaimCode): Map<string, Ground> => {
  const result = claims.find(one => one.claim === claim)
  const open = (grounds: readonly Ground[] = []) =>
    grounds.filter(one => one.verdict === 'breaks' || one.verdict === 'unproven')
  return new Map([
    ...open(result?.grounds).map((one): [string, Ground] => {
      const line = bill.lines[one.at]
      return [line ? `line ${line.topLine} ${line.line} ${line.ingredient}` : `other ${one.reason.fact}`, one]
    }),
    ...open(result?.kitchenGrounds).map((one): [string, Ground] => [
      `kitchen ${one.reason.path.map(step => step.id).join(' ')} ${one.reason.fact}`,
      one,
    ]),
  ])
}

/** Another thing in the same place; where its own weight is not known by that measure, by the weight that the first has. */
function swappedIn(recipe: Recipe, line: Line, now: Ingredient, other: Ingredient): RecipeEdit[] {
  const edit: RecipeEdit = { kind: 'of', line: line.id, was: line.of, to: { ingredient: other.id } }
  const [weighs, would] = [now, other].map(one => lineGrams(line, one, recipe)) as [GramsResult, GramsResult]
  if ('unknown' in weighs || 'grams' in would) return [edit]
  const to = { amount: { value: Number(toPlaces(weighs.grams, 1)), unit: 'g' as const }, plus: [], also: [] }
  return to.amount.value > 0 ? [edit, { kind: 'written', line: line.id, was: writtenOf(line), to }] : [edit]
}
const withRecipe =
  (id: string, edits: readonly RecipeEdit[]): Change =>
  workbook => ({
    ...workbook,
    recipes: workbook.recipes.map(one =>
      one.id === id
        ? edits.reduce((so, edit) => {
            const done = applyEdit(so, edit)
            return 'recipe' in done ? done.recipe : so
          }, one)
        : one,
    ),
  })

/** Every deed that might help, without asking yet whether it does. */
function candidates(
  workbook: Workbook,
  productId: string,
  now: Assessment,
  open: ReadonlyMap<string, Ground>,
): Candidate[] {
  const { today } = workbook
  const product = byId(workbook.products).get(productId)!
  const own = byId(workbook.recipes).get(product.recipe)
  const ingredients = byId(workbook.ingredients)
  const found: Candidate[] = []
  const bySupplier = new Map<string, Set<string>>()
  const lines = now.bill.lines.filter(one => open.has(`line ${one.topLine} ${one.line} ${one.ingredient}`))
  for (const one of lines) {
    const ingredient = ingredients.get(one.ingredient)
    if (!ingredient) continue
    const supplier = ingredient.supplier?.trim() ?? ''
    bySupplier.set(supplier, (bySupplier.get(supplier) ?? new Set()).add(ingredient.id))
    // the recipe it stands in: the product's own, or a part's
    const home = byId(workbook.recipes).get(one.path.at(-2)?.id ?? '')
    const line = home?.lines.find(each => each.id === one.line)
    if (!home || !line) continue
    const inOwn = home.id === own?.id
    const touched = inOwn ? [] : usersOf(workbook, home.id).filter(id => id !== productId)
    const names = touched.map(id => byId(workbook.products).get(id)!.name)
    const where = inOwn ? '' : ` in ${home.name}`
    const detail = names.length > 0 ? `That changes ${fullList(names)} too.` : ''
    const at = inOwn ? `/products/${productId}` : `/parts/${home.id}`
    const others = workbook.ingredients.filter(other => other.id !== ingredient.id && alike(ingredient, other, line))
    for (const other of others.slice(0, most.swapsTried)) {
      const edits = swappedIn(home, line, ingredient, other)
      found.push({
        change: withRecipe(home.id, edits),
        deed: {
          key: `swap ${home.id} ${line.id} ${other.id}`,
          kind: 'swap',
          what: `Use ${other.name} instead of ${ingredient.name}${where}.`,
          detail: `${detail}${detail ? ' ' : ''}Whether it ${line.role === 'release' ? 'lets go' : 'bakes'} alike is yours to judge.`,
          edits: inOwn ? edits : [],
          at,
          effort: (line.role === 'release' ? 2 : 3) + names.length,
        },
      })
    }
    if (line.role !== 'mix' && line.role !== 'beside') {
      const edit: RecipeEdit = { kind: 'remove', line, after: before(home, line.id) }
      found.push({
        change: withRecipe(home.id, [edit]),
        deed: {
          key: `leave out ${home.id} ${line.id}`,
          kind: 'leaveOut',
          what: `Leave out ${ingredient.name}${where}${line.role === 'release' ? ': another release' : ''}.`,
          detail,
          edits: inOwn ? [edit] : [],
          at,
          effort: (line.role === 'release' ? 3.5 : 3) + names.length,
        },
      })
    }
  }
  for (const [supplier, ids] of bySupplier) {
    const names = [...ids].map(id => ingredients.get(id)!.name)
    found.push({
      change: books => ({
        ...books,
        ingredients: books.ingredients.map(one => (ids.has(one.id) ? answered(one, today) : one)),
      }),
      deed: {
        key: `ask ${supplier} ${[...ids].join(' ')}`,
        kind: 'ask',
        what: supplier
          ? `Ask ${supplier} about ${fullList(names)}.`
          : `Find out who supplies ${fullList(names)}, and ask.`,
        detail: 'It helps only if the answer is that it is free of it, with a paper.',
        edits: [],
        at: '/labels/letters',
        effort: (supplier ? 2 : 3) + 0.25 * ids.size,
      },
    })
  }
  // one record of the kitchen for each allergen that stands open there
  const records = [...open.keys()].some(key => key.startsWith('kitchen '))
    ? (['gluten', ...allergenCodes] as const).filter(code => kitchenFindings(workbook, code).some(one => !one.proven))
    : []
  for (const allergen of records) {
    const name = allergen === 'gluten' ? 'gluten' : allergenName[allergen]
    found.push({
      change: books => ({
        ...books,
        kitchen: {
          ...books.kitchen,
          crossContact: [
            ...books.kitchen.crossContact.map(one =>
              one.allergen === allergen ? { ...one, control: carried(one.control), evidence: asked } : one,
            ),
            ...(books.kitchen.crossContact.some(one => one.allergen === allergen)
              ? []
              : [{ allergen, control: 'cleanedAndTested' as const, evidence: asked }]),
          ],
        },
        evidence: books.evidence.some(one => one.id === asked)
          ? books.evidence
          : [...books.evidence, paper(today, 'test')],
      }),
      deed: {
        key: `kitchen ${allergen}`,
        kind: 'kitchen',
        what: `Keep ${name} out in the kitchen, with a test or a review on record.`,
        detail: 'It helps every product that claims it.',
        edits: [],
        at: '/kitchen',
        effort: 5,
      },
    })
  }
  return found
}
/** What no change of the books answers, a person says. */
const said = (key: string, { reason, verdict }: Ground, productId: string): Deed => ({
  key: `say ${key}`,
  kind: 'say',
  what: `${capital(reason.path.at(-1)?.name ?? 'The recipe')}: ${reason.fact}.`,
  detail:
    verdict === 'breaks' ? `Nothing in the larder answers that. ${reason.mend ?? ''}`.trim() : (reason.mend ?? ''),
  edits: [],
  at: `/products/${productId}`,
  // an answer is less than another recipe
  effort: verdict === 'breaks' ? 8 : 1.5,
})
/** A control that could carry a claim stays; one that cannot becomes a tested clean. */
const carried = (control: CrossContact['control']): CrossContact['control'] =>
  carriesAClaim.includes(control) && control !== 'notOnSite' ? control : 'cleanedAndTested'

/** Products that use a recipe, as their own or inside it. */
const usersOf = (workbook: Workbook, recipe: string): string[] =>
  workbook.products
    .filter(product => {
      const own = byId(workbook.recipes).get(product.recipe)
      return own !== undefined && closureOf(workbook, own).met.has(recipe)
    })
    .map(product => product.id)

/** Swaps of a line that are tried, and kept; sets looked at, deeds in one: a search ends, whatever the books hold. */
const most = { swapsTried: 12, swaps: 3, sets: 4000, deeds: 8 }

/**
 * The ways to make `claim` of the product hold in the market, least trouble first, then by what a piece costs; at most `count`,
 * none of them inside another. Empty where it holds. No other claim of the product is worse by any of them. Throws as `assess` does.
 */
export function waysToMend(
  workbook: Workbook,
  productId: string,
  market: MarketCode,
  claim: ClaimCode,
  count = 4,
): Way[] {
  const now = assess(workbook, productId, market)
  const verdictOf = ({ claims }: Assessment, code: ClaimCode) => claims.find(one => one.claim === code)?.verdict
  if (verdictOf(now, claim) === undefined || verdictOf(now, claim) === 'holds') return []
  const open = placesOf(now, claim)
  const worse = (after: Assessment) =>
    now.claims.some(one => severity[verdictOf(after, one.claim) ?? 'breaks'] > severity[one.verdict])
  const after = (set: readonly Candidate[]) =>
    assess(
      set.reduce((books, { change }) => change(books), workbook),
      productId,
      market,
    )
  // what stands in no line and in no place of the kitchen follows from these, or is for a person to say
  const places = [...open.keys()].filter(key => !key.startsWith('other '))

  // what each answers by itself
  const swapsOf = new Map<string, number>()
  const useful = candidates(workbook, productId, now, open).flatMap(one => {
    const line = one.deed.kind === 'swap' ? one.deed.key.split(' ').slice(0, 3).join(' ') : null
    if (line && (swapsOf.get(line) ?? 0) >= most.swaps) return []
    const then = after([one])
    if (worse(then)) return []
    const left = placesOf(then, claim)
    const covers = places.filter(key => !left.has(key))
    // what brings another trouble of its own is no help
    const brings = [...left.keys()].some(key => !open.has(key) && !key.startsWith('other '))
    if (covers.length === 0 || brings) return []
    if (line) swapsOf.set(line, (swapsOf.get(line) ?? 0) + 1)
    return [{ ...one, covers }]
  })
  /** Only a person can answer for these. */
  const unanswered = places.filter(key => !useful.some(one => one.covers.includes(key)))

  const sets: (typeof useful)[] = []
  let looked = 0
  const search = (uncovered: ReadonlySet<string>, chosen: typeof useful): void => {
    if (looked++ > most.sets) return
    if (uncovered.size === 0) {
      sets.push(chosen)
      return
    }
    if (chosen.length >= most.deeds) return
    const choices = [...uncovered].map(key => useful.filter(one => one.covers.includes(key)))
    const fewest = choices.reduce((a, b) => (b.length < a.length ? b : a))
    for (const one of [...fewest].sort((a, b) => a.deed.effort - b.deed.effort))
      search(new Set([...uncovered].filter(key => !one.covers.includes(key))), [...chosen, one])
  }
  search(new Set(places.filter(key => !unanswered.includes(key))), [])

  const effortOf = (deeds: readonly Deed[]) => deeds.reduce((sum, one) => sum + one.effort, 0)
  const found: { keys: ReadonlySet<string>; way: Way }[] = []
  const byEffort = sets.sort((a, b) => effortOf(a.map(one => one.deed)) - effortOf(b.map(one => one.deed)))
  for (const set of byEffort) {
    if (found.length >= count) break
    const keys = new Set(set.map(one => one.deed.key))
    if (found.some(one => [...one.keys].every(key => keys.has(key)))) continue
    const then = after(set)
    if (worse(then)) continue
    const holds = verdictOf(then, claim) === 'holds'
    const left = placesOf(then, claim)
    const deeds = [
      ...set.map(one => one.deed),
      ...(holds ? [] : [...left].map(([key, ground]) => said(key, ground, productId))),
    ]
    const [was, is] = [now.cost, then.cost]
    const known = was.unknown.length === 0 && is.unknown.length === 0 && was.perPiece !== '' && is.perPiece !== ''
    const [wasKcal, isKcal] = [now, then].map(one => one.nutrition.per100g.energyKcal?.value)
    found.push({
      keys,
      way: {
        deeds: deeds.sort((a, b) => Number(a.kind === 'say') - Number(b.kind === 'say') || a.effort - b.effort),
        effort: effortOf(deeds),
        tried: holds,
        cost:
          known && was.perPiece !== is.perPiece ? { was: was.perPiece, is: is.perPiece, currency: is.currency } : null,
        energy:
          wasKcal !== undefined && isKcal !== undefined && Math.round(wasKcal) !== Math.round(isKcal)
            ? { was: Math.round(wasKcal), is: Math.round(isKcal) }
            : null,
      },
    })
  }
  return found
    .map(one => one.way)
    .sort((a, b) => a.effort - b.effort || Number(a.cost?.is ?? 0) - Number(b.cost?.is ?? 0))
}
