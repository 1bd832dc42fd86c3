// What was typed before the page was ready counts. A script in the page’s head remembers it from the first key on, as React, once
// awake, puts the value a field was served with back into it; then it is typed again.
'use client'
import { useEffect } from 'react'

type Field = (HTMLInputElement | HTMLTextAreaElement) & { _valueTracker?: { setValue: (value: string) => void } }
declare global {
  interface Window {
    /** What was typed into fields that nobody listened to yet. */
    typedEarly?: Map<Field, string>
  }
}

const isAwake = (field: Field) => Object.keys(field).some(key => key.startsWith('__reactProps'))
/** The setter of the element itself, not the one React puts before it. */
const put = (field: Field, text: string) =>
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')?.set?.call(field, text)

function typeAgain(field: Field, text: string): void {
  put(field, text)
  // React compares with the value it met, which may be the typed one
  field._valueTracker?.setValue(text === '' ? ' ' : '')
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

/** The field itself, or the one that was put in its place. */
function standing(field: Field): Field | null {
  if (field.isConnected) return field
  const label = field.getAttribute('aria-label')
  const [by, name] = field.id ? ['id', field.id] : label ? ['aria-label', label] : ['name', field.name]
  return name ? document.querySelector<Field>(`${field.tagName}[${by}="${CSS.escape(name)}"]`) : null
}

/** A page awakes in parts: until when is looked, and how often, in milliseconds. */
const until = 10_000
const every = 50

/** Types into what was awake a look before already: what bears its props may not hear yet. */
function typeWhatWasTyped(awake: WeakSet<Field>): void {
  for (const [early, text] of window.typedEarly ?? []) {
    const field = standing(early)
    if (field && !isAwake(field)) continue
    if (field && !awake.has(field)) awake.add(field)
    else {
      window.typedEarly?.delete(early)
      if (field) typeAgain(field, text)
    }
  }
}
/** What a browser filled in without a key: it differs from what was served, and React met it so. */
function tellFilled(): void {
  for (const field of document.querySelectorAll<Field>(
    'input:not([type=checkbox], [type=radio], [type=file]), textarea',
  ))
    if (field.value !== field.defaultValue && field._valueTracker) {
      field._valueTracker.setValue(field.defaultValue)
      field.dispatchEvent(new Event('input', { bubbles: true }))
    }
}

export function EarlyTyping() {
  useEffect(() => {
    const awake = new WeakSet<Field>()
    const timer = setInterval(() => typeWhatWasTyped(awake), every)
    const filled = [0, 300, 1500, 5000].map(after => setTimeout(tellFilled, after))
    const end = setTimeout(() => clearInterval(timer), until)
    return () => {
      clearInterval(timer)
      for (const one of [...filled, end]) clearTimeout(one)
    }
  }, [])
  return null
}
