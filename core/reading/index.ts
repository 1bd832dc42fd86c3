// What people write, read.

export { lineOfOnePiece, massWordsOf, ofAllPieces } from './massWords'
export { type ReadLine, readLine } from './readLine'
export { type ReadRecipe, type RecipeLine, readRecipe } from './readRecipe'
export { readOven, readStep } from './readStep'
export { readTin } from './readTin'
export { roleInStep } from './roleInStep'
