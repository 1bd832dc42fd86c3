// "Gluten-free": each line by itself first (dilution never cures), then the blend, then the kitchen.
import { kitchenFindings } from '../allergen/crossContact'
import { conflictsIn, type Reason, wordFor } from '../allergen/rollUp'
import { proofOf } from '../ingredient/evidence'
import { isFreeByNature } from '../ingredient/nature'
import { glutenCereals } from '../model/allergen'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { gapMend, wayOf } from '../recipe/bill'
import { atMost, toPlaces } from '../words/rounding'
import { type ClaimContext, type ClaimResult, concluded, type Ground, type Verdict } from './verdict'

interface LineGluten {
  verdict: Verdict
  /** Worst case in mg/kg; null where unknown. */
  mgPerKg: number | null
  reason: Omit<Reason, 'path'>
}

/** A cereal's own plain word, which a starch of it may carry in its name. */
const plainWord = /^(?:wheat|rye|barley)/i

/** One ingredient against the limit. */
function glutenOf(ingredient: Ingredient, context: ClaimContext, at: number): LineGluten {
  const { rules, workbook } = context
  const limit = rules.gluten.atMostMgPerKg
  const over = (mgPerKg: number) => (rules.gluten.below ? atMost(limit, mgPerKg) : !atMost(mgPerKg, limit))
  const figure = ingredient.gluten?.atMostMgPerKg ?? null
  const proof = proofOf(
    ingredient.gluten?.evidence,
    ingredient.evidence,
    workbook.today,
    workbook.kitchen.evidenceYears,
  )
  const proven = figure !== null && proof.proven
  for (const cereal of glutenCereals) {
    if (ingredient.allergens[cereal]?.status !== 'contains') continue
    // an exempt derivative does not break it by its cereal: its gluten figure decides
    if (context.found[cereal].find(one => one.at === at)?.exempt) continue
    const oatsAllowed =
      cereal === 'oats' &&
      (rules.gluten.oats === 'withFigure' ||
        (rules.gluten.oats === 'speciallyProduced' && ingredient.oatsSpeciallyProduced === true))
    const removed = cereal !== 'oats' && ingredient.glutenRemoved === true && rules.gluten.removedWheat === 'withTest'
    // starch can be freed of gluten; spelt, malt or a wholemeal named in it has not been
    const kind = removed ? wordFor(ingredient, cereal, plainWord) : undefined
    if (kind)
      return {
        verdict: 'unproven',
        mgPerKg: null,
        reason: {
          fact: `“${kind}” stands in it, and that gluten was taken out answers for ${cereal} starch only`,
          mend: 'Settle it with the supplier, and put the answer in the larder.',
        },
      }
    if (oatsAllowed || (removed && (!proven || proof.evidence?.kind === 'test'))) continue
    if (removed)
      return {
        verdict: 'unproven',
        mgPerKg: null,
        reason: { fact: `gluten was taken out of its ${cereal}: that needs a test`, mend: 'Add a test result.' },
      }
    const why =
      cereal === 'oats' && rules.gluten.oats !== 'never'
        ? 'contains oats that are not specially produced'
        : `contains ${cereal}`
    return { verdict: 'breaks', mgPerKg: null, reason: { fact: why, mend: 'Use something without it.' } }
  }
  if (figure !== null && over(figure))
    return {
      verdict: 'breaks',
      mgPerKg: figure,
      reason: {
        fact: rules.gluten.testOfFood
          ? `may hold ${figure} mg/kg of gluten, and none may be found; dilution never cures it`
          : `may hold ${figure} mg/kg of gluten, over the ${limit} allowed; dilution never cures it`,
        ...(proof.evidence ? { evidence: proof.evidence } : {}),
      },
    }
  // no flag answers for a word: specially produced oats are put down as oats, and starch as its cereal
  const conflict = glutenCereals.map(code => conflictsIn(context.found[code]).get(at)).find(Boolean)
  if (conflict)
    return {
      verdict: 'unproven',
      mgPerKg: null,
      reason: { fact: conflict.reason.fact, ...(conflict.reason.mend ? { mend: conflict.reason.mend } : {}) },
    }
  const named = glutenCereals.some(code => ingredient.allergens[code]?.status === 'contains')
  if (ingredient.traits.grain?.includes('gluten') && !named)
    return {
      verdict: 'unproven',
      mgPerKg: null,
      reason: { fact: 'its kind says a gluten grain, and no cereal is put down', mend: 'Settle it in the larder.' },
    }
  const traces = glutenCereals.find(
    code =>
      ingredient.allergens[code]?.status === 'mayContain' &&
      !(code === 'oats' && rules.gluten.oats !== 'never' && ingredient.oatsSpeciallyProduced === true),
  )
  if (traces)
    return {
      verdict: 'unproven',
      mgPerKg: null,
      reason: {
        fact:
          figure === null
            ? `may contain ${traces}, and no gluten figure is on file`
            : `may contain ${traces}, and at most ${figure} mg/kg of gluten: a label cannot warn of one and claim the other`,
        mend: `Ask the supplier which of the two is so, or find one without the ${traces} warning.`,
      },
    }
  if (figure !== null && proof.proven)
    return {
      verdict: 'holds',
      mgPerKg: figure,
      reason: { fact: `at most ${figure} mg/kg of gluten`, evidence: proof.evidence },
    }
  if (!named && isFreeByNature(ingredient, workbook.kitchen.freeByNature))
    return { verdict: 'holds', mgPerKg: 0, reason: { fact: 'free of gluten by nature' } }
  if (figure !== null && !proof.proven)
    return {
      verdict: 'unproven',
      mgPerKg: null,
      reason: {
        fact: `“at most ${figure} mg/kg of gluten”, but ${proof.fact}`,
        ...(proof.evidence ? { evidence: proof.evidence } : {}),
        mend: proof.mend,
      },
    }
  return {
    verdict: 'unproven',
    mgPerKg: null,
    reason: { fact: 'no gluten figure is on file', mend: 'Ask the supplier for a gluten certificate or test.' },
  }
}

