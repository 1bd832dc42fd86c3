// What was typed before the page was ready counts: every field that holds more than it was served with says so once more.
'use client'
import { useEffect } from 'react'

type Field = (HTMLInputElement | HTMLTextAreaElement) & { _valueTracker?: { setValue: (value: string) => void } }

export function EarlyTyping() {
  useEffect(() => {
    for (const field of document.querySelectorAll<Field>(
      'input:not([type=checkbox], [type=radio], [type=file]), textarea',
    )) {
      if (field.value === field.defaultValue) continue
      // React compares with the value it met, which is the typed one
      field._valueTracker?.setValue(field.defaultValue)
      field.dispatchEvent(new Event('input', { bubbles: true }))
    }
  }, [])
  return null
}
