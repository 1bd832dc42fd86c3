export { europeanLetters as letters } from '../european/letters'
