// The draft as a recipe, or what stands in the way, each at its field.
import { type Line, longestName, Product, type Recipe, type Role, type Step } from '@fair-tin/core/model'
import { formCounted, partAmount, readMinutes, readOven, readStep, readTin } from '@fair-tin/core/reading'
import { type Bake, bakeOf, heatText, minutesText, withBake } from '@fair-tin/core/recipe'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import type { Refusal } from '../outcome'
import { amountsOf, type Draft, type DraftOfOne, tonne } from './draft'

const positive = (text: string): number | null => {
  const value = typedNumber(text)
  return Number.isFinite(value) && value > 0 && value <= tonne ? value : null
}

/** The method as it is written now; a step that stands as it was is what it was. */
const stepsIn = ({ method, kept }: Pick<Draft, 'method' | 'kept'>): Step[] =>
  method
    .split('\n')
    .map(text => text.trim())
    .filter(Boolean)
    .map(text => kept.steps?.find(step => step.text === text) ?? readStep(text))

/** Heat and time of the bake, as text: hers, or as the method says. */
export function bakeText(draft: Pick<Draft, 'method' | 'kept' | 'oven' | 'minutes'>): {
  oven: string
  minutes: string
} {
  const said = bakeOf(stepsIn(draft))
  return { oven: draft.oven ?? heatText(said), minutes: draft.minutes ?? minutesText(said) }
}

/** No oven goes hotter, and nothing here bakes longer: °C and minutes. */
const hottest = 320
const longest = 24 * 60
/** Heat and time of the bake as typed; what is left empty is left out. */
function readBake({ oven = '', minutes = '' }: DraftOfOne): Bake | { problem: string; path: 'oven' | 'minutes' } {
  const heat = oven.trim() === '' ? null : readOven(/^\d+$/.test(oven.trim()) ? `${oven.trim()} degrees` : oven)
  if (oven.trim() !== '' && !(heat && heat.celsius > 0 && heat.celsius <= hottest))
    return { path: 'oven', problem: `“${oven}” is no heat I can read. Write it as 180 °C, 160 fan, 350 °F or gas 4.` }
  const time =
    minutes.trim() === '' ? null : readMinutes(/^[\d\s.,–-]+$/.test(minutes) ? `${minutes.trim()} min` : minutes)
  if (minutes.trim() !== '' && !(time && time.from > 0 && (time.to ?? time.from) <= longest))
    return { path: 'minutes', problem: `“${minutes}” is no time I can read. Write it as 25, 25–30 or 1 h 10 min.` }
  return {
    ...(heat ? { celsius: heat.celsius, ...(heat.fan ? { fan: true } : {}) } : {}),
    ...(time ? { minutes: time } : {}),
  }
}

/** How the product keeps, as typed; undefined where nothing is said. Which date it is, she says: no recipe can. */
export function readKeeps({
  keepsDays,
  keepsMark,
  keepsStorage,
}: Pick<Draft, 'keepsDays' | 'keepsMark' | 'keepsStorage'>):
  | NonNullable<Product['keeps']>
  | { problem: string; path: 'keepsDays' | 'keepsMark' }
  | undefined {
  if (keepsDays.trim() === '') return undefined
  if (keepsMark === '')
    return { path: 'keepsMark', problem: 'Say which date it is: best before or use by. Or leave the days empty.' }
  const read = Product.shape.keeps
    .unwrap()
    .safeParse({ days: typedNumber(keepsDays), mark: keepsMark, storage: keepsStorage.trim() })
  return read.success ? read.data : { path: 'keepsDays', problem: read.error.issues[0]!.message }
}

