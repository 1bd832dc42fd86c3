export { europeanStatements as statements } from '../european/statements'
