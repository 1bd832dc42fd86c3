// European Union: the whole pack.
import { europeanAverageQuantity } from '../european/averageQuantity'
import type { RulePack } from '../rulePack'
import { letters } from './letters'
import { rules } from './rules'
import { sale } from './sale'
import { serving } from './serving'
import { statements } from './statements'
import { referenceIntake, rounding, table } from './table'
import { words } from './words'

export const eu: RulePack = {
  market: 'eu',
  title: 'European Union',
  version: 3,
  asOf: '2026-11-28',
  language: 'en-GB',
  caution: 'Transcribed from memory of the regulations named; verify before relying on it.',
  ...rules,
  serving,
  table,
  rounding,
  referenceIntake,
  statements,
  words,
  letters,
  sale,
  averageQuantity: europeanAverageQuantity,
}
