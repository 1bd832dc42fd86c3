// A batch divided evenly over what can be mixed, and baked, at once.

export interface Loads {
  loads: number
  /** Of each load, in the unit asked in: evenly, so that all bake alike. */
  each: number
}

/** The fewest even loads that each stay within `capacity`; null where the capacity is not known. Both in the same unit. */
export function evenLoads(amount: number, capacity: number | undefined): Loads | null {
  if (capacity === undefined || !(capacity > 0) || !(amount > 0)) return null
  const loads = Math.ceil(amount / capacity - 1e-9)
  return { loads, each: amount / loads }
}

/** Whole tins over oven loads, as evenly as whole tins go: 7 over 3 at once is 3, 2, 2. */
export function tinLoads(tins: number, atOnce: number | undefined): number[] | null {
  if (atOnce === undefined || !(atOnce >= 1) || !(tins >= 1)) return null
  const whole = Math.ceil(tins - 1e-9)
  const loads = Math.ceil(whole / Math.floor(atOnce))
  return Array.from({ length: loads }, (_, at) => Math.floor(whole / loads) + (at < whole % loads ? 1 : 0))
}
