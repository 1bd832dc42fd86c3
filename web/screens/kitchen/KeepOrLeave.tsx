// At the head of a sheet of the kitchen: whether something on it is not kept yet, and keeping it or leaving it as it was.
'use client'

export function KeepOrLeave({
  open,
  saving,
  may = true,
  keeps,
  onKeep,
  onLeave,
}: {
  open: boolean
  saving: boolean
  may?: boolean
  /** What is kept: "the changes". */
  keeps: string
  onKeep: () => void
  onLeave: () => void
}) {
  return (
    <>
      {open && (
        <>
          <p role="status" className="text-unproven">
            What you changed here is not kept yet.
          </p>
          <button type="button" className="do" disabled={saving} onClick={onLeave}>
            Leave it as it was
          </button>
        </>
      )}
      <button type="button" className="do do-first" disabled={saving || !may} onClick={onKeep}>
        {saving ? 'Keeping …' : `Keep ${keeps}`}
      </button>
    </>
  )
}
