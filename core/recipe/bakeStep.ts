// At what heat and how long a recipe bakes: said by the steps of its method, and by nothing beside them.
import type { Step } from '../model/recipe'

export interface Bake {
  /** On the dial. */
  celsius?: number
  fan?: boolean
  minutes?: { from: number; to?: number }
}

const heats = (steps: readonly Step[]): Step | undefined =>
  steps.find(step => step.when === 'oven' && step.celsius !== undefined) ??
  steps.find(step => step.celsius !== undefined)
const bakes = (steps: readonly Step[]): Step | undefined =>
  steps.find(step => step.when === 'oven' && step.minutes) ?? steps.find(step => step.when === 'oven')

/** Heat and minutes of the first bake that the method tells of; what it leaves unsaid is absent. */
export function bakeOf(steps: readonly Step[]): Bake {
  const heat = heats(steps)
  const minutes = bakes(steps)?.minutes
  return {
    ...(heat?.celsius === undefined ? {} : { celsius: heat.celsius }),
    ...(heat?.fan ? { fan: true } : {}),
    ...(minutes ? { minutes: { from: minutes.from, ...(minutes.to === undefined ? {} : { to: minutes.to }) } } : {}),
  }
}

/** "180 °C, fan"; empty where no heat is said. */
export const heatText = ({ celsius, fan }: Bake): string =>
  celsius === undefined ? '' : `${celsius} °C${fan ? ', fan' : ''}`
/** "25–30 min"; empty where no time is said. */
export const minutesText = ({ minutes }: Bake): string =>
  minutes ? `${minutes.from}${minutes.to === undefined ? '' : `–${minutes.to}`} min` : ''

/**
 * The method with its bake put right: what it says already stays as it stands, what it does not say is put on the step that
 * bakes, or gets a step of its own. What `bake` leaves out is not touched.
 */
export function withBake(steps: readonly Step[], bake: Bake): Step[] {
  const now = bakeOf(steps)
  const heat = bake.celsius !== undefined && heatText(bake) !== heatText(now) ? bake : null
  const time = bake.minutes && minutesText(bake) !== minutesText(now) ? bake.minutes : null
  if (!heat && !time) return [...steps]
  const oven = bakes(steps)
  const hot = heats(steps) ?? oven
  const put = (step: Step): Step => {
    let made = step
    if (heat && step === hot) {
      const { fan: _, ...rest } = made
      made = { ...rest, celsius: heat.celsius!, ...(heat.fan ? { fan: true } : {}) }
    }
    if (time && step === oven) {
      const turned = made.minutes?.turnAt
      made = {
        ...made,
        minutes: {
          firstLook: time.from,
          ...time,
          ...(turned !== undefined && turned < time.from ? { turnAt: turned } : {}),
        },
      }
    }
    return made
  }
  const own: Bake = { ...(heat && !hot ? heat : {}), ...(time && !oven ? { minutes: time } : {}) }
  if (own.celsius === undefined && !own.minutes) return steps.map(put)
  const said = [
    'Bake',
    own.celsius === undefined ? '' : `at ${heatText(own)}`,
    own.minutes ? `for ${minutesText(own)}` : '',
  ]
  const step: Step = {
    text: `${said.filter(Boolean).join(' ')}.`,
    when: 'oven',
    ...(own.minutes ? { minutes: { firstLook: own.minutes.from, ...own.minutes } } : {}),
    ...(own.celsius === undefined ? {} : { celsius: own.celsius }),
    ...(own.fan ? { fan: true } : {}),
  }
  const after = steps.findIndex(one => one.when === 'after')
  const at = after < 0 ? steps.length : after
  return [...steps.slice(0, at).map(put), step, ...steps.slice(at).map(put)]
}
