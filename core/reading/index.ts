// What people write, read.

export { lineOfOnePiece, massWordsOf, ofAllPieces } from './massWords'
export { formCounted, partAmount } from './partAmount'
export { readKeepingTable } from './readKeeping'
export { type ReadLine, readLine } from './readLine'
export { type ReadRecipe, type RecipeLine, readRecipe } from './readRecipe'
export { readMinutes, readOven, readStep } from './readStep'
export { readTin } from './readTin'
export { roleInStep } from './roleInStep'
