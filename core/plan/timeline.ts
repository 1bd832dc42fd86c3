// A day drawn out: when each pair of hands, the mixer, ovens and cold places are busy, from an order of its bakes.
import type { Oven } from '../model/kitchen'
import { tinLoads } from '../recipe/loads'
import { type Cleaning, usualCleaning } from './changeover'
import type { DayBake, Wait } from './dayBakes'
import type { DayOrder, OrderStep } from './order'

export interface Span {
  /** Whose hands, the mixer, an oven by its name, resting, or the cold. */
  track: string
  /** `mixer`: the same minutes as the hands at it, seen from the mixer. */
  kind: 'weigh' | 'clean' | 'hands' | 'mixer' | 'heat' | 'oven' | 'rest' | 'cool' | 'finish'
  /** The bake it is for. */
  bake: string
  /** Minutes from the beginning. */
  from: number
  to: number
}
export interface Timeline {
  spans: Span[]
  /** When each bake is ready, its oven and its hands waited for. */
  ready: Record<string, number>
  /** When all is. */
  ends: number
}
export const handsTrack = 'Hands'
export const mixerTrack = 'Mixer and bench'
export const waitingTrack = 'Resting and cooling'
export const coldTrack = 'In the cold'

/** Something to be finished once it is cool. */
interface Pending {
  bake: DayBake
  hands: string
  cool: number
}

/**
 * The bakes go over the one mixer in their order; each is weighed by whoever does it while the mixer may still be another's, goes into the
 * oven that takes it soonest, and is finished once it is cool. `who`: whose hands, by bake; what nobody is named for goes to whoever
 * of those is free first. Pure.
 */
export function timelineOf(
  bakes: readonly DayBake[],
  order: DayOrder,
  ovens: readonly Oven[],
  rules: Cleaning = usualCleaning,
  who: Readonly<Record<string, string>> = {},
): Timeline {
  const known = new Map(bakes.map(one => [one.id, one]))
  const rooms = (ovens.length > 0 ? ovens : [{ name: 'Oven', tins: 1 }]).map(one => ({
    name: one.name,
    tins: one.tins,
    preheat: (one as Oven).preheatMinutes ?? 0,
    free: 0,
    celsius: null as number | null,
  }))
  const spans: Span[] = []
  const put = (track: string, kind: Span['kind'], bake: string, from: number, to: number) => {
    if (to > from) spans.push({ track, kind, bake, from, to })
  }
  const waits = (kind: 'rest' | 'cool', bake: string, from: number, all: readonly Wait[]) =>
    all.reduce((at, { minutes, cold }) => {
      put(cold ? coldTrack : waitingTrack, kind, bake, at, at + minutes)
      return at + minutes
    }, from)
  const ready: Record<string, number> = {}
  const named = [...new Set(bakes.flatMap(one => who[one.id] || []))]
  const free = new Map((named.length > 0 ? named : ['']).map(name => [name, 0]))
  const trackOf = (hands: string) => (hands === '' ? handsTrack : `${handsTrack}: ${hands}`)
  const soonest = () => [...free].reduce((best, one) => (one[1] < best[1] ? one : best))[0]
  let mixer = 0
  let pending: Pending[] = []
  const finish = ({ bake, hands, cool }: Pending) => {
    const from = Math.max(free.get(hands)!, cool)
    put(trackOf(hands), 'finish', bake.id, from, from + bake.finishing)
    ready[bake.id] = from + bake.finishing
    free.set(hands, from + bake.finishing)
  }
  /** What is cool by now and has to be ready by a time is finished before anything else is begun. */
  const finishDue = (hands: string) => {
    const now = pending.filter(
      one => one.hands === hands && one.bake.due !== null && one.cool <= free.get(hands)! + 1e-9,
    )
    for (const one of now) finish(one)
    pending = pending.filter(one => !now.includes(one))
  }
  const intoOven = (bake: DayBake, from: number): number => {
    if (bake.oven <= 0 || bake.celsius === null) return from
    const heating = (room: (typeof rooms)[number]) => {
      if (room.celsius === null) return room.preheat
      const off = bake.celsius! - room.celsius
      return off > 0 ? off / rules.heats : -off / rules.cools
    }
    const loads = (room: (typeof rooms)[number]) => tinLoads(bake.tins, room.tins)?.length ?? 1
    // an oven is heated while hands are busy: it is ready when it is free and hot
    const begins = (room: (typeof rooms)[number]) => Math.max(from, room.free + heating(room))
    const done = (room: (typeof rooms)[number]) => begins(room) + loads(room) * bake.oven
    const room = rooms.reduce((best, one) => (done(one) < done(best) - 1e-9 ? one : best))
    const start = begins(room)
    put(room.name, 'heat', bake.id, Math.max(0, start - heating(room)), start)
    put(waitingTrack, 'rest', bake.id, from, start)
    const end = done(room)
    put(room.name, 'oven', bake.id, start, end)
    room.free = end
    room.celsius = bake.celsius
    return end
  }
  const bakeIt = ({ cleaning }: OrderStep, bake: DayBake): void => {
    const hands = who[bake.id] || soonest()
    finishDue(hands)
    const track = trackOf(hands)
    const weighedAt = free.get(hands)! + bake.weighing
    put(track, 'weigh', bake.id, weighedAt - bake.weighing, weighedAt)
    const from = Math.max(weighedAt, mixer)
    const clean = from + cleaning
    mixer = clean + bake.hands - bake.weighing - bake.finishing
    for (const [kind, start, end] of [
      ['clean', from, clean],
      ['hands', clean, mixer],
    ] as const) {
      put(track, kind, bake.id, start, end)
      put(mixerTrack, kind === 'hands' ? 'mixer' : kind, bake.id, start, end)
    }
    free.set(hands, mixer)
    const out = intoOven(bake, waits('rest', bake.id, mixer, bake.restIn))
    const cool = waits('cool', bake.id, out, bake.afterIn)
    if (bake.finishing > 0) pending.push({ bake, hands, cool })
    else ready[bake.id] = cool
  }
  for (const step of order.steps) {
    const bake = known.get(step.id)
    if (bake) bakeIt(step, bake)
  }
  for (const one of pending.toSorted((a, b) => a.cool - b.cool)) finish(one)
  return { spans, ready, ends: Math.max(0, ...Object.values(ready)) }
}
