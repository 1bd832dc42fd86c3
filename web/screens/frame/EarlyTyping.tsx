// What was typed before the page was ready counts: every field that holds more than it was served with says so once more.
'use client'
import { useEffect } from 'react'

type Field = (HTMLInputElement | HTMLTextAreaElement) & { _valueTracker?: { setValue: (value: string) => void } }

/** Parts of a page are ready after one another: milliseconds after the first, at which the rest is looked at. */
const looks = [0, 300, 1500, 5000]

function tellTyped(): void {
  for (const field of document.querySelectorAll<Field>(
    'input:not([type=checkbox], [type=radio], [type=file]), textarea',
  )) {
    // whoever holds a field puts what is in it where it was served from: then nothing differs
    if (field.value === field.defaultValue || !field._valueTracker) continue
    // React compares with the value it met, which is the typed one
    field._valueTracker.setValue(field.defaultValue)
    field.dispatchEvent(new Event('input', { bubbles: true }))
  }
}

export function EarlyTyping() {
  useEffect(() => {
    const timers = looks.map(after => setTimeout(tellTyped, after))
    return () => timers.forEach(clearTimeout)
  }, [])
  return null
}
