// The day: which bakes, in which order, and when.
export { type Asked, type DayBake, dayBakesOf } from './dayBakes'
export {
  bestOrder,
  type Clean,
  type Cleaning,
  type DayOrder,
  mostExact,
  type OrderBake,
  type OrderStep,
  orderAsGiven,
  usualCleaning,
} from './order'
export { handsTrack, type Span, type Timeline, timelineOf, waitingTrack } from './timeline'