/** Where the market wants none to be found, no sum of figures shows it: only a test of the finished food does. */
function testOfFood({ product, workbook, rules, bill }: ClaimContext): Ground {
  const path = [{ id: 'blend', name: 'the finished food' }]
  const { glutenTest } = product
  if (!glutenTest)
    return {
      verdict: 'unproven',
      at: -1,
      reason: {
        path,
        fact: `no gluten may be found in it (${rules.gluten.cite}), and no test of the finished food is on file`,
        mend: 'Have the finished food tested, and enter the result under About.',
      },
    }
  const { evidence, findsFromMgPerKg, of } = glutenTest
  const proof = proofOf(evidence.id, [evidence], workbook.today, workbook.kitchen.evidenceYears)
  const isTest = evidence.kind === 'test'
  const tested = new Set(of)
  const since = [...new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))].find(
    id => !tested.has(id),
  )
  if (!proof.proven || !isTest || since !== undefined)
    return {
      verdict: 'unproven',
      at: -1,
      reason: {
        path,
        fact: !proof.proven
          ? proof.fact
          : !isTest
            ? 'only a test shows that no gluten is found, and this is none'
            : `the food that was tested had no ${byId(workbook.ingredients).get(since!)?.name ?? since} in it`,
        evidence,
        mend: 'Have the finished food tested again.',
      },
    }
  return {
    verdict: 'holds',
    at: -1,
    reason: { path, fact: `no gluten was found in a test that finds ${findsFromMgPerKg} mg/kg`, evidence },
  }
}

export function glutenFree(context: ClaimContext): ClaimResult {
  const { bill, workbook, rules, found } = context
  const ingredients = byId(workbook.ingredients)
  const grounds: Ground[] = []
  // nothing of any cereal may be left: a record about oats does not answer for wheat
  const leftNothing = new Map(
    found.wheat
      .filter(
        ({ at, leavesNothing }) =>
          leavesNothing && glutenCereals.every(cereal => found[cereal].some(one => one.at === at && one.leavesNothing)),
      )
      .map(one => [one.at, one]),
  )
  let milligrams: number | null = 0 // of gluten in the batch, worst case: grams × mg/kg ÷ 1000
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside') continue
    const ingredient = ingredients.get(line.ingredient)!
    const nothing = leftNothing.get(at)
    if (nothing) {
      grounds.push({ verdict: 'holds', reason: nothing.reason, at })
      continue
    }
    const { verdict, mgPerKg, reason } = glutenOf(ingredient, context, at)
    grounds.push({ verdict, reason: { ...wayOf(line), ...reason }, at })
    if (milligrams === null || mgPerKg === 0) continue
    milligrams = mgPerKg === null || line.unweighed ? null : milligrams + (line.grams * mgPerKg) / 1000
  }
  for (const gap of bill.gaps) {
    if (gap.kind !== 'component') continue
    grounds.push({ verdict: 'unproven', reason: { ...wayOf(gap), fact: gap.fact, mend: gapMend(gap) }, at: -1 })
    milligrams = null
  }
  const limit = rules.gluten.atMostMgPerKg
  const whole = [{ id: 'blend', name: 'the finished food' }]
  if (rules.gluten.testOfFood) grounds.push(testOfFood(context))
  else if (milligrams !== null && bill.finished > 0) {
    const mgPerKg = (milligrams / bill.finished) * 1000
    const said = `at worst ${toPlaces(mgPerKg, 1)} mg/kg of gluten as sold; the limit is ${limit} (${rules.gluten.cite}); ${toPlaces(Math.abs(limit - mgPerKg), 1)} ${mgPerKg > limit ? 'over' : 'under'} it`
    grounds.push({
      verdict: (rules.gluten.below ? !atMost(limit, mgPerKg) : atMost(mgPerKg, limit)) ? 'holds' : 'breaks',
      reason: { path: whole, fact: said },
      at: -1,
    })
  } else if (grounds.every(ground => ground.verdict === 'holds') && grounds.length > 0)
    grounds.push({
      verdict: 'unproven',
      reason: {
        path: whole,
        fact: 'how much gluten it can hold at worst is not known while a weight is missing',
        mend: 'Give every line a weight.',
      },
      at: -1,
    })
  // a kitchen that shares wheat warns of wheat: it is asked for gluten and for each cereal
  const kitchen: Ground[] = (['gluten', ...glutenCereals] as const)
    .flatMap(code => kitchenFindings(workbook, code))
    .map(({ proven, reason }) => ({ verdict: proven ? 'holds' : 'unproven', reason, at: -1 }))
  return concluded('glutenFree', context, grounds, kitchen)
}
