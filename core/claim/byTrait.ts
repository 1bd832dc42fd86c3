// Claims that rest on what an ingredient is: vegan, vegetarian, no added sugars, and the lists with no legal definition.
import { statusOf } from '../allergen/rollUp'
import { kindConflict, kindFact, kindMend } from '../ingredient/kindWords'
import { textsOf } from '../ingredient/texts'
import { type AllergenCode, glutenCereals } from '../model/allergen'
import { byId } from '../model/byId'
import type { NamedClaim } from '../model/claim'
import type { Ingredient, Traits } from '../model/ingredient'
import { type BillLine, gapMend, wayOf } from '../recipe/bill'
import { type ClaimContext, type ClaimResult, concluded, type Ground, type Verdict } from './verdict'

type Judged = { verdict: Verdict; fact: string; mend?: string }
const unsaid = (what: string): Judged => ({
  verdict: 'unproven',
  fact: `nobody has said ${what}`,
  mend: 'Say so in the larder.',
})
const fine: Judged = { verdict: 'holds', fact: 'nothing stands against it' }

/** Judges every line that touches the food by its ingredient. */
function lineByLine(
  claim: NamedClaim,
  context: ClaimContext,
  judge: (ingredient: Ingredient, line: BillLine) => Judged,
  note?: string,
  more: Ground[] = [],
): ClaimResult {
  const ingredients = byId(context.workbook.ingredients)
  const grounds: Ground[] = []
  for (const [at, line] of context.bill.lines.entries()) {
    if (line.role === 'beside') continue
    const { verdict, ...reason } = judge(ingredients.get(line.ingredient)!, line)
    grounds.push({ verdict, at, reason: { ...wayOf(line), ...reason } })
  }
  for (const gap of context.bill.gaps)
    if (gap.kind === 'component')
      grounds.push({ verdict: 'unproven', at: -1, reason: { ...wayOf(gap), fact: gap.fact, mend: gapMend(gap) } })
  return concluded(claim, context, [...grounds, ...more], null, note)
}

const animalAllergens: readonly AllergenCode[] = ['milk', 'egg', 'fish', 'crustaceans', 'molluscs']

/** A word in it that speaks of a kind which is put down otherwise. */
function spokenAgainst(ingredient: Ingredient, trait: keyof Traits, among?: readonly string[]): Judged | null {
  const spoken = kindConflict(ingredient, trait, among)
  return spoken ? { verdict: 'unproven', fact: kindFact(spoken), mend: kindMend } : null
}

function fromAnimals(
  ingredient: Ingredient,
  { workbook }: ClaimContext,
  refused: readonly string[],
  codes: readonly AllergenCode[],
): Judged {
  const { animal } = ingredient.traits
  const named = animal?.filter(kind => refused.includes(kind)) ?? []
  if (named.length > 0)
    return { verdict: 'breaks', fact: `made with ${named.join(' and ')}`, mend: 'Use something that grew.' }
  for (const code of codes) {
    if (ingredient.allergens[code]?.status === 'contains') return { verdict: 'breaks', fact: `contains ${code}` }
    // whatever may be left of it: it was used
    const { conflict, fact, mend } = statusOf(ingredient, code, workbook)
    if (conflict) return { verdict: 'unproven', fact, ...(mend ? { mend } : {}) }
  }
  if (animal === undefined) return unsaid('whether anything in it comes from an animal')
  return spokenAgainst(ingredient, 'animal', refused) ?? fine
}

/** Honey never. A may-contain is shown as its own mark and never hidden. */
export function vegan(context: ClaimContext): ClaimResult {
  const traces: Ground[] = animalAllergens.flatMap(code =>
    context.found[code]
      .filter(finding => finding.status === 'mayContain')
      .map(({ reason, at }) => ({ verdict: 'mayContain' as const, reason, at })),
  )
  return lineByLine(
    'vegan',
    context,
    ingredient =>
      fromAnimals(ingredient, context, ['milk', 'egg', 'honey', 'gelatine', 'meat', 'fish', 'insect'], animalAllergens),
    'Vegan does not mean free from allergens.',
    traces,
  )
}

export const vegetarian = (context: ClaimContext): ClaimResult =>
  lineByLine('vegetarian', context, ingredient =>
    fromAnimals(ingredient, context, ['gelatine', 'meat', 'fish', 'insect'], ['fish', 'crustaceans', 'molluscs']),
  )

const sweetens: Record<string, string> = {
  sugar: 'sugar',
  syrup: 'a syrup',
  juiceConcentrate: 'concentrated juice',
  rareSugar: 'a rare sugar, which is a sugar here',
}

