// The larder as a list: what each thing costs and carries and how well that is proven, found by any of its names and by what
// is asked of it. A row is worked out once, as long as nothing it rests on changes.
import { packInForce } from '../cost/cost'
import { pricePoints } from '../cost/pricePoints'
import { alsoCalled } from '../ingredient/synonyms'
import { type AllergenCode, allergenCodes, allergenName } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import type { Recipe } from '../model/recipe'
import { damageOf, type Workbook } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'
import { toPlaces } from '../words/rounding'
import { type ProofState, proofStateOf } from './larder'

export interface LarderRow {
  id: string
  name: string
  supplier: string | null
  /** In the kitchen's currency; null where no price is in force. */
  perKg: string | null
  /** Share the price moved by since the one before; null where there was none. */
  moved: number | null
  contains: string
  may: string
  /** How many allergens nobody has answered for. */
  unknown: number
  proof: { state: ProofState; words: string }
  /** Recipes it stands in. */
  uses: number
  damaged: boolean
}
/** What is looked for; a field that is absent asks for nothing. */
export interface LarderAsked {
  /** Words that all stand in one of its names, its supplier or its article number. */
  find?: string
  /** Those not put down as free of it. */
  carries?: AllergenCode
  supplier?: string
  proof?: ProofState
  used?: 'used' | 'unused'
}
export interface LarderFound {
  /** Of those found the first, by name. */
  rows: LarderRow[]
  found: number
  /** All there are. */
  of: number
  suppliers: string[]
}

interface Told {
  row: Omit<LarderRow, 'uses' | 'damaged'>
  names: string
}
const keepRow = keptBeside<Ingredient, Told>()
function toldOf(ingredient: Ingredient, { today, kitchen }: Workbook): Told {
  const { currency, rates, freeByNature, evidenceYears } = kitchen
  return keepRow(ingredient, 'row', [today, currency, rates, freeByNature, evidenceYears], () => {
    const pack = packInForce(ingredient, currency, today, rates)
    const [before, now] = pricePoints(ingredient.packs, kitchen, today)
      .filter(one => one.from <= today)
      .slice(-2)
    const withStatus = (status: string) =>
      allergenCodes.filter(code => (ingredient.allergens[code]?.status ?? 'unknown') === status)
    const spoken = (codes: readonly AllergenCode[]) => codes.map(code => allergenName[code]).join(', ')
    const names = [ingredient.name, ingredient.standsFor ?? '', ingredient.labelName ?? '']
    return {
      row: {
        id: ingredient.id,
        name: ingredient.name,
        supplier: ingredient.supplier ?? null,
        perKg: 'unknown' in pack ? null : toPlaces((Number(pack.price) / pack.grams) * 1000, 2),
        moved: before && now && before.perKilo > 0 ? now.perKilo / before.perKilo - 1 : null,
        contains: spoken(withStatus('contains')),
        may: spoken(withStatus('mayContain')),
        unknown: withStatus('unknown').length,
        proof: proofStateOf(ingredient, { today, kitchen }),
      },
      names: [...names, ...names.flatMap(alsoCalled), ingredient.supplier ?? '', ingredient.article ?? '']
        .join(' | ')
        .toLowerCase(),
    }
  })
}

const keepUses = keptBeside<readonly Recipe[], ReadonlyMap<string, number>>()
/** In how many recipes each ingredient stands. */
const usesIn = (recipes: readonly Recipe[]): ReadonlyMap<string, number> =>
  keepUses(recipes, 'uses', [], () => {
    const uses = new Map<string, number>()
    for (const recipe of recipes)
      for (const id of new Set(recipe.lines.flatMap(({ of }) => ('ingredient' in of ? [of.ingredient] : []))))
        uses.set(id, (uses.get(id) ?? 0) + 1)
    return uses
  })

/** What of the larder answers to what is asked, no more than `most` of it. */
export function larderFound(workbook: Workbook, asked: LarderAsked = {}, most = 200): LarderFound {
  const uses = usesIn(workbook.recipes)
  const words = (asked.find ?? '').trim().toLowerCase().split(/\s+/)
  const rows: LarderRow[] = []
  let found = 0
  for (const ingredient of workbook.ingredients) {
    const { row, names } = toldOf(ingredient, workbook)
    const count = uses.get(ingredient.id) ?? 0
    if (
      !words.every(word => names.includes(word)) ||
      (asked.carries && ingredient.allergens[asked.carries]?.status === 'free') ||
      (asked.supplier !== undefined && ingredient.supplier !== asked.supplier) ||
      (asked.proof && row.proof.state !== asked.proof) ||
      (asked.used && (asked.used === 'used') !== count > 0)
    )
      continue
    found++
    if (rows.length < most)
      rows.push({ ...row, uses: count, damaged: damageOf(workbook, 'ingredient', row.id) !== undefined })
  }
  const suppliers = [...new Set(workbook.ingredients.flatMap(one => one.supplier ?? []))].sort()
  return { rows, found, of: workbook.ingredients.length, suppliers }
}
