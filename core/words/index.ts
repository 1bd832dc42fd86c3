// How people write numbers, days and lists, and how they are shown.
export { daysAfter, spokenDay } from './day'
export { readDecimal } from './decimal'
export { percent, toNearest, toPlaces, weighed } from './rounding'
export { filled } from './template'
export { mendedText, wellFormed, wellFormedData } from './wellFormed'
