// Something that needs the whole attention, over the page.
'use client'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

export function Modal({
  open,
  onClose,
  title,
  lead,
  children,
  wide = false,
}: {
  open: boolean
  onClose: () => void
  title: string
  lead?: string
  children: ReactNode
  /** `full`: as wide as the screen lets it be. */
  wide?: boolean | 'full'
}) {
  return (
    <Dialog.Root open={open} onOpenChange={next => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <Dialog.Content
          {...(lead ? {} : { 'aria-describedby': undefined })}
          className={`pane fixed top-1/2 left-1/2 z-50 flex max-h-[92dvh] w-[min(94vw,var(--w))] -translate-x-1/2 -translate-y-1/2 flex-col shadow-float ${wide === 'full' ? '[--w:1500px]' : wide ? '[--w:760px]' : '[--w:520px]'}`}
        >
          <div className="border-b border-hair px-5 py-3">
            <Dialog.Title className="text-lg">{title}</Dialog.Title>
            {lead && <Dialog.Description className="text-quiet">{lead}</Dialog.Description>}
          </div>
          <div className="min-h-0 overflow-auto px-5 py-4">{children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
