// What people write, read.
export { type ReadLine, readLine } from './readLine'
export { type ReadRecipe, type RecipeLine, readRecipe } from './readRecipe'
export { readOven, readStep } from './readStep'
export { readTin } from './readTin'
