// What the application may ask of the database.
export * from './bakery'
export * from './ingredients'
export { migrate } from './migrate'
export * from './products'
export * from './recipes'
export type { Saved } from './versioned'
export { type BakerySql, closePool, withBakery } from './withBakery'
export { readWorkbook } from './workbook'
