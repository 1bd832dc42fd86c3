// A choice from a short list.
'use client'
import { ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'

export interface Option {
  value: string
  label: string
}

/** A field or a pill; `label` is read out where none stands beside it. */
export function Choose({
  value,
  onChange,
  options,
  label,
  placeholder = 'Choose',
  pill = false,
  invalid = false,
}: {
  value: string
  onChange: (value: string) => void
  options: readonly Option[]
  label: string
  placeholder?: string
  pill?: boolean
  invalid?: boolean
}) {
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        aria-label={label}
        aria-invalid={invalid || undefined}
        className={
          pill
            ? 'inline-flex items-center gap-1.5 rounded-full border-[1.5px] border-hair bg-pane px-3.5 py-1 whitespace-nowrap'
            : 'field inline-flex items-center justify-between gap-1 text-left text-[14px] text-ink'
        }
      >
        <span className="truncate">
          {pill && <span className="max-xl:sr-only">{label}: </span>}
          {/* said by itself: the items, which would say it, stand only where the browser has taken over */}
          <Select.Value placeholder={placeholder}>{options.find(option => option.value === value)?.label}</Select.Value>
        </span>
        <Select.Icon>
          <ChevronDown size={14} aria-hidden />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-80 max-w-[min(92vw,28rem)] overflow-auto rounded-lg border-2 border-navy bg-pane shadow-float"
        >
          <Select.Viewport className="p-1">
            {options.map(option => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="cursor-pointer rounded px-3 py-1.5 outline-none data-[highlighted]:bg-navy data-[highlighted]:text-white data-[state=checked]:font-bold"
              >
                <Select.ItemText>{option.label}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  )
}
