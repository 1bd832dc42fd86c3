// What can be done with a line: where it goes, where it stands, taking it out. One menu for the whole ledger.
'use client'
import { before, type Edit, type Line, type Recipe, roleName, roles } from '@fair-tin/core'
import Link from 'next/link'
import { Popover } from 'radix-ui'
import type { RefObject } from 'react'

export function LineMenu({
  line,
  name,
  recipe,
  anchor,
  onEdit,
  onClose,
}: {
  line: Line | null
  name: string
  recipe: Recipe
  anchor: RefObject<HTMLElement>
  onEdit: (edit: Edit) => void
  onClose: () => void
}) {
  const act = (edit: Edit | null) => {
    if (edit) onEdit(edit)
    onClose()
  }
  const at = line ? recipe.lines.findIndex(one => one.id === line.id) : -1
  const item =
    'block w-full rounded px-2 py-1 text-left hover:bg-navy hover:text-white disabled:text-quiet disabled:hover:bg-transparent pointer-coarse:py-3'
  return (
    <Popover.Root open={line !== null} onOpenChange={open => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        {line && (
          <Popover.Content
            aria-label={`What to do with ${name}`}
            align="start"
            sideOffset={2}
            collisionPadding={8}
            onCloseAutoFocus={event => {
              event.preventDefault()
              anchor.current?.focus()
            }}
            className="z-50 w-60 rounded-lg border-2 border-navy bg-pane p-2 shadow-float"
          >
            <p className="px-2 pb-1 font-head font-bold">{name}</p>
            <fieldset>
              <legend className="px-2 text-[13px] text-quiet">Where it goes</legend>
              {roles.map(role => (
                <button
                  key={role}
                  type="button"
                  className={`${item} ${role === line.role ? 'font-bold' : ''}`}
                  aria-pressed={role === line.role}
                  onClick={() =>
                    act(role === line.role ? null : { kind: 'role', line: line.id, was: line.role, to: role })
                  }
                >
                  {roleName[role]}
                </button>
              ))}
            </fieldset>
            <div className="mt-1 border-t border-hair pt-1">
              <button
                type="button"
                className={item}
                disabled={at <= 0}
                onClick={() =>
                  act({
                    kind: 'move',
                    line: line.id,
                    was: before(recipe, line.id),
                    to: recipe.lines[at - 2]?.id ?? null,
                  })
                }
              >
                Move up
              </button>
              <button
                type="button"
                className={item}
                disabled={at < 0 || at === recipe.lines.length - 1}
                onClick={() =>
                  act({ kind: 'move', line: line.id, was: before(recipe, line.id), to: recipe.lines[at + 1]!.id })
                }
              >
                Move down
              </button>
              {'ingredient' in line.of && (
                <Link className={item} href={`/larder/${line.of.ingredient}`}>
                  Open in the larder
                </Link>
              )}
              <button
                type="button"
                className={`${item} text-breaks`}
                onClick={() => act({ kind: 'remove', line, after: before(recipe, line.id) })}
              >
                Take it out
              </button>
            </div>
          </Popover.Content>
        )}
      </Popover.Portal>
    </Popover.Root>
  )
}
