// Claims that rest on what an ingredient is: vegan, vegetarian, no added sugars. What the house adds to a claim of animals makes it
// stricter, never looser.
import { statusOf } from '../allergen/rollUp'
import { textsOf } from '../ingredient/texts'
import type { AllergenCode } from '../model/allergen'
import type { NamedClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { BillLine } from '../recipe/bill'
import { aboutTheWhole, houseRuleOf, judgedByHouse, ruleInWords, spokenAgainst } from './houseRule'
import { fine, type Judged, lineByLine, unsaid } from './lineByLine'
import type { ClaimContext, ClaimResult, Ground } from './verdict'

const animalAllergens: readonly AllergenCode[] = ['milk', 'egg', 'fish', 'crustaceans', 'molluscs']

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
    stricter('vegan', context, ingredient =>
      fromAnimals(ingredient, context, ['milk', 'egg', 'honey', 'gelatine', 'meat', 'fish', 'insect'], animalAllergens),
    ),
    `Vegan does not mean free from allergens.${alsoOf('vegan', context)}`,
    [...traces, ...aboutTheWhole(houseRuleOf('vegan', context.workbook.kitchen), context)],
  )
}

export const vegetarian = (context: ClaimContext): ClaimResult =>
  lineByLine(
    'vegetarian',
    context,
    stricter('vegetarian', context, ingredient =>
      fromAnimals(ingredient, context, ['gelatine', 'meat', 'fish', 'insect'], ['fish', 'crustaceans', 'molluscs']),
    ),
    alsoOf('vegetarian', context).trim() || undefined,
    aboutTheWhole(houseRuleOf('vegetarian', context.workbook.kitchen), context),
  )

/** What the house asks beyond it, where it does. */
function stricter(claim: NamedClaim, context: ClaimContext, judge: (ingredient: Ingredient) => Judged) {
  const rule = houseRuleOf(claim, context.workbook.kitchen)
  return (ingredient: Ingredient): Judged => {
    const own = judge(ingredient)
    if (!rule || own.verdict === 'breaks') return own
    const house = judgedByHouse(rule, ingredient, context)
    return house.verdict === 'holds' || (house.verdict === 'unproven' && own.verdict === 'unproven') ? own : house
  }
}
function alsoOf(claim: NamedClaim, { workbook }: ClaimContext): string {
  const rule = houseRuleOf(claim, workbook.kitchen)
  return rule ? ` The house asks more: ${ruleInWords(rule)}.` : ''
}

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
