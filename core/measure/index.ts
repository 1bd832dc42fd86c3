// Units, weights, temperatures.
export { gramsOf, millilitresOf } from './convert'
export { typicalGramsPerMl, typicalPiece } from './density'
export { type GramsResult, grams } from './grams'
export { readAmount } from './quantity'
export { celsiusOf, dialCelsius, dials, fahrenheitOf, gasMarkCelsius } from './temperature'
export { averageOf, edibleShare, type Weighed } from './weighing'
