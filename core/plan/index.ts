// The day: which bakes, in which order, and when.

export { type Clean, type Cleaning, cleaningOf, type OrderBake, usualCleaning } from './changeover'
export { type Asked, type DayBake, dayBakesOf, type Wait } from './dayBakes'
export { mostExact } from './exact'
export { bestOrder, type DayOrder, type OrderStep, orderAsGiven } from './order'
export { coldTrack, handsTrack, mixerTrack, type Span, type Timeline, timelineOf, waitingTrack } from './timeline'
