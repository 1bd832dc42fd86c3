// Digits for a knuckle: what is typed stands beside it, and can be typed on a keyboard as well.
'use client'
import { Delete } from 'lucide-react'

const keys = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0', '.']
/** Nothing on a scale is longer. */
const longest = 8

export function NumberPad({
  value,
  onChange,
  label,
}: {
  value: string
  onChange: (value: string) => void
  label: string
}) {
  const press = (key: string) => {
    if (key === '.' && value.includes('.')) return
    if (value.length < longest) onChange(value === '0' && key !== '.' ? key : value + key)
  }
  return (
    <fieldset className="grid grid-cols-3 gap-2" aria-label={label}>
      {keys.map(key => (
        <button key={key} type="button" className="slab figure !min-h-[54px] !text-[26px]" onClick={() => press(key)}>
          {key}
        </button>
      ))}
      <button
        type="button"
        className="slab !min-h-[54px]"
        aria-label="Take the last digit away"
        onClick={() => onChange(value.slice(0, -1))}
      >
        <Delete size={26} aria-hidden />
      </button>
    </fieldset>
  )
}
