// What was done on the screens of a bake, taken as an answer to the moment it was done at.
import type { Put } from '../model/batch'
import { momentAtStep } from './batch'
import { moments } from './cards'
import type { PracticeAnswer } from './practice'

const at = (where: 'tins' | 'share') => moments.find(one => one.at === where)!.id
const goneOn: PracticeAnswer = { go: true }

/**
 * Which moment an entry answers, and how; null where it answers none: a clock that was begun, a look. `weighs`: the thing that is
 * weighed at a place.
 */
export function answersBy(
  put: Put,
  weighs: (place: string) => string | null,
): { moment: string; answer: PracticeAnswer } | null {
  if (put.kind === 'weighed') {
    const moment = weighs(put.place)
    return moment === null ? null : { moment, answer: goneOn }
  }
  if (put.kind === 'timed') {
    const moment = momentAtStep(put.step)
    return moment && put.did === 'out' ? { moment: moment.id, answer: goneOn } : null
  }
  if (put.kind !== 'checked') return null
  const moment = put.step === undefined ? undefined : momentAtStep(put.step)
  if (!moment) {
    const where = /^tin \d+ ready$/.test(put.what) ? 'tins' : /\bshared out:/.test(put.what) ? 'share' : null
    return where && { moment: at(where), answer: goneOn }
  }
  if (put.passed) return { moment: moment.id, answer: goneOn }
  // a limit that is not met, and what was done about it, is where it is stopped; a look that is not there yet answers nothing
  const [limit] = put.critical ? moment.faults : []
  return limit ? { moment: moment.id, answer: { go: false, because: limit.id } } : null
}
