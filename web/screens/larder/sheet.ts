// An ingredient as a form: all text while it is edited, facts again when it is kept. Empty means unknown.

import { sheetEdits, takeSheetEdits } from '@fair-tin/core/edit'
import { readStatement } from '@fair-tin/core/ingredient'
import { compositionText } from '@fair-tin/core/label'
import { millilitresOf } from '@fair-tin/core/measure'
import {
  type AllergenCode,
  type AllergenFact,
  type AllergenStatus,
  allergenCodes,
  type Component,
  Ingredient,
  type NutrientCode,
  type NutrientValue,
  type Traits,
  type WeighingTrial,
} from '@fair-tin/core/model'
import { doubtsAbout } from '@fair-tin/core/nutrition'
import { commaDoubt, typedDecimal, typedNumber } from '@fair-tin/core/words'
import { type EvidenceRow, evidenceOf, rowOf } from '../../ui/EvidenceRows'
import type { Refusal } from '../outcome'

export interface Sheet {
  id: string
  version: number
  name: string
  standsFor: string
  supplier: string
  labelName: string
  functionClass: string
  article: string
  notes: string
  /** The ordinary thing it stands in for, and what a kilogram of that costs. */
  counterpart: string
  counterpartPerKg: string
  /** `unknown`: nobody said; `single`: one single thing; `list`: the statement below. */
  madeOf: 'unknown' | 'single' | 'list'
  statement: string
  /** The composition as put right by hand; null where the statement is read as it is. */
  tree: Component[] | null
  allergens: Record<AllergenCode, { status: AllergenStatus; evidence: string }>
  /** mg/kg of SO2. */
  sulphites: string
  glutenFigure: string
  glutenEvidence: string
  oatsPure: boolean
  glutenRemoved: boolean
  /** In a form some market leaves out of its allergens. */
  exempt: AllergenCode[]
  traits: Record<'animal' | 'sweetening' | 'grain', string>
  /** Kinds that are so or not. */
  yesNo: Record<(typeof yesNoTraits)[number], '' | 'yes' | 'no'>
  nutrients: Partial<Record<NutrientCode, string>>
  /** Values taken from a table, with their source and range, as long as the figure is left alone. */
  taken: Partial<Record<NutrientCode, NutrientValue>>
  nutrientSource: string
  gramsPerCup: string
  /** Weighings of her own, the newest first. */
  trials: WeighingTrial[]
  gramsEach: string
  edible: string
  packs: { grams: string; price: string; currency: string; from: string }[]
  evidence: EvidenceRow[]
  /** The ingredient it came from: what the form does not show is kept. */
  before: Ingredient
}

export const yesNoTraits = ['refined', 'legume', 'alcohol'] as const

const text = (value: number | string | undefined) => (value === undefined ? '' : String(value))
const round = (value: number) => String(Math.round(value * 100) / 100)
const cup = millilitresOf('cup')!
/** "none" is a statement; nothing is not. */
const list = (values: readonly string[] | undefined) =>
  values === undefined ? '' : values.length === 0 ? 'none' : values.join(', ')

export function sheetOf(ingredient: Ingredient): Sheet {
  const usual = ingredient.measures.find(measure => measure.form === undefined)
  return {
    id: ingredient.id,
    version: ingredient.version ?? 1,
    name: ingredient.name,
    standsFor: ingredient.standsFor ?? '',
    supplier: ingredient.supplier ?? '',
    labelName: ingredient.labelName ?? '',
    functionClass: ingredient.functionClass ?? '',
    article: ingredient.article ?? '',
    notes: ingredient.notes ?? '',
    counterpart: ingredient.counterpart?.name ?? '',
    counterpartPerKg: ingredient.counterpart?.perKg ?? '',
    madeOf: ingredient.composition === undefined ? 'unknown' : ingredient.composition.length === 0 ? 'single' : 'list',
    statement: ingredient.composition?.length ? compositionText(ingredient.composition) : '',
    tree: null,
    allergens: Object.fromEntries(
      allergenCodes.map(code => [
        code,
        {
          status: ingredient.allergens[code]?.status ?? 'unknown',
          evidence: ingredient.allergens[code]?.evidence ?? '',
        },
      ]),
    ) as Sheet['allergens'],
    sulphites: text(ingredient.allergens.sulphites?.mgPerKg),
    glutenFigure: text(ingredient.gluten?.atMostMgPerKg),
    glutenEvidence: ingredient.gluten?.evidence ?? '',
    oatsPure: ingredient.oatsSpeciallyProduced ?? false,
    glutenRemoved: ingredient.glutenRemoved ?? false,
    exempt: ingredient.exemptAllergens ?? [],
    traits: {
      animal: list(ingredient.traits.animal),
      sweetening: list(ingredient.traits.sweetening),
      grain: list(ingredient.traits.grain),
    },
    yesNo: Object.fromEntries(
      yesNoTraits.map(kind => {
        const said = ingredient.traits[kind]
        return [kind, said === undefined ? '' : said ? 'yes' : 'no']
      }),
    ) as Sheet['yesNo'],
    nutrients: Object.fromEntries(Object.entries(ingredient.nutrients).map(([code, fact]) => [code, text(fact.value)])),
    taken: {},
    nutrientSource: Object.values(ingredient.nutrients)[0]?.source ?? '',
    trials: ingredient.trials ?? [],
    gramsPerCup: usual?.gramsPerMl === undefined ? '' : round(usual.gramsPerMl * cup),
    gramsEach: text(usual?.each?.medium ?? usual?.each?.large),
    edible: usual?.ediblePart === undefined ? '' : round(usual.ediblePart * 100),
    packs: ingredient.packs.map(pack => ({
      grams: text(pack.grams),
      price: pack.price,
      currency: pack.currency,
      from: pack.from,
    })),
    evidence: ingredient.evidence.map(rowOf),
    before: ingredient,
  }
}

