// What starts before the oven does: the steps people forget, collected from the method and from what the lines ask for.
import { byId } from '../model/byId'
import { partKey, type Recipe } from '../model/recipe'

export interface Ahead {
  what: string
  /** Minutes before mixing it has to start, the longest said; null where nobody says. */
  minutes: number | null
  /** The recipe it belongs to, where that is a part. */
  part: string | null
  /** Said in the method, or only understood from how a line is written. */
  from: 'method' | 'line'
}

/** What a preparation asks for ahead, and the usual time for it. Common practice. */
const preparations: [RegExp, (item: string) => string, number][] = [
  [/\bsoften|\broom[- ]temperature\b/i, item => `Take ${item} out of the cold.`, 60],
  [/\bsoak(?:ed)?\b/i, item => `Soak ${item}.`, 60],
  [/\bchill(?:ed)?\b|\bice[- ]cold\b/i, item => `Chill ${item}.`, 60],
  [/\btoast(?:ed)?\b|\broasted\b/i, item => `Toast ${item}, and let it cool.`, 20],
  [/\bmelt(?:ed)?\b/i, item => `Melt ${item}.`, 10],
  [/\bthaw(?:ed)?\b|\bdefrosted\b/i, item => `Thaw ${item}.`, 180],
  [/\bcooled\b/i, item => `Have ${item} cooled.`, 30],
]
/** Words of a name that say the method already has it. */
const wordsOf = (text: string) => new Set(text.toLowerCase().match(/\p{L}{4,}/gu) ?? [])

/**
 * Everything that starts before the bowl, the earliest first; what has no time stands last. A line's preparation is left
 * out where a step of the method names the thing. `nameOf` names what a line is of.
 */
export function aheadOf(recipes: readonly Recipe[], recipeId: string, nameOf: (ingredient: string) => string): Ahead[] {
  const known = byId([...recipes])
  const found: Ahead[] = []
  const seen = new Set<string>()
  const visit = (id: string, part: string | null): void => {
    seen.add(id)
    const recipe = known.get(id)
    if (!recipe) return
    // a dough that chills or rests at the bench keeps the oven waiting as well
    const steps = recipe.steps.filter(
      step =>
        step.when === 'ahead' ||
        (step.when === 'bench' &&
          (step.minutes?.from ?? 0) >= 20 &&
          /\b(?:chill|rest|soak|soften|prove|cool)/i.test(step.text)),
    )
    const said = wordsOf(steps.map(step => step.text).join(' '))
    for (const step of steps)
      found.push({
        what: step.text,
        minutes: step.minutes ? (step.minutes.to ?? step.minutes.from) : null,
        part,
        from: 'method',
      })
    for (const line of recipe.lines) {
      if ('recipe' in line.of) {
        const key = partKey(line.of)
        if (!seen.has(key)) visit(key, known.get(key)?.name ?? null)
        continue
      }
      const asked = preparations.find(([pattern]) => pattern.test(line.prep ?? ''))
      if (!asked) continue
      const name = nameOf(line.of.ingredient)
      if ([...wordsOf(name)].some(word => said.has(word))) continue
      found.push({ what: asked[1](name), minutes: asked[2], part, from: 'line' })
    }
  }
  visit(recipeId, null)
  const once = found.filter(
    (one, at) => found.findIndex(other => other.what === one.what && other.part === one.part) === at,
  )
  return once.sort((a, b) => (b.minutes ?? -1) - (a.minutes ?? -1))
}

/** A done test that misleads, said beside it; null where it does not. Common practice. */
export function doneTestWarning(step: { text: string; coreCelsius?: number }, moist: boolean): string | null {
  const skewer = /\bskewers?\b|\btoothpick\b|\bcocktail stick\b/i.test(step.text)
  if (!skewer || /mislead/i.test(step.text)) return null
  return moist ? `A skewer misleads in so moist a bake: go by ${step.coreCelsius ?? 93} °C in the middle.` : null
}
