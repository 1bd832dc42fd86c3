// What can be done with a line: where it goes, what stands in its place, where it stands, taking it out. One menu for the whole ledger.
'use client'
import { type CheckedAlternative, withAlternative } from '@fair-tin/core/assess'
import { type BenchEdit, before } from '@fair-tin/core/edit'
import { allergenName, allergenStatusName, type Line, nameOfClaim, roleName, roles } from '@fair-tin/core/model'
import { Command } from 'cmdk'
import Link from 'next/link'
import { Popover } from 'radix-ui'
import { type RefObject, useState } from 'react'
import { useTyped } from '../typed/useTyped'
import { type Editing, shifted } from './editing'
import { FreezePart } from './FreezePart'
import { LineAnswers } from './LineAnswers'
import { type LedgerRow, scaled } from './ledgerGroups'
import { WrittenCell } from './WrittenCell'

type MenuRow = Pick<LedgerRow, 'name' | 'source' | 'ingredient' | 'line'>
const item =
  'block w-full rounded px-2 py-1 text-left hover:bg-navy hover:text-white disabled:text-quiet disabled:hover:bg-transparent pointer-coarse:py-3'

export function LineMenu({
  row,
  editing,
  anchor,
  onEdit,
  onClose,
}: {
  row: MenuRow | null
  editing: Editing
  anchor: RefObject<HTMLElement>
  onEdit: (...edits: BenchEdit[]) => void
  onClose: () => void
}) {
  const { recipe } = editing
  // as it stands now: another window may have changed it, or taken it out, under the open menu
  const line = row?.source ? (recipe.lines.find(one => one.id === row.source!.id) ?? null) : null
  const gone = row?.source && !line
  return (
    <Popover.Root open={row !== null && !gone} onOpenChange={open => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        {row && !gone && (
          <Popover.Content
            aria-label={`What to do with ${row.name}`}
            align="start"
            sideOffset={2}
            collisionPadding={8}
            onCloseAutoFocus={event => {
              event.preventDefault()
              anchor.current?.focus()
            }}
            className="z-50 max-h-[min(80dvh,var(--radix-popover-content-available-height))] w-72 overflow-auto rounded-lg border-2 border-navy bg-pane p-2 shadow-float"
          >
            <p className="px-2 pb-1 font-head font-bold">{row.name}</p>
            {line ? (
              <OwnLine line={line} row={row} editing={editing} onEdit={onEdit} onClose={onClose} />
            ) : (
              <InsidePart row={row} />
            )}
          </Popover.Content>
        )}
      </Popover.Portal>
    </Popover.Root>
  )
}

/** A line of a part is changed in the part: it may stand in other bakes too. */
function InsidePart({ row }: { row: MenuRow }) {
  const part = row.line?.path.at(-2)
  return (
    <>
      {part && (
        <>
          <p className="px-2 pb-1 text-[13px] text-quiet">
            Inside {part.name}. What is changed there changes every bake that uses it.
          </p>
          <Link className={item} href={`/parts/${part.id}`}>
            Open {part.name}
          </Link>
        </>
      )}
      {row.ingredient && (
        <Link className={item} href={`/larder/${row.ingredient.id}`}>
          Open in the larder
        </Link>
      )}
    </>
  )
}

function OwnLine({
  line,
  row,
  editing,
  onEdit,
  onClose,
}: {
  line: Line
  row: MenuRow
  editing: Editing
  onEdit: (...edits: BenchEdit[]) => void
  onClose: () => void
}) {
  const { recipe } = editing
  const [exchanging, setExchanging] = useState(false)
  const at = recipe.lines.findIndex(one => one.id === line.id)
  const act = (edit: BenchEdit | null) => {
    if (edit) onEdit(edit)
    onClose()
  }
  if (exchanging)
    return (
      <Command label={`Exchange ${row.name} for`} loop>
        <Command.Input autoFocus placeholder="Exchange for" className="field mb-1" />
        <Command.List className="max-h-[40dvh] overflow-auto">
          <Command.Empty className="px-2 py-1 text-quiet">
            Nothing by that name. Add a new thing with “Add a line” below the ledger.
          </Command.Empty>
          {editing.shelf
            .filter(
              one =>
                !('recipe' in line.of
                  ? one.part && one.id === line.of.recipe
                  : !one.part && one.id === line.of.ingredient),
            )
            .map(one => ({ ...one, refused: one.part ? editing.refuse({ recipe: one.id }) : null }))
            .map(one => (
              <Command.Item
                key={`${one.part}${one.id}`}
                value={`${one.name} ${one.id}`}
                disabled={one.refused !== null}
                className="cursor-pointer rounded px-2 py-1 data-[disabled=true]:cursor-default data-[selected=true]:bg-navy data-[selected=true]:text-white pointer-coarse:py-3"
                onSelect={() =>
                  act({
                    kind: 'of',
                    line: line.id,
                    was: line.of,
                    to: one.part ? { recipe: one.id } : { ingredient: one.id },
                  })
                }
              >
                {one.name}
                {one.part && <span className="ml-1.5 text-[12.5px] opacity-70">part</span>}
                {one.refused && <span className="block text-[12.5px] text-breaks">{one.refused}</span>}
              </Command.Item>
            ))}
        </Command.List>
      </Command>
    )
  return (
    <>
      <div className="px-2 pb-1 sm:hidden">
        <WrittenCell
          line={line}
          name={row.name}
          text={scaled(line, editing.factor)}
          factor={editing.factor}
          hands={editing.hands}
        />
      </div>
      <fieldset>
        <legend className="px-2 text-[13px] text-quiet">Where it goes</legend>
        {roles.map(role => (
          <button
            key={role}
            type="button"
            className={`${item} ${role === line.role ? 'font-bold' : ''}`}
            aria-pressed={role === line.role}
            onClick={() => act(role === line.role ? null : { kind: 'role', line: line.id, was: line.role, to: role })}
          >
            {roleName[role]}
          </button>
        ))}
      </fieldset>
      {line.alternatives && line.alternatives.length > 0 && (
        <Alternatives
          line={line}
          alternatives={editing.alternatives(line.id)}
          onTake={edits => {
            onEdit(...edits)
            onClose()
          }}
        />
      )}
      {'recipe' in line.of && editing.partOf(line.of.recipe) && (
        <FreezePart
          line={line as Line & { of: { recipe: string; version?: number } }}
          part={editing.partOf(line.of.recipe)!}
          forWhat={editing.forWhat}
          className={item}
          onEdit={act}
          onFrozen={editing.onFrozen}
        />
      )}
      <LineAnswers line={line} name={row.name} editing={editing} onEdit={onEdit} />
      <div className="mt-1 grid gap-1 border-t border-hair px-2 py-1.5">
        <Words label="Group" field="heading" line={line} editing={editing} />
        <Words label="Made ready how" field="prep" line={line} editing={editing} />
      </div>
      <div className="border-t border-hair pt-1">
        <button type="button" className={item} onClick={() => setExchanging(true)}>
          Exchange for something else
        </button>
        <button type="button" className={item} disabled={at <= 0} onClick={() => act(shifted(recipe, line.id, -1))}>
          Move up
        </button>
        <button
          type="button"
          className={item}
          disabled={at === recipe.lines.length - 1}
          onClick={() => act(shifted(recipe, line.id, 1))}
        >
          Move down
        </button>
        {'recipe' in line.of ? (
          <Link className={item} href={`/parts/${line.of.recipe}`}>
            Open the part
          </Link>
        ) : (
          row.ingredient && (
            <Link className={item} href={`/larder/${line.of.ingredient}`}>
              Open in the larder
            </Link>
          )
        )}
        <button
          type="button"
          className={`${item} text-breaks`}
          onClick={() => act({ kind: 'remove', line, after: before(recipe, line.id) })}
        >
          Take it out
        </button>
      </div>
    </>
  )
}

/** “Butter or coconut oil”: what the other would do, and taking it. */
function Alternatives({
  line,
  alternatives,
  onTake,
}: {
  line: Line
  alternatives: readonly CheckedAlternative[]
  onTake: (edits: BenchEdit[]) => void
}) {
  return (
    <fieldset className="mt-1 border-t border-hair pt-1">
      <legend className="px-2 text-[13px] text-quiet">Or instead</legend>
      {alternatives.map(one => (
        <button
          key={one.ingredient}
          type="button"
          className={item}
          onClick={() => {
            const next = withAlternative(line, one.ingredient)
            onTake([
              { kind: 'of', line: line.id, was: line.of, to: next.of },
              { kind: 'alternatives', line: line.id, was: line.alternatives ?? null, to: next.alternatives ?? null },
            ])
          }}
        >
          {one.name}
          <span className="block text-[12.5px] opacity-80">
            {one.claims.length + one.allergens.length === 0
              ? 'claims and allergens stay as they are'
              : [
                  ...one.claims.map(claim => `${nameOfClaim(claim.claim)} ${claim.after}`),
                  ...one.allergens.map(
                    allergen => `${allergenName[allergen.allergen]}: ${allergenStatusName[allergen.after]}`,
                  ),
                ].join(', ')}
          </span>
        </button>
      ))}
    </fieldset>
  )
}

function Words({
  label,
  field,
  line,
  editing,
}: {
  label: string
  field: 'heading' | 'prep'
  line: Line
  editing: Editing
}) {
  const now = line[field] ?? ''
  const { typed, open, type, keep, cancel } = useTyped(
    text => ({ edits: [{ kind: field, line: line.id, was: line[field] ?? null, to: text.trim() || null }] }),
    editing.hands,
  )
  return (
    <label className="text-[13px] text-quiet">
      {label}
      <input
        className="field text-ink"
        maxLength={200}
        value={typed ?? now}
        onFocus={() => open(now)}
        onChange={event => {
          if (typed === null) open(now)
          type(event.target.value)
        }}
        onBlur={keep}
        onKeyDown={event => {
          if (event.key === 'Enter') keep()
          if (event.key === 'Escape' && typed !== null && typed !== now) {
            event.stopPropagation()
            cancel()
          }
        }}
      />
    </label>
  )
}
