// What stands between a label and a signature: each thing in a sentence, with where it is and what would mend it.

import { contradictionMend } from '../allergen/crossContact'
import { contradicted, contradiction } from '../allergen/onSite'
import { statusIn } from '../allergen/rollUp'
import { beyondClaims, claimsIn } from '../claim/claimsInText'
import { classedTexts, namesAdditive, withoutClass } from '../ingredient/additives'
import { denialsIn } from '../ingredient/denials'
import { namesKind } from '../ingredient/lexicon'
import { textsOf } from '../ingredient/texts'
import { type AllergenCode, allergenName, glutenCereals } from '../model/allergen'
import { byId } from '../model/byId'
import { nameOfClaim } from '../model/claim'
import { chosenResult, goneSince, newSince } from '../nutrition/laboratory'
import { doubtsAbout } from '../nutrition/plausible'
import { gapMend } from '../recipe/bill'
import { packWeight } from '../recipe/packWeight'
import { fromTheOutside } from '../recipe/part'
import { usualBakeLoss } from '../recipe/usualLoss'
import { capital, spokenList } from '../words/listing'
import { percent, toPlaces } from '../words/rounding'
import type { DeclarationContext } from './declarationContext'
import { keepingProblems } from './keeping'
import { pieceIn } from './nutritionFacts'
import type { Lack, NutritionTable } from './nutritionTable'
import { refusedWords } from './ownWords'
import type { Problem } from './problem'
import { namedButNotHighlighted } from './quid'
import { saleOf, withoutTable } from './sale'

/** "Rhubarb: no fat, salt." for those that lack the same; before it whatever else is missing. */
function missingByIngredient(missing: readonly string[], lacks: readonly Lack[]): string {
  const nutrientsOf = new Map<string, Set<string>>()
  for (const { nutrient, who } of lacks) {
    const names = who.join(', ')
    nutrientsOf.set(names, (nutrientsOf.get(names) ?? new Set()).add(nutrient))
  }
  return [
    ...(lacks.length === 0 ? missing : []),
    ...[...nutrientsOf].map(([names, nutrients]) => `${capital(names)}: no ${[...nutrients].join(', ')}.`),
  ].join(' ')
}

/** "Release spray: contains wheat." */
export const sentence = (name: string | undefined, fact: string): string => {
  const text = name ? `${name}: ${fact}` : fact
  return `${capital(text)}.`
}
/** Named by the word of a group, and not what it promises: oats of “gluten-free”, peanuts of “nut-free”. */
const besideItsGroup: ReadonlySet<AllergenCode> = new Set(['oats', 'peanut', 'coconut', 'pineNut'])
const listed = (names: readonly string[]): string =>
  names.length <= 4 ? names.join(', ') : `${names.slice(0, 4).join(', ')} and ${names.length - 4} more`

