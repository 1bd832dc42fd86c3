// A scale that speaks: the same whether it stands on the bench or is only practised with.
export interface Reading {
  /** Net of the tare. */
  grams: number
  steady: boolean
}
export type Heard = Reading | { lost: string }
export interface LiveScale {
  name: string
  /** Its step in grams. */
  step: number
  /** What it last said; null before it spoke. */
  heard: () => Heard | null
  /** Told whenever it speaks; gives back how to stop listening. */
  listen: (told: () => void) => () => void
  tare: () => void
  close: () => void
}

/** What a scale says, handed on to whoever listens. */
export function speaker(): Pick<LiveScale, 'heard' | 'listen'> & { say: (heard: Heard) => void } {
  let last: Heard | null = null
  const listeners = new Set<() => void>()
  return {
    heard: () => last,
    listen: told => {
      listeners.add(told)
      return () => listeners.delete(told)
    },
    say: heard => {
      last = heard
      for (const told of listeners) told()
    },
  }
}
