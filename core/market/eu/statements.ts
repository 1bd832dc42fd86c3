// The European Union's own sentences: those both European packs share, and what only the Union refuses. From memory.
import { europeanStatements } from '../european/statements'
import type { StatementRules } from '../rulePack'

export const statements: StatementRules = {
  ...europeanStatements,
  refused: [{ eNumber: 'E171', names: ['titanium dioxide'], cite: 'Regulation (EU) 2022/63' }],
}