export function problemsOf(
  context: DeclarationContext,
  table: NutritionTable,
  lacks: readonly Lack[],
  quidProblems: Problem[],
  codes: readonly AllergenCode[],
  /** The ingredient list as it is printed. */
  list: string,
): Problem[] {
  const { product, recipe, bill, workbook, found, claims, rules, nutrition } = context
  const problems: Problem[] = []
  const used = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const ingredients = workbook.ingredients.filter(ingredient => used.has(ingredient.id))
  if (!recipe) problems.push({ what: 'The recipe of this product is no longer there.', mend: 'Choose another recipe.' })
  else if (bill.lines.every(line => line.role === 'beside'))
    problems.push({ what: 'The recipe has no lines yet.', where: recipe.name, mend: 'Add what goes in.' })
  else if (recipe.bakeLoss === undefined) {
    const usual = usualBakeLoss(product.category)
    problems.push({
      what: 'How much it loses in the oven is not known, so neither is its finished weight, its table nor its shares.',
      where: recipe.name,
      mend: `Weigh a bake in and out. ${usual ? `Usual for its kind is ${percent(usual.low)} to ${percent(usual.high)}: taken over under About, it stands as an assumption. ` : ''}Say 0 if it is not baked.`,
    })
  }
  const chosen = chosenResult(product)
  const since = chosen ? [...newSince(chosen, bill, workbook), ...goneSince(chosen, bill, workbook)] : []
  if (chosen && since.length > 0)
    problems.push({
      what: `The food in the report ${chosen.reference} was made of other things: ${spokenList(since, 20)} ${since.length > 1 ? 'differ' : 'differs'}. Its figures are not used.`,
      where: 'nutrition',
      mend: 'Have it analysed again, or go by what is worked out, under Nutrition.',
    })
  else if (chosen)
    for (const { message } of doubtsAbout(
      // of water nobody knows how much leaves in the oven
      code => (code === 'water' ? undefined : nutrition.per100g[code]?.value),
    ).filter(one => one.impossible))
      problems.push({
        what: `With what the report ${chosen.reference} found, the table cannot be: ${message}`,
        where: 'nutrition',
        mend: 'Enter all that the report found, or go by what is worked out, under Nutrition.',
      })
  // what an open question alone holds up is said once, with the question
  const asked = new Set(bill.gaps.filter(gap => gap.why === 'open').map(gap => gap.fact))
  const waiting = claims.filter(claim => claim.verdict === 'unproven' && asked.has(claim.because[0]?.fact ?? ''))
  for (const claim of claims)
    if (claim.verdict !== 'holds' && !waiting.includes(claim)) {
      const why = claim.because[0]
      const name = nameOfClaim(claim.claim)
      problems.push({
        what: `${capital(name)} ${claim.verdict === 'breaks' ? 'breaks' : 'is unproven'}${why ? `. ${sentence(why.path.at(-1)?.name, why.fact)}` : '.'}`,
        ...(claim.verdict === 'breaks' ? { weight: 'breaks' as const } : {}),
        ...(why?.mend ? { mend: why.mend } : {}),
        where: name,
      })
    }
  // a name is read as a claim, whoever meant it as one
  const names = [product.name, product.legalName ?? '', product.translated?.name ?? ''].join('. ')
  for (const { claim, words } of claimsIn(names)) {
    const verdict = claims.find(one => one.claim === claim)?.verdict
    if (verdict !== 'holds')
      problems.push({
        what: `The name says “${words}”, and ${verdict === undefined ? 'nobody has had that checked' : verdict === 'breaks' ? 'that breaks' : 'that is unproven'}.`,
        ...(verdict === 'breaks' ? { weight: 'breaks' as const } : {}),
        mend:
          verdict === undefined
            ? 'Tick the claim under About, or take it out of the name.'
            : 'Mend it, or take it out of the name.',
      })
  }
  // one of the house's own may stand for it
  const borne = new Set(
    claims
      .filter(one => one.verdict === 'holds')
      .flatMap(one => denialsIn(nameOfClaim(one.claim)).flatMap(({ codes }) => codes)),
  )
  for (const { words, codes } of beyondClaims(names))
    if (!codes.every(code => borne.has(code)))
      problems.push({
        what: `The name says “${words}”, and no claim that holds stands for that.`,
        mend: 'Take it out of the name, or make it a claim of the house under Kitchen.',
      })
  // whatever else of her own words is printed may please, and claims nothing
  for (const [text, where] of [
    [product.keeps?.storage ?? '', 'how it is kept'],
    [product.pieceName ?? '', 'what a piece is called'],
    [product.origin ?? '', 'where it is made'],
    ...(rules.second && product.translated
      ? ([
          [product.translated.storage ?? '', `how it is kept, in ${rules.second.name}`],
          [product.translated.pieceName ?? '', `what a piece is called, in ${rules.second.name}`],
        ] as const)
      : []),
  ] as const) {
    const why = refusedWords(text)
    if (why) problems.push({ what: `${capital(where)}: ${why}`, where })
  }
  for (const gap of bill.gaps) {
    const wait = waiting.filter(claim => claim.because[0]!.fact === gap.fact).map(claim => nameOfClaim(claim.claim))
    const waits =
      wait.length > 0 ? ` ${capital(spokenList(wait, 20))} ${wait.length > 1 ? 'wait' : 'waits'} for it.` : ''
    problems.push({
      what: `${gap.path.at(-1)!.name}: ${gap.fact}.${waits}`,
      where: gap.path.at(-1)!.name,
      mend: gap.kind === 'amount' ? 'Give it a weight.' : gapMend(gap),
    })
  }
  const conflicts = new Map<string, string>()
  for (const code of codes)
    for (const one of found[code]) if (one.conflict) conflicts.set(one.reason.path.at(-1)!.name, one.reason.fact)
  for (const [name, fact] of conflicts)
    problems.push({ about: 'allergens', what: `${name}: ${fact}.`, where: name, mend: 'Settle it in the larder.' })
  const open = new Set(
    codes.flatMap(code =>
      found[code].flatMap(one =>
        one.status === 'unknown' && !one.exempt ? (bill.lines[one.at]?.ingredient ?? []) : [],
      ),
    ),
  )
  const unsettled = ingredients.filter(ingredient => open.has(ingredient.id))
  if (unsettled.length > 0)
    problems.push({
      about: 'allergens',
      what: `Allergens are not settled for ${listed(unsettled.map(one => one.name))}.`,
      where: unsettled[0]!.name,
      mend: 'Unknown is not free: ask the suppliers, and put the answers in the larder.',
    })
  // what is printed in the list may not deny what it holds: "milk-free chips" that may contain milk
  for (const one of ingredients) {
    const holds = (code: AllergenCode) =>
      found[code]?.some(
        ({ at, status }) => bill.lines[at]?.ingredient === one.id && (status === 'contains' || status === 'mayContain'),
      )
    for (const { words, codes: denied } of denialsIn(one.labelName ?? one.name)) {
      const code = denied.find(code => holds(code) && !(denied.length > 1 && besideItsGroup.has(code)))
      if (code)
        problems.push({
          about: 'allergens',
          what: `The list says “${words}” of ${one.name}, which ${found[code].some(({ at, status }) => bill.lines[at]?.ingredient === one.id && status === 'contains') ? 'contains' : 'may contain'} ${allergenName[code]}.`,
          where: one.name,
          weight: 'breaks',
          mend: 'Change its label name in the larder, or ask the supplier again.',
        })
    }
  }
  const ofNoKind = rules.allergens.groups
    .filter(group => group.byKind && (group.codes.includes('fish') || group.codes.includes('crustaceans')))
    .flatMap(group => group.codes.map(code => ({ code, group })))
    .flatMap(({ code, group }) =>
      ingredients
        .filter(one => one.allergens[code]?.status === 'contains' && !namesKind(textsOf(one), code))
        .map(one => ({ name: one.name, group: group.name })),
    )
  for (const { name, group } of ofNoKind)
    problems.push({
      what: `${capital(name)} contains ${group}, and this market wants its kind named.`,
      where: name,
      mend: 'Write the kind into its label name or its list in the larder: cod, prawns.',
    })
  // whether or not anything is claimed: an absence is read into what a label does not say
  const stale = new Map<string, string>()
  for (const code of codes)
    for (const one of found[code])
      if (one.status === 'free' && !one.proven && !stale.has(one.reason.path.at(-1)!.name))
        stale.set(one.reason.path.at(-1)!.name, one.reason.fact)
  if (stale.size > 0) {
    const [[who, fact]] = [...stale] as [[string, string]]
    problems.push({
      about: 'allergens',
      what: `Nothing in force proves what is put down for ${listed([...stale.keys()])}. ${sentence(who, fact)}`,
      where: who,
      mend: 'Ask the supplier for a current document, and put it in the larder.',
    })
  }
  const unassessed = codes.filter(
    code =>
      statusIn(found, code) !== 'contains' && !workbook.kitchen.crossContact.some(record => record.allergen === code),
  )
  if (unassessed.length > 0)
    problems.push({
      about: 'allergens',
      what: `The kitchen was never assessed for ${listed(unassessed.map(code => allergenName[code]))}.`,
      where: 'the kitchen itself',
      mend: 'Assess it under Kitchen: what it may add is unknown, and unknown is not free.',
    })
  for (const code of codes) {
    if (statusIn(found, code) === 'contains') continue
    const shown = contradicted(workbook, code)
    if (shown.length > 0)
      problems.push({
        what: `${capital(contradiction(code, shown))}.`,
        where: 'the kitchen itself',
        mend: contradictionMend,
      })
  }
  for (const id of fromTheOutside(byId(workbook.recipes), product.recipe))
    for (const line of byId(workbook.recipes).get(id)?.lines ?? []) {
      if (!line.alternatives?.length || !('ingredient' in line.of) || line.role === 'beside') continue
      const names = byId(workbook.ingredients)
      const all = [line.of.ingredient, ...line.alternatives.map(one => one.ingredient)]
      problems.push({
        what: `It is open which is used: ${all.map(one => names.get(one)?.name ?? one).join(' or ')}.`,
        where: byId(workbook.recipes).get(id)!.name,
        mend: 'Settle on one: a label can be of one recipe only.',
      })
    }
  const unlisted = ingredients.filter(ingredient => ingredient.composition === undefined)
  if (unlisted.length > 0)
    problems.push({
      about: 'ingredients',
      what: `Nobody has said what these are made of: ${listed(unlisted.map(one => one.name))}.`,
      where: unlisted[0]!.name,
      mend: 'Enter the supplier’s list, or say that it is a single thing.',
    })
  const { asks, form, setApart } = saleOf(product, rules)
  const without = withoutTable(product, rules, claims, workbook.kitchen, false)
  if (without && 'refused' in without)
    problems.push({
      what: without.refused,
      where: 'nutrition',
      mend: 'Print it, or say under Label what lets it be left out.',
    })
  if ('missing' in table && table.leftOut === undefined)
    problems.push({
      what: `The nutrition table cannot be given. ${missingByIngredient(table.missing, lacks)}`,
      mend: 'Add the values in the larder.',
    })
  const sharesAsked = rules.quid.asked && asks.includes('quid')
  if (sharesAsked) problems.push(...quidProblems.map(one => ({ ...one, about: 'quid' as const })))
  const named = sharesAsked ? namedButNotHighlighted(product, bill, workbook) : []
  if (named.length > 0)
    problems.push({
      about: 'quid',
      what: `The label needs the share of ${listed(named)} (QUID): it stands in the name.`,
      mend: 'Tick it under “In the name or picture”.',
    })
  if (product.weightFollows && packWeight(product.pieces, recipe, bill) === null)
    problems.push({
      what: 'What a pack weighs follows the recipe, and the recipe does not say it.',
      mend: 'Say how many pieces one making gives and how much goes in, or write the net weight under About.',
    })
  const pieces = recipe?.pieces
  if (pieces && bill.finished > 0 && !bill.gaps.some(gap => gap.kind === 'amount')) {
    const baked = bill.finished / (pieces * bill.factor)
    const said = product.netWeight / product.pieces
    if (Math.abs(baked - said) > said * 0.05)
      problems.push({
        what: `A ${product.pieceName ?? 'piece'} comes out at ${toPlaces(baked, 0)} g, and the pack says ${toPlaces(said, 0)} g.`,
        mend: 'Weigh a few, then correct the net weight or the number of pieces.',
      })
  }
  if (!asks.includes('operator')) {
    // told at the counter, and no part of this label
  } else if (!workbook.kitchen.operator)
    problems.push({ what: 'The label needs the name and address of the business.', mend: 'Enter them in Kitchen.' })
  else if (rules.operator.within !== null && !workbook.kitchen.operatorIn?.[rules.market])
    problems.push({
      what: `The label needs the name and address of a business in ${rules.operator.within} (${rules.operator.cite}).`,
      mend: 'Enter them in Kitchen: your own, if you are there, or whoever brings the food in.',
    })
  if (asks.includes('origin') && !product.origin)
    problems.push({
      about: 'origin',
      what: `The label must say where it was made (${rules.origin.cite}), and nobody has said.`,
      mend: `Write it under About. It is asked ${rules.origin.when}.`,
    })
  if (rules.list.functionClasses)
    for (const ingredient of ingredients)
      for (const { name, usual } of withoutClass(ingredient))
        problems.push({
          what: `${capital(name)} is an additive, and its class is not said.`,
          where: ingredient.name,
          mend: `Say it in the larder${usual ? `: ${usual}, usually` : ''}.`,
        })
  for (const refused of rules.statements.refused)
    for (const ingredient of ingredients)
      if (namesAdditive(classedTexts(ingredient), refused))
        problems.push({
          weight: 'breaks',
          what: `${capital(ingredient.name)} names ${refused.names[0]} (${refused.eNumber}), which is refused in food here (${refused.cite}).`,
          where: ingredient.name,
          mend: 'Use something without it.',
        })
  // in a pack it is kept by whoever bought it, whatever the law asks
  const isTakenAway = !setApart || form === 'prepacked' || form === 'distance'
  if (!product.keeps && (isTakenAway || asks.includes('date')))
    problems.push({
      what: 'There is no date mark and no storage advice.',
      mend: 'Say how long it keeps and how. A use-by date needs someone competent, and often a test.',
    })
  problems.push(...keepingProblems(product))
  if (rules.second) {
    const { name, unwritten, cite } = rules.second
    if (!product.translated)
      problems.push({
        what: `The label must stand in ${name} too (${cite}), and nobody has put ${unwritten} into it.`,
        mend: `Have them translated, and enter them under About.`,
      })
    else if ('rows' in table && rules.table.panel?.per.length && pieceIn(rules.second, product) === null)
      problems.push({
        what: `What a ${product.pieceName} is called in ${name} is not said, and the serving is told in both.`,
        mend: 'Enter it under About, with the list in that language.',
      })
    if (product.translated && product.keeps?.storage && !product.translated.storage)
      problems.push({
        about: 'storage',
        what: `How it is kept stands on the label, and nobody has put that into ${name}.`,
        mend: 'Enter it under About, with the list in that language.',
      })
    if (product.translated && product.translated.of !== list)
      problems.push({
        what: `The list in ${name} was written for another list than the one printed now.`,
        mend: 'Have it read again by whoever translated it, under About.',
      })
  }
  if (!product.markets.includes(rules.market))
    problems.push({
      what: `${product.name} is not put down for sale in this market (${rules.title}).`,
      mend: 'Add the market to the product.',
    })
  for (const record of workbook.kitchen.crossContact)
    if (
      record.control === 'cleaned' &&
      record.allergen !== 'gluten' &&
      codes.includes(record.allergen) &&
      statusIn(found, record.allergen) !== 'contains'
    )
      problems.push({
        what: `${record.equipment ?? 'The kitchen'} is cleaned of ${allergenName[record.allergen]} but not tested.`,
        mend: 'Decide, with someone competent, whether “may contain” is needed.',
      })
  const glutenInside = codes.some(code => glutenCereals.includes(code) && statusIn(found, code) === 'contains')
  if (
    !glutenInside &&
    workbook.kitchen.crossContact.some(record => record.allergen === 'gluten' && record.control === 'shared')
  )
    problems.push({
      what: 'The kitchen shares gluten, and no cereal is named.',
      mend: 'Put down which cereal is shared, so that the label can warn of it.',
    })
  return problems
}
