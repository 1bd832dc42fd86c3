// What to ask of each supplier, so that what stands unproven could be proven: a letter a supplier, with exactly what is wanted and
// for which articles. Nothing is asked twice, and nothing of what nobody sells.
import { statusOf } from '../allergen/rollUp'
import { houseRuleOf } from '../claim/houseRule'
import { proofOf } from '../ingredient/evidence'
import { isFreeByNature } from '../ingredient/nature'
import { declaredCodes } from '../label/emphasis'
import { rulesOf } from '../market/market'
import { type AllergenCode, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import type { ClaimCode } from '../model/claim'
import type { RefusedKind } from '../model/houseRule'
import type { Ingredient } from '../model/ingredient'
import { judgedOn, type Workbook } from '../model/workbook'
import { billOf } from '../recipe/bill'
import { capital, fullList } from '../words/listing'

export interface Asked {
  ingredient: { id: string; name: string; article: string | null }
  wants: string[]
  /** Products it goes into, by name. */
  products: string[]
}
export interface Letter {
  /** Empty where nobody has said who supplies it. */
  supplier: string
  asks: Asked[]
}

/** What a claim may ask of a thing besides its allergens, and how a supplier is asked. */
const alsoAsked = {
  animal: 'whether anything in it, or used to make it, comes from an animal, and what',
  sweetening: 'whether it is or holds a sugar, a syrup, a concentrated juice or a sweetener, and which',
  refined: 'whether the sugar in it is refined',
  grain: 'whether it is made from any grain, and which',
  legume: 'whether it is made from a legume',
  alcohol: 'whether it holds alcohol',
  composition: 'all it is made of, down to the last ingredient',
} as const
type AlsoAsked = keyof typeof alsoAsked
const asksOfKind: Record<RefusedKind, readonly AlsoAsked[]> = {
  grain: ['grain'],
  legume: ['legume'],
  alcohol: ['alcohol'],
  milk: ['animal'],
  egg: ['animal'],
  honey: ['animal'],
  refinedSugar: ['sweetening', 'refined'],
  sugar: ['sweetening'],
  syrup: ['sweetening'],
  juiceConcentrate: ['sweetening'],
  polyol: ['sweetening'],
  rareSugar: ['sweetening'],
  intense: ['sweetening'],
}
/** What a claim asks of everything in it, by its own rule and by the house's list. */
function askedBy(claim: ClaimCode, { kitchen }: Workbook): AlsoAsked[] {
  const rule = houseRuleOf(claim, kitchen)
  return [
    ...(claim === 'vegan' || claim === 'vegetarian' ? (['animal'] as const) : []),
    ...(claim === 'noAddedSugar' ? (['sweetening'] as const) : []),
    ...(rule?.kinds ?? []).flatMap(kind => asksOfKind[kind]),
    ...(rule && rule.words.length > 0 ? (['composition'] as const) : []),
  ]
}
function isSaid({ composition, traits }: Ingredient, what: AlsoAsked): boolean {
  if (what === 'composition') return composition !== undefined
  // of what holds no sugar nobody asks whether it is refined
  if (what === 'refined' && traits.sweetening?.every(kind => kind !== 'sugar' && kind !== 'syrup')) return true
  return traits[what] !== undefined
}

interface Used {
  codes: Set<AllergenCode>
  gluten: boolean
  also: Set<AlsoAsked>
  products: Set<string>
}
/** What is not known or not proven of one thing, for these allergens and for what else is claimed of it. */
function wantsOf(ingredient: Ingredient, { codes, gluten, also }: Used, workbook: Workbook): string[] {
  const { today, kitchen } = workbook
  const unknown: AllergenCode[] = []
  const outOfProof = new Map<string, AllergenCode[]>()
  const conflicts: string[] = []
  for (const code of codes) {
    // judged as a claim judges it
    const { status, proven, exempt, conflict, fact } = statusOf(ingredient, code, workbook)
    if (proven || exempt || status === 'contains' || status === 'mayContain') continue
    if (conflict) conflicts.push(fact)
    else if (status === 'unknown') unknown.push(code)
    else {
      // why, without the allergen's own name: said once for all of them
      const proof = proofOf(ingredient.allergens[code]?.evidence, ingredient.evidence, today, kitchen.evidenceYears)
      const why = proof.proven ? fact : proof.fact
      outOfProof.set(why, [...(outOfProof.get(why) ?? []), code])
    }
  }
  const names = (of: readonly AllergenCode[]) => fullList(of.map(code => allergenName[code]))
  const wants = [...outOfProof].map(
    ([fact, of]) => `a current specification that says it is free of ${names(of)} (${fact})`,
  )
  if (unknown.length > 0) wants.unshift(`whether it contains, or may contain, ${names(unknown)}`)
  for (const fact of conflicts) wants.push(`which is so: ${fact}`)
  for (const what of also) if (!isSaid(ingredient, what)) wants.push(alsoAsked[what])
  // what contains wheat is asked for nothing more: it has to go
  const hasCereal = (['wheat', 'rye', 'barley'] as const).some(
    code => ingredient.allergens[code]?.status === 'contains' && !ingredient.glutenRemoved,
  )
  if (gluten && !hasCereal && !isFreeByNature(ingredient, kitchen.freeByNature)) {
    const figure = ingredient.gluten
    const proof = figure && proofOf(figure.evidence, ingredient.evidence, today, kitchen.evidenceYears)
    if (!proof?.proven)
      wants.push(
        `the most gluten it can hold, in mg/kg, with a certificate or a test${proof && !proof.proven ? ` (${proof.fact})` : ''}`,
      )
  }
  return wants
}

/** By supplier, those first that hold up most; only for what goes into something sold. */
export function lettersFor(workbook: Workbook): Letter[] {
  const ingredients = byId(workbook.ingredients)
  const used = new Map<string, Used>()
  for (const product of workbook.products) {
    const codes = product.markets.flatMap(market => declaredCodes(rulesOf(market, judgedOn(workbook))))
    for (const line of billOf(workbook, product.recipe).lines) {
      if (line.role === 'beside') continue
      const one = used.get(line.ingredient) ?? { codes: new Set(), gluten: false, also: new Set(), products: new Set() }
      used.set(line.ingredient, one)
      for (const code of codes) one.codes.add(code)
      one.gluten ||= product.claims.includes('glutenFree')
      for (const what of product.claims.flatMap(claim => askedBy(claim, workbook))) one.also.add(what)
      one.products.add(product.name)
    }
  }
  const letters = new Map<string, Asked[]>()
  for (const [id, asked] of used) {
    const ingredient = ingredients.get(id)
    const wants = ingredient ? wantsOf(ingredient, asked, workbook) : []
    if (!ingredient || wants.length === 0) continue
    const supplier = ingredient.supplier?.trim() ?? ''
    letters.set(supplier, [
      ...(letters.get(supplier) ?? []),
      {
        ingredient: { id, name: ingredient.name, article: ingredient.article ?? null },
        wants,
        products: [...asked.products],
      },
    ])
  }
  const reach = (asks: readonly Asked[]) => new Set(asks.flatMap(one => one.products)).size
  return [...letters]
    .map(([supplier, asks]): Letter => ({ supplier, asks }))
    .sort((a, b) => reach(b.asks) - reach(a.asks) || (a.supplier < b.supplier ? -1 : 1))
}

/** The letter itself, ready to send; `from` is the bakery's name and address. */
export function letterText({ supplier, asks }: Letter, from: string): string {
  const lines = asks.flatMap(({ ingredient, wants }) => [
    `${capital(ingredient.name)}${ingredient.article ? `, your article ${ingredient.article}` : ''}:`,
    ...wants.map(want => `- ${want}`),
    '',
  ])
  return [
    `To ${supplier || 'whoever supplies it'}`,
    '',
    'We bake for people who cannot afford a mistake, and use the articles below. Please send us, for each:',
    '',
    ...lines,
    'Please name the article and the issue or lot it is about, with its date and until when it holds. If anything in a recipe, a line or a site has changed or is about to, tell us, whatever it is.',
    '',
    from,
  ].join('\n')
}
