// A part follows its newest version, or is frozen at one that was kept.
'use client'
import type { BenchEdit } from '@fair-tin/core/edit'
import { type Line, partKey, type Recipe } from '@fair-tin/core/model'
import type { KeptVersion } from '@fair-tin/data'
import { ask } from '../../ask'
import { useDeed } from '../../deed'
import { useAsked } from '../../useAsked'

export function FreezePart({
  line,
  part,
  forWhat,
  className,
  onEdit,
  onFrozen,
}: {
  line: Line & { of: { recipe: string; version?: number } }
  /** The newest one. */
  part: Recipe
  /** What it is frozen for: a new version is kept under this name. */
  forWhat: string
  className: string
  onEdit: (edit: BenchEdit) => void
  /** The frozen recipe, so that it can be looked at before the server says so. */
  onFrozen: (recipe: Recipe) => void
}) {
  const address = `/api/v1/recipes/${part.id}/versions`
  const { said: kept, problem, take } = useAsked<{ versions: KeptVersion[] }>(address)
  const freeze = (version: KeptVersion) => {
    const to = { recipe: part.id, version: version.number }
    onFrozen({
      ...version.body,
      id: partKey(to),
      version: version.number,
      name: `${part.name} (version ${version.number})`,
    })
    onEdit({ kind: 'of', line: line.id, was: line.of, to })
  }
  const deed = useDeed()
  const keepAndFreeze = async () => {
    const said = await ask<{ versions: KeptVersion[] }>(
      address,
      {
        name: `for ${forWhat}`.slice(0, 80),
        reason: '',
        seen: part.version,
      },
      deed,
    )
    if (take(said)) freeze(said.versions[0]!)
  }
  return (
    <fieldset className="mt-1 border-t border-hair pt-1">
      <legend className="px-2 text-[13px] text-quiet">Which {part.name}</legend>
      <button
        type="button"
        className={`${className} ${line.of.version === undefined ? 'font-bold' : ''}`}
        aria-pressed={line.of.version === undefined}
        onClick={() =>
          line.of.version !== undefined && onEdit({ kind: 'of', line: line.id, was: line.of, to: { recipe: part.id } })
        }
      >
        always the newest
      </button>
      {kept?.versions.map(one => (
        <button
          key={one.number}
          type="button"
          className={`${className} ${line.of.version === one.number ? 'font-bold' : ''}`}
          aria-pressed={line.of.version === one.number}
          onClick={() => line.of.version !== one.number && freeze(one)}
        >
          frozen at version {one.number}: {one.name}
        </button>
      ))}
      <button type="button" className={className} onClick={() => void keepAndFreeze()}>
        freeze it as it is now
      </button>
      {problem && (
        <p role="alert" className="px-2 text-breaks">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