/** Sweet foods that are there for themselves or to sweeten: what they are used for decides, so it is asked. */
const asked: readonly string[] = ['fruitPuree', 'wholeFruit']
const milkSugar =
  /\b(?:(?:milk|whey|buttermilk|yogh?urt) (?:powder|solids)|(?:powdered|dried|condensed) (?:\w+ )?milk|permeate)\b/i

/** Is it asked at its line whether it is there to sweeten? */
export const asksWhetherSweetens = (ingredient: Ingredient): boolean =>
  ingredient.traits.sweetening?.some(kind => asked.includes(kind)) === true ||
  textsOf(ingredient).some(text => milkSugar.test(text))

function usedToSweeten(line: BillLine): Judged {
  if (line.sweetens === true)
    return {
      verdict: 'breaks',
      fact: 'it is put down as used to sweeten: added sugars',
      mend: 'Leave it out, or drop the claim.',
    }
  if (line.sweetens === false) return { verdict: 'holds', fact: 'it is put down as not there to sweeten' }
  return {
    verdict: 'unproven',
    fact: 'it may be there to sweeten, and nobody has said whether it is',
    mend: 'Say at its line in the recipe whether it is used to sweeten.',
  }
}

/** Nothing that the market counts as added sugar: its rule pack names the kinds and the source. */
export const noAddedSugar = (context: ClaimContext): ClaimResult =>
  lineByLine('noAddedSugar', context, (ingredient, line) => {
    const { sweetening } = ingredient.traits
    const counted: readonly string[] = context.rules.claims.addedSugars.kinds
    const added = sweetening?.filter(kind => counted.includes(kind)) ?? []
    if (added.length > 0)
      return {
        verdict: 'breaks',
        fact: `it is ${added.map(kind => sweetens[kind]).join(' and ')}: added sugars`,
        mend: 'Leave it out, or drop the claim.',
      }
    if ((ingredient.nutrients.addedSugars?.value ?? 0) > 0)
      return { verdict: 'breaks', fact: 'its nutrition states added sugars' }
    if (sweetening === undefined) return unsaid('whether it sweetens')
    const spoken = spokenAgainst(ingredient, 'sweetening')
    if (spoken) return spoken
    const sweetener = sweetening.some(kind => kind === 'polyol' || kind === 'intense')
    return asksWhetherSweetens(ingredient) || (line.sweetens === true && !sweetener) ? usedToSweeten(line) : fine
  })

export const grainFree = (context: ClaimContext): ClaimResult =>
  lineByLine(
    'grainFree',
    context,
    ingredient => {
      const { grain } = ingredient.traits
      if (grain === undefined) return unsaid('whether it is a grain')
      if (grain.length > 0) return { verdict: 'breaks', fact: 'it is a grain, or made from one' }
      if (glutenCereals.some(cereal => ingredient.allergens[cereal]?.status === 'contains'))
        return { verdict: 'breaks', fact: 'contains a cereal' }
      return spokenAgainst(ingredient, 'grain') ?? fine
    },
    'Not defined in law: a house rule.',
  )

function refinedSugar(ingredient: Ingredient): Judged {
  const { sweetening, refined } = ingredient.traits
  if (sweetening === undefined) return unsaid('whether it sweetens')
  const spoken = spokenAgainst(ingredient, 'sweetening')
  if (spoken) return spoken
  if (!sweetening.some(kind => kind === 'sugar' || kind === 'syrup')) return fine
  if (refined === undefined) return unsaid('whether it is refined')
  if (refined) return { verdict: 'breaks', fact: 'it is a refined sugar' }
  return spokenAgainst(ingredient, 'refined') ?? fine
}

export const refinedSugarFree = (context: ClaimContext): ClaimResult =>
  lineByLine('refinedSugarFree', context, refinedSugar, 'Not defined in law: a house rule. It still holds sugars.')

export const paleo = (context: ClaimContext): ClaimResult =>
  lineByLine(
    'paleo',
    context,
    ingredient => {
      const { traits } = ingredient
      if (ingredient.allergens.milk?.status === 'contains' || traits.animal?.includes('milk'))
        return { verdict: 'breaks', fact: 'contains milk' }
      if (statusOf(ingredient, 'milk', context.workbook).conflict)
        return { verdict: 'unproven', fact: 'its words speak of milk' }
      if (traits.grain === undefined || traits.legume === undefined || traits.animal === undefined)
        return unsaid('whether it is a grain, a legume or from milk')
      if (traits.grain.length > 0 || traits.legume)
        return { verdict: 'breaks', fact: traits.legume ? 'it is a legume' : 'it is a grain' }
      return spokenAgainst(ingredient, 'grain') ?? spokenAgainst(ingredient, 'legume') ?? refinedSugar(ingredient)
    },
    'Not defined in law: a house rule.',
  )
