export { europeanServing as serving } from '../european/serving'
