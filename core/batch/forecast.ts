// When the middle will be done, from what a probe has shown so far: it nears the oven's heat the slower the nearer it is (Newton's law
// of cooling, turned round). The middle of a bake follows it loosely: a first look, never a promise.
export interface CoreReading {
  /** Minutes from any beginning. */
  minutes: number
  celsius: number
}
/** Water in a crumb boils off at this, whatever the oven is at: the middle gets no hotter. Common practice. */
const boiling = 100

/** T(t) = end − (end − start) · e^(−k t). Null where nothing can be fitted: it does not rise, or is past the end already. */
export function fitted(
  readings: readonly CoreReading[],
  oven: number,
): { k: number; end: number; start: CoreReading } | null {
  const end = Math.min(oven, boiling + 5)
  const known = [...readings].sort((a, b) => a.minutes - b.minutes).filter(one => one.celsius < end)
  const [start] = known
  if (!start || known.length < 2) return null
  // least squares through the first reading, of the logarithm
  let [up, down] = [0, 0]
  for (const { minutes, celsius } of known.slice(1)) {
    const t = minutes - start.minutes
    up += t * -Math.log((end - celsius) / (end - start.celsius))
    down += t * t
  }
  const k = down > 0 ? up / down : 0
  return k > 0 ? { k, end, start } : null
}

/** Minutes (on the readings' own clock) at which it reaches `target`; null where that cannot be told, or it never does. */
export function doneAt(readings: readonly CoreReading[], oven: number, target: number): number | null {
  const fit = fitted(readings, oven)
  if (!fit || target >= fit.end) return null
  return fit.start.minutes - Math.log((fit.end - target) / (fit.end - fit.start.celsius)) / fit.k
}
