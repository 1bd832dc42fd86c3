// Practice: the moments of an invented bake, a few of them with something wrong, drawn anew each time; and what came of it.
import { randomLcg } from 'd3-random'
import { type Fault, type Moment, moments } from './cards'

export interface Card {
  moment: Moment
  /** What is wrong here; null where all is well. */
  fault: Fault | null
  /** Answers to choose from where it is stopped: one is right where something is wrong. */
  answers: { id: string; title: string }[]
}
/** Where it was let go on, or stopped for a reason. */
export type PracticeAnswer = { go: true } | { go: false; because: string }

const [fewest, most] = [3, 6]

/** The same seed (0 to 1) draws the same. Between three and six moments have something wrong with them. */
export function drawPractice(seed: number): Card[] {
  const random = randomLcg(seed)
  const shuffled = <T>(things: readonly T[]): T[] => {
    const order = things.map(one => ({ one, by: random() }))
    return order.sort((a, b) => a.by - b.by).map(({ one }) => one)
  }
  const wrong = new Set(shuffled(moments).slice(0, fewest + Math.floor(random() * (most - fewest + 1))))
  const all = moments.flatMap(one => one.faults)
  return moments.map(moment => {
    const fault = wrong.has(moment) ? shuffled(moment.faults)[0]! : null
    const others = shuffled(all.filter(one => !moment.faults.includes(one))).slice(0, fault ? 2 : 3)
    const answers = shuffled([...(fault ? [fault] : []), ...others]).map(({ id, title }) => ({ id, title }))
    return { moment, fault, answers }
  })
}

export interface Debrief {
  caught: Fault[]
  /** What was let through, or stopped for another reason than what was wrong. */
  missed: Fault[]
  /** Stopped where all was well: no harm, some minutes. */
  needless: Moment[]
}
/** What was not answered got through. */
export function debrief(cards: readonly Card[], answers: readonly (PracticeAnswer | undefined)[]): Debrief {
  const seen = cards.map((card, at) => ({ ...card, answer: answers[at] }))
  const right = ({ fault, answer }: (typeof seen)[number]) =>
    fault !== null && answer?.go === false && answer.because === fault.id
  return {
    caught: seen.filter(right).map(one => one.fault!),
    missed: seen.filter(one => one.fault !== null && !right(one)).map(one => one.fault!),
    needless: seen.filter(one => one.fault === null && one.answer?.go === false).map(one => one.moment),
  }
}
