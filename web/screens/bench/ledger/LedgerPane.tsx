// The left of the bench: the ledger, what is open in it, and where the next line is written.
'use client'
import type { Assessment } from '@fair-tin/core/assess'
import type { Workbook } from '@fair-tin/core/model'
import { openFoodIn } from '@fair-tin/core/recipe'
import { type ComponentProps, type ReactNode, useMemo } from 'react'
import { AddLines } from './AddLines'
import type { Editing } from './editing'
import { Ledger } from './Ledger'
import type { LedgerGroup } from './ledgerGroups'
import { OpenQuestions } from './OpenQuestions'

interface Props {
  editing: Editing
  groups: LedgerGroup[]
  assessment: Assessment
  workbook: Workbook
  /** What may be written in the next line; whether all of it is read already, and the trouble with that. */
  larder: ComponentProps<typeof OpenQuestions>['larder']
  ready: boolean
  trouble: string
  /** Every part, this one too: whoever writes it into itself is told why not. */
  parts: ComponentProps<typeof OpenQuestions>['parts']
  person: string
  pointed: string | null
  /** What stands below it. */
  children: ReactNode
}

export function LedgerPane({
  editing,
  groups,
  assessment,
  workbook,
  larder,
  ready,
  trouble,
  parts,
  person,
  pointed,
  children,
}: Props) {
  const { recipe, hands } = editing
  const open = useMemo(() => openFoodIn(recipe, workbook), [recipe, workbook])
  return (
    <div className="pane flex min-h-0 flex-col">
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
      <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Ledger">
        {recipe.lines.length === 0 && (
          <p className="p-6 text-quiet">Nothing in it yet. Add the first line below, as you would write it.</p>
        )}
        <Ledger
          groups={groups}
          assessment={assessment}
          currency={workbook.kitchen.currency}
          editing={editing}
          ingredients={workbook.ingredients}
          scales={workbook.kitchen.scales}
          pointed={pointed}
        />
        <AddLines
          recipe={recipe}
          larder={ready ? larder : null}
          trouble={trouble}
          parts={parts}
          refuse={editing.refuse}
          onEdit={hands.onEdit}
        />
        {assessment.bill.gaps
          .filter(gap => gap.kind === 'component' && !(gap.why === 'open' && gap.path.length === 2))
          // what was added before the larder was read is not gone
          .filter(gap => ready || gap.why !== 'gone')
          .map(gap => (
            <p key={gap.path.map(step => step.id).join('/')} className="bg-breaks-wash px-4 py-1.5">
              <b>{gap.path.at(-1)!.name}</b> {gap.fact}. Nothing can be proven until the recipe is mended.
            </p>
          ))}
        <OpenQuestions
          open={open}
          recipe={recipe}
          larder={larder}
          ready={ready}
          parts={parts}
          hands={hands}
          today={workbook.today}
          person={person}
        />
        {assessment.declaration.beside.map(warning => (
          <p key={warning} className="border-t border-hair px-4 py-1.5 text-unproven">
            {warning}
          </p>
        ))}
      </section>
      {children}
    </div>
  )
}
