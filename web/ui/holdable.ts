// What was typed, in text any database can hold; said where a character had to be taken out.
import { mendedText, wellFormedData } from '@fair-tin/core/words'
import { toast } from 'sonner'

export function holdable<T>(typed: T): T {
  const kept = wellFormedData(typed)
  if (kept !== typed) toast(mendedText)
  return kept
}
