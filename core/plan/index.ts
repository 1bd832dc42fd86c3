// The day: which bakes, in which order, and when.

export { type Clean, type Cleaning, cleaningOf, type OrderBake, usualCleaning } from './changeover'
export { type Asked, type DayBake, dayBakesOf } from './dayBakes'
export { mostExact } from './exact'
export { bestOrder, type DayOrder, type OrderStep, orderAsGiven } from './order'
export { handsTrack, type Span, type Timeline, timelineOf, waitingTrack } from './timeline'
