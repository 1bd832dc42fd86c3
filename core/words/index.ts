// How people write numbers, days and lists, and how they are shown.
export { daysAfter, spokenDay } from './day'
export { capital, fullList, spokenList } from './listing'
export { money, moneySign } from './money'
export { commaDoubt, readDecimal, typedDecimal, typedNumber } from './number'
export { percent, toNearest, toPlaces, weighed } from './rounding'
export { filled } from './template'
export { mendedText, wellFormed, wellFormedData } from './wellFormed'
