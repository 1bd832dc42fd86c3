// A scale to practise with: it takes time to settle, trembles, drifts and can lose its connection, as real ones do.
import { type LiveScale, speaker } from './scale'

export interface Pan {
  /** What lies on it, and what it shows before rounding. */
  load: number
  shown: number
  drift: number
}
/** Seconds in which it comes two thirds of the way to what lies on it. */
const settling = 0.35
/** Grams a second it may wander, at most. */
const wandering = 0.02

/** One moment later. `random` is 0 to 1. */
export function after(pan: Pan, seconds: number, step: number, random: () => number): Pan {
  const drift = pan.drift + (random() - 0.5) * 2 * wandering * seconds
  const shown = pan.load + drift + (pan.shown - pan.load - drift) * Math.exp(-seconds / settling)
  return { load: pan.load, drift, shown: shown + (random() - 0.5) * step * 0.2 }
}
/** Steady where what it shows is what lies on it, within half a step. */
export const isSteady = ({ load, shown, drift }: Pan, step: number): boolean =>
  Math.abs(shown - load - drift) < step / 2

export interface PracticeScale extends LiveScale {
  /** Grams a second that run onto it; negative: taken off. 0 stops. */
  pour: (gramsPerSecond: number) => void
  /** What lies on it is taken away, the bowl stays. */
  empty: () => void
  cut: () => void
  mend: () => void
}

const ticks = 20
export function practiceScale(step = 1): PracticeScale {
  const { heard, listen, say } = speaker()
  let pan: Pan = { load: 0, shown: 0, drift: 0 }
  let tare = 0
  let flow = 0
  let lost = false
  const timer = setInterval(() => {
    if (lost) return
    pan = after({ ...pan, load: Math.max(0, pan.load + flow / ticks) }, 1 / ticks, step, Math.random)
    const net = Math.round((pan.shown - tare) / step) * step
    say({ grams: Object.is(net, -0) ? 0 : Number(net.toFixed(3)), steady: flow === 0 && isSteady(pan, step) })
  }, 1000 / ticks)
  return {
    name: 'Practice scale',
    step,
    heard,
    listen,
    tare: () => {
      tare = pan.load + pan.drift
    },
    close: () => clearInterval(timer),
    pour: gramsPerSecond => {
      flow = gramsPerSecond
    },
    empty: () => {
      pan = { ...pan, load: 0 }
      tare = 0
    },
    cut: () => {
      lost = true
      say({ lost: 'The scale does not answer. Type the weight, or connect it again.' })
    },
    mend: () => {
      lost = false
    },
  }
}
