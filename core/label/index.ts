// A declaration as data.

export { type AverageRule, controlChart, fewestADay, type PacksWeighed, weighedAgainst } from './averageQuantity'
export { type Check, checklistOf } from './checklist'
export { type Declaration, dateMark } from './declaration'
export { declaredCodes, labelNameOf } from './emphasis'
export { compositionText } from './ingredientList'
export { dateBorneBy } from './keeping'
export type { FactsPanel } from './nutritionFacts'
export type { NutritionTable, TableRow } from './nutritionTable'
export type { Problem } from './problems'
export { joined, plain, type Run, strong, textOf } from './run'
export { notAskedFor, saleOf } from './sale'
