// Canada: the whole pack.
import type { RulePack } from '../rulePack'
import { letters } from './letters'
import { rules } from './rules'
import { sale } from './sale'
import { serving } from './serving'
import { statements } from './statements'
import { referenceIntake, rounding, table } from './table'
import { words } from './words'

export const ca: RulePack = {
  market: 'ca',
  title: 'Canada',
  version: 3,
  asOf: '2026-11-28',
  language: 'en-CA',
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
  averageQuantity: null,
}
