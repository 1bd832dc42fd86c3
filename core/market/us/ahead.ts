// United States: what is announced and not yet in force. From memory; verify before relying on it.
import type { RuleChange } from '../rulePack'
import { us } from './index'

export const usAhead: readonly RuleChange[] = [
  {
    from: '2027-01-15',
    what: 'Red No. 3 (erythrosine) may not be used in food any more',
    cite: '21 CFR 74.303, revoked in January 2025',
    pack: {
      ...us,
      version: us.version + 1,
      statements: {
        ...us.statements,
        refused: [
          ...us.statements.refused,
          {
            eNumber: 'E127',
            names: ['erythrosine', 'Red No. 3', 'Red 3', 'FD&C Red No. 3', 'FD&C Red 3'],
            cite: '21 CFR 74.303, revoked in January 2025',
          },
        ],
      },
    },
  },
]
