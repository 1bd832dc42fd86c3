// Claims that rest on what an ingredient is: vegan, vegetarian, no added sugars, and the lists with no legal definition.
import { conflictsIn } from '../allergen/rollUp'
import type { AllergenCode } from '../model/allergen'
import { byId } from '../model/byId'
import type { NamedClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import { wayOf } from '../recipe/bill'
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
  judge: (ingredient: Ingredient, at: number) => Judged,
  note?: string,
  more: Ground[] = [],
): ClaimResult {
  const ingredients = byId(context.workbook.ingredients)
  const grounds: Ground[] = []
  for (const [at, line] of context.bill.lines.entries()) {
    if (line.role === 'beside') continue
    const { verdict, ...reason } = judge(ingredients.get(line.ingredient)!, at)
    grounds.push({ verdict, at, reason: { ...wayOf(line), ...reason } })
  }
  for (const gap of context.bill.gaps)
    if (gap.kind === 'component')
      grounds.push({ verdict: 'unproven', at: -1, reason: { ...wayOf(gap), fact: gap.fact } })
  return concluded(claim, context, [...grounds, ...more], null, note)
}

const animalAllergens: readonly AllergenCode[] = ['milk', 'egg', 'fish', 'crustaceans', 'molluscs']

function fromAnimals(
  ingredient: Ingredient,
  context: ClaimContext,
  at: number,
  refused: readonly string[],
  codes: readonly AllergenCode[],
): Judged {
  const { animal } = ingredient.traits
  const named = animal?.filter(kind => refused.includes(kind)) ?? []
  if (named.length > 0)
    return { verdict: 'breaks', fact: `made with ${named.join(' and ')}`, mend: 'Use something that grew.' }
  for (const code of codes) {
    if (ingredient.allergens[code]?.status === 'contains') return { verdict: 'breaks', fact: `contains ${code}` }
    const conflict = conflictsIn(context.found[code]).get(at)
    if (conflict)
      return {
        verdict: 'unproven',
        fact: conflict.reason.fact,
        ...(conflict.reason.mend ? { mend: conflict.reason.mend } : {}),
      }
  }
  return animal === undefined ? unsaid('whether anything in it comes from an animal') : fine
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
    (ingredient, at) =>
      fromAnimals(
        ingredient,
        context,
        at,
        ['milk', 'egg', 'honey', 'gelatine', 'meat', 'fish', 'insect'],
        animalAllergens,
      ),
    'Vegan does not mean free from allergens.',
    traces,
  )
}

export const vegetarian = (context: ClaimContext): ClaimResult =>
  lineByLine('vegetarian', context, (ingredient, at) =>
    fromAnimals(ingredient, context, at, ['gelatine', 'meat', 'fish', 'insect'], ['fish', 'crustaceans', 'molluscs']),
  )

const sweetens: Record<string, string> = {
  sugar: 'sugar',
  syrup: 'a syrup',
  juiceConcentrate: 'concentrated juice',
  fruitPuree: 'fruit purée used to sweeten',
  rareSugar: 'a rare sugar, which is a sugar here',
}

/** Nothing that the market counts as added sugar: its rule pack names the kinds and the source. */
export const noAddedSugar = (context: ClaimContext): ClaimResult =>
  lineByLine('noAddedSugar', context, ingredient => {
    const { sweetening } = ingredient.traits
    const counted: readonly string[] = context.rules.claims.addedSugars.kinds
    const added = sweetening?.filter(kind => counted.includes(kind)) ?? []
    if (added.length > 0)
      return {
        verdict: 'breaks',
        fact: `it is ${added.map(kind => sweetens[kind]).join(' and ')}: added sugars`,
        mend: 'Sweeten with whole fruit, or drop the claim.',
      }
    if ((ingredient.nutrients.addedSugars?.value ?? 0) > 0)
      return { verdict: 'breaks', fact: 'its nutrition states added sugars' }
    return sweetening === undefined ? unsaid('whether it sweetens') : fine
  })

export const grainFree = (context: ClaimContext): ClaimResult =>
  lineByLine(
    'grainFree',
    context,
    ({ traits }) =>
      traits.grain === undefined
        ? unsaid('whether it is a grain')
        : traits.grain.length > 0
          ? { verdict: 'breaks', fact: 'it is a grain, or made from one' }
          : fine,
    'Not defined in law: a house rule.',
  )

const refinedSugar = ({ traits }: Ingredient): Judged =>
  traits.sweetening === undefined
    ? unsaid('whether it sweetens')
    : !traits.sweetening.some(kind => kind === 'sugar' || kind === 'syrup')
      ? fine
      : traits.refined === undefined
        ? unsaid('whether it is refined')
        : traits.refined
          ? { verdict: 'breaks', fact: 'it is a refined sugar' }
          : fine

export const refinedSugarFree = (context: ClaimContext): ClaimResult =>
  lineByLine('refinedSugarFree', context, refinedSugar, 'Not defined in law: a house rule. It still holds sugars.')

export const paleo = (context: ClaimContext): ClaimResult =>
  lineByLine(
    'paleo',
    context,
    (ingredient, at) => {
      const { traits } = ingredient
      if (ingredient.allergens.milk?.status === 'contains' || traits.animal?.includes('milk'))
        return { verdict: 'breaks', fact: 'contains milk' }
      if (conflictsIn(context.found.milk).has(at)) return { verdict: 'unproven', fact: 'its words speak of milk' }
      if (traits.grain === undefined || traits.legume === undefined || traits.animal === undefined)
        return unsaid('whether it is a grain, a legume or from milk')
      if (traits.grain.length > 0 || traits.legume)
        return { verdict: 'breaks', fact: traits.legume ? 'it is a legume' : 'it is a grain' }
      return refinedSugar(ingredient)
    },
    'Not defined in law: a house rule.',
  )
