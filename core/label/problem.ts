// What stands between a label and a signature: one thing.
import type { Particular } from '../model/sale'

export interface Problem {
  /** Absent: it stands open. */
  weight?: 'breaks'
  /** The particular that is not settled while it stands. */
  about?: Particular
  what: string
  where?: string
  mend?: string
}
