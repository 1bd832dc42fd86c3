// A titled section of a face of the lid.
import type { ReactNode } from 'react'

export const FacePart = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="border-b border-hair py-2.5 first:pt-0 last:border-0">
    <h2 className="mb-1 text-[15px]">{title}</h2>
    {children}
  </section>
)
