// A label as it is signed: what it says, what it rests on, and under which rules, frozen as plain data that can be shown unchanged
// years later; and whether what is signed is still so.
import { z } from 'zod'
import { openWarnings } from '../allergen/precaution'
import type { Assessment } from '../assess/assess'
import { assessed } from '../assess/slice'
import type { Problem } from '../label/problem'
import { rulesOf } from '../market/market'
import { AllergenCode } from '../model/allergen'
import { byId } from '../model/byId'
import { ClaimCode } from '../model/claim'
import { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import { judgedOn, Workbook } from '../model/workbook'
import { asPacked } from '../recipe/packWeight'
import { capital } from '../words/listing'
import { causesOf } from './causes'
import { hiddenPlaces, type PlaceFound, placesOf } from './hiddenPlaces'
import { restsOf } from './rests'
import { type Altered, alteredIn, type Said, saidBy, saidParts } from './said'

/** Who wrote what about a place people forget. */
export const PlaceAnswer = z.object({
  place: z.enum(hiddenPlaces.map(one => one.place)),
  said: z.string().trim().min(2, 'Write down what is so there.').max(500, 'Keep it under 500 letters.'),
})
export type PlaceAnswer = z.infer<typeof PlaceAnswer>
const SealedPaper = z.object({ ingredient: z.string(), evidence: z.string(), name: z.string(), print: z.string() })
export type SealedPaper = z.infer<typeof SealedPaper>

export const Seal = z.object({
  format: z.literal(1),
  market: MarketCode,
  product: z.object({ id: z.string(), name: z.string() }),
  /** The rule pack it was judged by. */
  pack: z.object({ version: z.number(), asOf: z.string() }),
  says: z.array(z.object({ part: z.enum(saidParts), words: z.string() })),
  /** What must be declared there, for a matrix and for whoever asks at the counter. */
  contains: z.array(AllergenCode),
  mayContain: z.array(AllergenCode),
  claims: z.array(ClaimCode),
  places: z.array(PlaceAnswer),
  /** What is asked of someone competent and answered by the one who signs. */
  answers: z.array(z.object({ asked: z.string(), said: z.string() })),
  papers: z.array(SealedPaper),
  /** All it rests on, as it was. */
  rests: Workbook,
})
export type Seal = z.infer<typeof Seal>

/** A product in a market as it is now: what its label says, and all that stands between it and a signature. */
export interface ToSign {
  product: Product
  market: MarketCode
  assessment: Assessment
  says: Said[]
  places: PlaceFound[]
  hinders: Problem[]
}

/** Null where there is no such product, or it has no recipe any more. */
export function toSign(workbook: Workbook, productId: string, market: MarketCode): ToSign | null {
  const stored = byId(workbook.products).get(productId)
  const recipe = stored && byId(workbook.recipes).get(stored.recipe)
  if (!stored || !recipe) return null
  const assessment = assessed(workbook, productId, market)
  const product = asPacked(stored, recipe, assessment.bill)
  return {
    product,
    market,
    assessment,
    says: saidBy(assessment, product),
    places: placesOf(workbook, product, assessment.bill),
    // worked out when it is looked at: a counter page never looks
    get hinders() {
      const { problems, warned } = assessment.declaration
      const undecided = openWarnings(warned)
      const notHolding = assessment.claims.some(claim => claim.verdict !== 'holds')
      // each that does not hold has its problem; that none slips by is not left to that
      const before: Problem[] = problems.length === 0 && notHolding ? [{ what: 'A claim does not hold.' }] : problems
      const all = [...before, ...undecided.map((what): Problem => ({ what }))]
      // what breaks first
      return all
        .map(one => ({ ...one, what: capital(one.what) }))
        .sort((a, b) => Number(b.weight === 'breaks') - Number(a.weight === 'breaks'))
    },
  }
}

/** What is sealed once it is signed. The day stands in what it rests on. */
export function sealOf(
  workbook: Workbook,
  { product, market, assessment, says }: ToSign,
  places: PlaceAnswer[],
  answers: Seal['answers'],
  papers: SealedPaper[],
): Seal {
  const { version, asOf } = rulesOf(market, judgedOn(workbook))
  const stored = byId(workbook.products).get(product.id)!
  return {
    format: 1,
    market,
    product: { id: product.id, name: product.name },
    pack: { version, asOf },
    says,
    contains: [...assessment.declaration.declared.contains],
    mayContain: [...assessment.declaration.declared.mayContain],
    claims: assessment.claims.filter(claim => claim.verdict === 'holds').map(claim => claim.claim),
    places,
    answers,
    papers,
    rests: restsOf(workbook, stored),
  }
}

/** The places and questions that nobody has answered yet, in words. */
export function unanswered(of: ToSign, places: readonly PlaceAnswer[], answers: Seal['answers']): string[] {
  const said = new Set(places.map(one => one.place))
  const answered = new Set(answers.filter(one => one.said.trim().length > 1).map(one => one.asked))
  return [
    ...of.places.filter(one => !said.has(one.place)).map(one => one.asks),
    ...of.assessment.declaration.questions.filter(question => !answered.has(question)),
  ]
}

export interface Stale {
  altered: Altered[]
  /** What altered it, by name: facts, the recipe, the kitchen, the rules, the day. */
  causes: string[]
  /** The ingredients among them, by id; and what else is. */
  ingredients: string[]
  besides: string[]
}
const takenOut = 'the product or its recipe was taken out'
/** Null as long as the label says what was signed, whatever else was changed. */
export function staleSince(seal: Seal, now: ToSign | null, workbook: Workbook): Stale | null {
  const altered = alteredIn(seal.says, now?.says ?? [])
  if (altered.length === 0) return null
  if (!now) return { altered, causes: [takenOut], ingredients: [], besides: [takenOut] }
  const says = (books: Workbook) => toSign(books, now.product.id, seal.market)?.says ?? []
  const causes = causesOf(seal, { product: now.product, now: now.says }, workbook, says)
  return {
    altered,
    causes: causes.map(one => one.says),
    ingredients: causes.flatMap(one => one.ingredient ?? []),
    besides: causes.flatMap(one => (one.ingredient === undefined ? one.says : [])),
  }
}
