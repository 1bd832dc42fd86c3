// A small form over the place it was opened from; focus goes back there.
'use client'
import { Popover } from 'radix-ui'
import type { ReactNode, RefObject } from 'react'

export function AtAnchor({
  open,
  label,
  anchor,
  onClose,
  children,
}: {
  open: boolean
  label: string
  anchor: RefObject<HTMLElement>
  onClose: () => void
  children: ReactNode
}) {
  return (
    <Popover.Root open={open} onOpenChange={next => !next && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        {open && (
          <Popover.Content
            aria-label={label}
            align="end"
            sideOffset={2}
            collisionPadding={8}
            onCloseAutoFocus={event => {
              event.preventDefault()
              anchor.current?.focus()
            }}
            className="z-50 w-80 max-w-[94vw] rounded-lg border-2 border-navy bg-pane p-3 shadow-float"
          >
            {children}
          </Popover.Content>
        )}
      </Popover.Portal>
    </Popover.Root>
  )
}
