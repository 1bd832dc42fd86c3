// A day drawn out: when hands, ovens and cold places are busy, from an order of its bakes.
import type { Oven } from '../model/kitchen'
import { tinLoads } from '../recipe/loads'
import { type Cleaning, usualCleaning } from './changeover'
import type { DayBake } from './dayBakes'
import type { DayOrder, OrderStep } from './order'

export interface Span {
  /** "Hands and mixer", an oven by its name, "Resting and cooling". */
  track: string
  kind: 'clean' | 'hands' | 'heat' | 'oven' | 'rest' | 'cool'
  /** The bake it is for. */
  bake: string
  /** Minutes from the beginning. */
  from: number
  to: number
}
export interface Timeline {
  spans: Span[]
  /** When each bake is ready, its oven waited for. */
  ready: Record<string, number>
  /** When all is. */
  ends: number
}
export const handsTrack = 'Hands and mixer'
export const waitingTrack = 'Resting and cooling'

/**
 * One pair of hands after the other at the one mixer, each bake into the oven that takes it soonest. `who`: whose hands, by bake;
 * each has a track of their own. Pure.
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
  const ready: Record<string, number> = {}
  let hands = 0
  const bakeIt = (step: OrderStep, bake: DayBake): void => {
    const track = who[bake.id] ? `Hands: ${who[bake.id]}` : handsTrack
    put(track, 'clean', bake.id, hands, hands + step.cleaning)
    const from = hands + step.cleaning
    hands = from + bake.hands
    put(track, 'hands', bake.id, from, hands)
    put(waitingTrack, 'rest', bake.id, hands, hands + bake.rest)
    let end = hands + bake.rest
    if (bake.oven > 0 && bake.celsius !== null) {
      const heating = (room: (typeof rooms)[number]) => {
        if (room.celsius === null) return room.preheat
        const off = bake.celsius! - room.celsius
        return off > 0 ? off / rules.heats : -off / rules.cools
      }
      const loads = (room: (typeof rooms)[number]) => tinLoads(bake.tins, room.tins)?.length ?? 1
      // an oven is heated while hands are busy: it is ready when it is free and hot
      const begins = (room: (typeof rooms)[number]) => Math.max(end, room.free + heating(room))
      const done = (room: (typeof rooms)[number]) => begins(room) + loads(room) * bake.oven
      const room = rooms.reduce((best, one) => (done(one) < done(best) - 1e-9 ? one : best))
      const start = begins(room)
      put(room.name, 'heat', bake.id, Math.max(0, start - heating(room)), start)
      put(waitingTrack, 'rest', bake.id, end, start)
      end = done(room)
      put(room.name, 'oven', bake.id, start, end)
      room.free = end
      room.celsius = bake.celsius
    }
    put(waitingTrack, 'cool', bake.id, end, end + bake.after)
    ready[bake.id] = end + bake.after
  }
  for (const step of order.steps) {
    const bake = known.get(step.id)
    if (bake) bakeIt(step, bake)
  }
  return { spans, ready, ends: Math.max(0, ...Object.values(ready)) }
}
