// The forms a nutrition panel may take on a label of some size, in the order they are tried, and how each is set.
import type { Declaration, FactsPanel, TableRow } from '@fair-tin/core/label'
import type { PanelForm, RulePack } from '@fair-tin/core/market'
import { setBilingual } from './factsBilingual'
import { setFacts } from './factsPanel'
import { setLinear, setTabular } from './factsTabular'
import type { Page } from './page'
import type { Column } from './paragraph'

export interface SetForm {
  /** It lies across the label, not in a column. */
  lies: boolean
  set: (page: Page, column: Column) => void
}
const setters = { vertical: setFacts, tabular: setTabular, linear: setLinear }
/** Those that stand in a column. */
const upright = new Set<PanelForm['form']>(['vertical', 'bilingual'])

/** One that sets nothing where there is no panel. */
export function formsOf(
  { panel, table }: Pick<Declaration, 'panel' | 'table'>,
  { table: { forms } }: RulePack,
  size: { width: number; height: number },
): (SetForm | null)[] {
  if (!panel || !('rows' in table)) return [null]
  const area = size.width * size.height
  return forms
    .filter(
      ({ only }) => only === null || area <= only.upTo || (only.lowerThan !== null && size.height < only.lowerThan),
    )
    .flatMap(({ form, type }) => {
      const lies = !upright.has(form)
      // what is small enough for these needs no second column
      const one: FactsPanel = lies ? { ...panel, wholeUnit: null } : panel
      const few = panel.simplified
      const ways: [FactsPanel, readonly TableRow[]][] = [
        [one, table.rows],
        ...(few
          ? ([[{ ...one, words: { ...one.words, footnote: `${few.note} ${one.words.footnote}` } }, few.rows]] as [
              FactsPanel,
              readonly TableRow[],
            ][])
          : []),
      ]
      return ways.map(([of, rows]) => ({
        lies,
        set: (page: Page, column: Column) =>
          form === 'bilingual' ? setBilingual(page, column, of, rows, type!) : setters[form](page, column, of, rows),
      }))
    })
}
