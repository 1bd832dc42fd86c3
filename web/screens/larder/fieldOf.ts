// How the sheet draws one field of text: with its label, and its refusal where it was refused.
import type { ReactNode } from 'react'

export type FieldOf = (
  path: string,
  value: string,
  onChange: (value: string) => void,
  label: string,
  more?: { hint?: string; className?: string },
) => ReactNode
