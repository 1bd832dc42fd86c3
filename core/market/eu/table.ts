export {
  europeanReferenceIntake as referenceIntake,
  europeanRounding as rounding,
  europeanTable as table,
} from '../european/table'
