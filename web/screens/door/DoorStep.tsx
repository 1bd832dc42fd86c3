// The sheet every way in is written on.
import type { ReactNode } from 'react'

export const DoorStep = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="m-auto w-full max-w-md rounded-pane border-2 border-navy bg-pane p-6">
    <p className="font-head text-[19px] leading-none font-extrabold text-navy">Fair Tin</p>
    <h1 className="mt-3 mb-4 text-2xl">{title}</h1>
    {children}
  </section>
)

export function Field({
  label,
  value,
  onChange,
  type = 'text',
  autoComplete,
  note,
}: {
  label: string
  value: string
  onChange: (value: string) => void
  type?: 'text' | 'email' | 'password'
  autoComplete?: string
  note?: string
}) {
  return (
    <label className="mb-3 block">
      <span className="block text-[13.5px] text-quiet">{label}</span>
      <input
        className="field"
        type={type}
        value={value}
        autoComplete={autoComplete}
        onChange={event => onChange(event.target.value)}
        required
      />
      {note && <span className="block text-[13px] text-quiet">{note}</span>}
    </label>
  )
}

export const Wrong = ({ children }: { children: string }) =>
  children ? (
    <p role="alert" className="mb-3 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
      {children}
    </p>
  ) : null
