// A titled group of fields in a pane, and a pane that scrolls.
import type { ReactNode } from 'react'

export function Group({ title, note, children }: { title: string; note?: string; children: ReactNode }) {
  return (
    <div className="border-b border-hair py-2.5 last:border-0">
      <h2 className="text-base">{title}</h2>
      {note && <p className="text-[13px] text-quiet">{note}</p>}
      <div className="mt-1.5">{children}</div>
    </div>
  )
}

export function Scroller({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="pane max-lg:overflow-visible lg:min-h-0">
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
      <section className="px-4 py-2 lg:h-full lg:overflow-auto" tabIndex={0} aria-label={label}>
        {children}
      </section>
    </div>
  )
}
