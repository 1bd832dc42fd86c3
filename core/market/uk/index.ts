// United Kingdom: the whole pack.
import { europeanAverageQuantity } from '../european/averageQuantity'
import type { RulePack } from '../rulePack'
import { front } from './front'
import { letters } from './letters'
import { rules } from './rules'
import { sale } from './sale'
import { serving } from './serving'
import { statements } from './statements'
import { referenceIntake, rounding, table } from './table'
import { words } from './words'

export const uk: RulePack = {
  market: 'uk',
  title: 'United Kingdom',
  version: 3,
  asOf: '2026-11-28',
  language: 'en-GB',
  caution: 'Transcribed from memory of the regulations named; verify before relying on it.',
  ...rules,
  serving,
  table: { ...table, front },
  rounding,
  referenceIntake,
  statements,
  words,
  letters,
  sale,
  averageQuantity: europeanAverageQuantity,
}
