// Steps that take time, told from the entries: nothing runs on memory, so a closed tab or another tablet knows as much.
import type { MethodStep } from './method'
import type { BatchState } from './state'

export interface Timer {
  step: MethodStep
  /** ISO moment at which it began. */
  since: string
  minutes: number
  /** What is due now or next, and minutes until then; below 0 it is overdue. */
  due: { what: 'first look' | 'turn' | 'may be done' | 'over'; inMinutes: number }
}

/** Steps begun and not ended, the most urgent first. `now`: milliseconds. A clock that was put back shows as 0 minutes. */
export function timersOf(state: BatchState, steps: readonly MethodStep[], now: number): Timer[] {
  const timed = state.of('timed')
  return steps
    .flatMap((step): Timer[] => {
      const here = timed.filter(one => one.step === step.key)
      const began = here.findLast(one => one.did === 'in')
      const times = step.step.minutes
      if (!began || !times || here.some(one => one.did === 'out' && here.indexOf(one) > here.indexOf(began))) return []
      const since = here.slice(here.indexOf(began))
      const minutes = Math.max(0, (now - Date.parse(began.at)) / 60_000)
      const marks = [
        ...(since.some(one => one.did === 'looked')
          ? []
          : [{ what: 'first look' as const, at: times.firstLook ?? times.from }]),
        ...(times.turnAt === undefined || since.some(one => one.did === 'turned' || one.did === 'swapped')
          ? []
          : [{ what: 'turn' as const, at: times.turnAt }]),
        { what: 'may be done' as const, at: times.from },
        { what: 'over' as const, at: times.to ?? times.from },
      ].sort((a, b) => a.at - b.at)
      // what is overdue stays said until it is done; after the last mark it is over
      const next =
        marks.find(one => one.what !== 'may be done' && one.what !== 'over' && one.at <= minutes) ??
        marks.find(one => one.at > minutes) ??
        marks.at(-1)!
      return [{ step, since: began.at, minutes, due: { what: next.what, inMinutes: next.at - minutes } }]
    })
    .sort((a, b) => a.due.inMinutes - b.due.inMinutes)
}