/** The draft as a recipe. `idOf` names the ingredient made for a new thing. Refusals name the field and what to do. */
export function recipeFrom(
  draft: DraftOfOne,
  id: string,
  idOf: (name: string) => string,
): { recipe: Recipe } | { problems: Refusal[] } {
  const problems: Refusal[] = []
  const name = draft.name.trim()
  if (name === '') problems.push({ path: 'name', message: 'Give the recipe a name.' })
  if (name.length > 200) problems.push({ path: 'name', message: 'Keep the name under 200 letters.' })
  const pieces = draft.pieces.trim() === '' ? undefined : positive(draft.pieces)
  if (pieces === null)
    problems.push({
      path: 'pieces',
      message: commaDoubt(draft.pieces) || 'Say how many pieces as a number above 0, or leave it empty.',
    })
  const loss = draft.bakeLoss.trim() === '' ? undefined : typedNumber(draft.bakeLoss)
  if (loss !== undefined && !(loss >= 0 && loss < 100))
    problems.push({
      path: 'bakeLoss',
      message: commaDoubt(draft.bakeLoss) || 'Bake loss is a percentage from 0 to under 100.',
    })
  if (draft.notes.trim().length > 20_000)
    problems.push({ path: 'notes', message: 'Keep the notes under 20,000 letters.' })
  if (draft.lines.length === 0) problems.push({ path: 'lines', message: 'Add at least one line: what goes in.' })
  const typed = draft.tin?.trim()
  const tin = typed ? readTin(typed) : null
  if (typed && !tin)
    problems.push({
      path: 'tin',
      message: `“${typed}” is no tin I can read. Write it as 20 cm square, 8 inch round, 23 x 33 cm or 2 lb loaf.`,
    })
  const baked = readBake(draft)
  if ('problem' in baked) problems.push({ path: baked.path, message: baked.problem })
  const lines: Line[] = []
  for (const line of draft.lines) {
    const amounts = amountsOf(line)
    if ('problem' in amounts) {
      problems.push({ path: `lines.${line.key}.amount`, message: amounts.problem })
      continue
    }
    if ('fresh' in line.of && line.of.fresh.trim() === '') {
      problems.push({ path: `lines.${line.key}.of`, message: 'Say what it is.' })
      continue
    }
    if ('fresh' in line.of && line.of.fresh.trim().length > longestName) {
      problems.push({ path: `lines.${line.key}.of`, message: `Keep the name under ${longestName} letters.` })
      continue
    }
    if (line.asks && !('fresh' in line.of)) {
      problems.push({
        path: `lines.${line.key}.of`,
        message: `“${line.text}”: say Yes to what was found for it, or choose another. It is not taken unasked.`,
      })
      continue
    }
    if ('recipe' in line.of && line.of.recipe === id) {
      problems.push({
        path: `lines.${line.key}.of`,
        message: 'A recipe cannot be a part of itself. Choose another, or an ingredient.',
      })
      continue
    }
    const { form, ...kept } = line.kept
    const counted = 'recipe' in line.of && amounts.amount?.unit === 'each' ? partAmount(line.amount) : null
    const counts = counted ? formCounted(counted.counts, form) : form
    lines.push({
      ...kept,
      ...(counts === undefined ? {} : { form: counts }),
      id: line.key,
      of: 'fresh' in line.of ? { ingredient: idOf(line.of.fresh.trim()) } : line.of,
      amount: amounts.amount,
      role: line.role as Role,
      ...(line.text ? { text: line.text } : {}),
      ...(amounts.plus.length ? { plus: amounts.plus } : {}),
      ...(amounts.also.length ? { also: amounts.also } : {}),
      ...(line.prep.trim() ? { prep: line.prep.trim() } : {}),
      ...(line.heading.trim() ? { heading: line.heading.trim() } : {}),
      ...(line.alternatives.length
        ? { alternatives: line.alternatives.map(one => ({ ingredient: one.ingredient ?? idOf(one.name) })) }
        : {}),
    })
  }
  if (problems.length > 0) return { problems }
  const steps = stepsIn(draft)
  const bake = 'problem' in baked ? {} : baked
  const { steps: _, notes: __, ...asKept } = draft.kept
  const { tin: ___, tins: ____, ...withoutTin } = asKept
  const kept =
    typed === undefined
      ? asKept
      : { ...withoutTin, ...(tin ? { tin: tin.tin, ...(tin.tins > 1 ? { tins: tin.tins } : {}) } : {}) }
  const notes = draft.notes.trim()
  return {
    recipe: {
      ...kept,
      id,
      version: draft.seen ?? 1,
      name,
      lines,
      steps: withBake(steps, bake),
      ...(notes ? { notes } : {}),
      ...(typeof pieces === 'number' ? { pieces } : {}),
      ...(loss === undefined ? {} : { bakeLoss: loss / 100 }),
      cup: draft.cup as NonNullable<Recipe['cup']>,
      ...(draft.spoon ? { spoon: draft.spoon as NonNullable<Recipe['spoon']> } : {}),
    },
  }
}
