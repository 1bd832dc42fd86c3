// Lines of the ledger dragged to another place, by mouse, pen or finger; the pane scrolls where one comes near its edge.
'use client'
import { DndContext, type DragMoveEvent, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core'
import { type ReactNode, type RefObject, useRef, useState } from 'react'
import { type Drop, placeAt } from './rowDrag'

/** A pointer that only trembles drags nothing. */
const activationConstraint = { distance: 3 }
const yOf = ({ activatorEvent }: DragMoveEvent): number => (activatorEvent as PointerEvent).clientY

/** Around the table whose rows are dragged by their `Grip`. `nameOf` a line, for those who cannot see it. */
export function DragRows({
  table,
  nameOf,
  onDrop,
  children,
}: {
  table: RefObject<HTMLTableElement | null>
  nameOf: (line: string) => string
  onDrop: (drop: Drop) => void
  children: ReactNode
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint }))
  const [mark, setMark] = useState<number | null>(null)
  /** Where the pointer took hold, from the top of the table: how far it went since counts what was scrolled. */
  const took = useRef(0)
  const at = (event: DragMoveEvent) => placeAt(table.current!, took.current + event.delta.y)
  const said = (word: string) => (event: { active: { id: string | number } }) =>
    `${nameOf(String(event.active.id))}: ${word}.`
  return (
    <DndContext
      id="ledger"
      sensors={sensors}
      onDragStart={event => {
        took.current = yOf(event as DragMoveEvent) - table.current!.getBoundingClientRect().top
      }}
      onDragMove={event => setMark(at(event).mark)}
      onDragEnd={event => {
        setMark(null)
        onDrop({ line: String(event.active.id), behind: at(event).behind })
      }}
      onDragCancel={() => setMark(null)}
      accessibility={{
        announcements: {
          onDragStart: said('taken up'),
          onDragOver: () => undefined,
          onDragEnd: said('put down'),
          onDragCancel: said('left where it was'),
        },
        screenReaderInstructions: { draggable: 'Alt with an arrow up or down moves the line that has the focus.' },
      }}
    >
      <div className="relative">
        {mark !== null && (
          <div
            className="pointer-events-none absolute inset-x-0 z-20 h-[3px] -translate-y-px bg-damson"
            style={{ top: mark }}
          />
        )}
        {children}
      </div>
    </DndContext>
  )
}

/** What a row is dragged by. Keys need none: Alt with an arrow moves the line. */
export function Grip({ line }: { line: string }) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: line })
  return (
    <span
      ref={setNodeRef}
      aria-hidden
      data-dragged={isDragging || undefined}
      className="absolute top-0 left-0 flex h-full w-3 cursor-grab touch-none items-center justify-center text-[11px] text-quiet opacity-0 group-hover/row:opacity-100 pointer-coarse:w-4 pointer-coarse:opacity-60"
      {...listeners}
    >
      ⁝
    </span>
  )
}