/**
 * A form left open, over the ingredient as it is now: what others changed meanwhile is in it. Where both changed the same it
 * stays as it was left, so that keeping it tells.
 */
export function rebased(left: Sheet, now: Ingredient): Sheet {
  if (left.version === (now.version ?? 1)) return left
  const built = ingredientFrom(left)
  if ('problems' in built) return left
  const taken = takeSheetEdits('ingredient', now, sheetEdits('ingredient', left.before, built.ingredient))
  return taken.clashes.length + taken.refused.length > 0 ? left : { ...sheetOf(taken.sheet), before: now }
}

/** The form as an ingredient, or every refusal with the field it belongs to. Facts the form does not show are kept. */
export function ingredientFrom(sheet: Sheet): { ingredient: Ingredient } | { problems: Refusal[] } {
  const problems: Refusal[] = []
  const number = (value: string, path: string, what: string, most = Number.POSITIVE_INFINITY): number | undefined => {
    if (value.trim() === '') return undefined
    const read = typedNumber(value)
    if (Number.isFinite(read) && read >= 0 && read <= most) return read
    problems.push({
      path,
      message:
        commaDoubt(value) ||
        `${what} is a number from 0${most === Number.POSITIVE_INFINITY ? ' up' : ` to ${most}`}, or empty where it is not known.`,
    })
    return undefined
  }
  const traits = (path: 'animal' | 'sweetening' | 'grain'): Pick<Traits, typeof path> => {
    const said = sheet.traits[path].trim()
    if (said === '') return {}
    if (said === 'none') return { [path]: [] }
    return {
      [path]: said
        .split(',')
        .map(one => one.trim())
        .filter(Boolean),
    } as Pick<Traits, typeof path>
  }
  const { before } = sheet
  const sourceKept = sheet.nutrientSource === (Object.values(before.nutrients)[0]?.source ?? '')
  const nutrients: Partial<Record<NutrientCode, NutrientValue>> = {}
  for (const [code, said] of Object.entries(sheet.nutrients) as [NutrientCode, string][]) {
    const most =
      code.endsWith('Mg') || code.endsWith('Mcg') ? 100_000 : code === 'energyKj' || code === 'energyKcal' ? 4000 : 100
    const value = number(said, `nutrients.${code}`, 'A value per 100 g', most)
    if (value === undefined) continue
    const taken = sheet.taken[code]
    if (taken && taken.value === value) {
      nutrients[code] = taken
      continue
    }
    const same = before.nutrients[code]
    // each value keeps its own source, unless another was written for them all
    nutrients[code] =
      same && same.value === value && (sourceKept || same.source === sheet.nutrientSource)
        ? same
        : { value, source: sheet.nutrientSource.trim() || 'entered by hand' }
  }
  for (const doubt of doubtsAbout(code => nutrients[code]?.value))
    if (doubt.impossible) problems.push({ path: `nutrients.${doubt.nutrient}`, message: doubt.message })

  const gramsPerCup = number(sheet.gramsPerCup, 'gramsPerCup', 'Grams per cup', 5000)
  const gramsEach = number(sheet.gramsEach, 'gramsEach', 'Grams a piece', 50_000)
  const edible = number(sheet.edible, 'edible', 'The edible share in %', 100)
  const was = before.measures.find(measure => measure.form === undefined)
  const { gramsPerMl: _, each: __, ediblePart: ___, ...manner } = was ?? {}
  const usual = {
    ...manner,
    ...(gramsPerCup
      ? {
          gramsPerMl:
            was?.gramsPerMl !== undefined && round(was.gramsPerMl * cup) === sheet.gramsPerCup
              ? was.gramsPerMl
              : gramsPerCup / cup,
        }
      : {}),
    ...(gramsEach
      ? {
          each:
            was?.each && text(was.each.medium ?? was.each.large) === sheet.gramsEach ? was.each : { medium: gramsEach },
        }
      : {}),
    ...(edible ? { ediblePart: edible / 100 } : {}),
  }
  if (edible === 0)
    problems.push({
      path: 'edible',
      message: 'If nothing of it is edible there is nothing to weigh. Give a share above 0.',
    })
  // the usual measure keeps its place among the others
  const place = was ? before.measures.indexOf(was) : 0
  const others = before.measures.filter(measure => measure !== was)
  const measures = Object.keys(usual).length > 0 ? [...others.slice(0, place), usual, ...others.slice(place)] : others

  const figure = number(sheet.glutenFigure, 'glutenFigure', 'The gluten figure in mg/kg', 1_000_000)
  const so2 = number(sheet.sulphites, 'sulphites', 'The sulphites in mg/kg of SO2', 1_000_000)
  const allergens: Partial<Record<AllergenCode, AllergenFact>> = {}
  for (const code of allergenCodes) {
    const { status, evidence } = sheet.allergens[code]
    if (status === 'unknown') continue
    const { evidence: _gone, ...kept } = before.allergens[code] ?? {}
    allergens[code] = { ...kept, status, ...(evidence ? { evidence } : {}) }
    if (code !== 'sulphites') continue
    const { mgPerKg: _was, ...plain } = allergens[code]
    allergens[code] = so2 === undefined ? plain : { ...plain, mgPerKg: so2 }
  }
  const {
    composition: _c,
    gluten: _g,
    standsFor: _s,
    supplier: _p,
    labelName: _l,
    functionClass: _f,
    oatsSpeciallyProduced: _o,
    glutenRemoved: _gr,
    exemptAllergens: _ex,
    article: _ar,
    notes: _no,
    counterpart: _co,
    trials: _tr,
    ...rest
  } = before
  const kept =
    before.composition?.length && compositionText(before.composition) === sheet.statement.trim()
      ? before.composition
      : null
  const candidate = {
    ...rest,
    name: sheet.name,
    allergens,
    nutrients,
    measures,
    traits: {
      ...traits('animal'),
      ...traits('sweetening'),
      ...traits('grain'),
      ...Object.fromEntries(
        yesNoTraits.flatMap(kind => (sheet.yesNo[kind] === '' ? [] : [[kind, sheet.yesNo[kind] === 'yes']])),
      ),
    },
    packs: sheet.packs.map(pack => ({
      grams: typedNumber(pack.grams),
      price: typedDecimal(pack.price) ?? pack.price.trim(),
      currency: pack.currency.trim().toUpperCase(),
      from: pack.from,
    })),
    evidence: sheet.evidence.map(one => evidenceOf(one, before.evidence)),
    ...(sheet.trials.length > 0 ? { trials: sheet.trials } : {}),
    ...(sheet.standsFor.trim() ? { standsFor: sheet.standsFor.trim() } : {}),
    ...(sheet.supplier.trim() ? { supplier: sheet.supplier.trim() } : {}),
    ...(sheet.article.trim() ? { article: sheet.article.trim() } : {}),
    ...(sheet.notes.trim() ? { notes: sheet.notes.trim() } : {}),
    ...(sheet.counterpart.trim() || sheet.counterpartPerKg.trim()
      ? {
          counterpart: {
            name: sheet.counterpart,
            perKg: typedDecimal(sheet.counterpartPerKg) ?? sheet.counterpartPerKg.trim(),
          },
        }
      : {}),
    ...(sheet.labelName.trim() ? { labelName: sheet.labelName.trim() } : {}),
    ...(sheet.functionClass.trim() ? { functionClass: sheet.functionClass.trim() } : {}),
    ...(sheet.madeOf === 'unknown'
      ? {}
      : {
          composition:
            sheet.madeOf === 'single' ? [] : (sheet.tree ?? kept ?? readStatement(sheet.statement).components),
        }),
    ...(figure === undefined
      ? {}
      : { gluten: { atMostMgPerKg: figure, ...(sheet.glutenEvidence ? { evidence: sheet.glutenEvidence } : {}) } }),
    ...(sheet.oatsPure ? { oatsSpeciallyProduced: true } : {}),
    ...(sheet.glutenRemoved ? { glutenRemoved: true } : {}),
    ...(sheet.exempt.length > 0 ? { exemptAllergens: sheet.exempt } : {}),
  }
  if (sheet.madeOf === 'list' && candidate.composition?.length === 0)
    problems.push({ path: 'statement', message: 'Type the list from the pack, or say it is one single thing.' })
  for (const [at, pack] of sheet.packs.entries())
    for (const field of ['grams', 'price'] as const)
      if (commaDoubt(pack[field])) problems.push({ path: `packs.${at}.${field}`, message: commaDoubt(pack[field]) })
  const checked = Ingredient.safeParse(candidate)
  if (!checked.success)
    for (const issue of checked.error.issues)
      if (!problems.some(one => one.path === issue.path.join('.')))
        problems.push({ path: issue.path.join('.'), message: wording(issue.path.map(String), issue.message) })
  return problems.length > 0 || !checked.success ? { problems } : { ingredient: checked.data }
}

/** The schema's words where they were written for a baker, plainer ones where they were not. */
function wording(path: string[], message: string): string {
  const [where, , field] = path
  if (where === 'packs' && field === 'grams') return 'A pack needs its weight in grams, above 0.'
  if (where === 'packs' && field === 'from') return 'Say from which day the price holds.'
  if (where === 'evidence' && (field === 'dated' || field === 'expires'))
    return 'A document needs its date; its end may stay empty.'
  if (where === 'traits') return `Use the words offered, separated by commas, or “none”: ${path.slice(0, 2).join(' ')}.`
  return message
}
